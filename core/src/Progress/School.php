<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

/** A way of moving on. One class each in Schools/, registered once in NextDose. */
interface School
{
    public function code(): string;

    public function propose(Course $course): Proposal;
}
