<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Vocabulary\DoseKind;

/** A way of moving on. One class each in Schools/, registered once in SchoolBook. */
interface School
{
    public function code(): string;

    /** As a clinic chooses it. */
    public function label(): string;

    /** Can it move what is counted so? */
    public function serves(DoseKind $kind): bool;

    public function propose(Course $course): Proposal;
}
