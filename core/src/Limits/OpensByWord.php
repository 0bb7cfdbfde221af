<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/** Rules of a condition with a limit that may open on a date, once a clinician says so. */
interface OpensByWord
{
    public function opening(): DatedOpening;
}
