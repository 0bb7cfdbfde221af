<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Reasons;

/** Brakes first, then the school, then the limits once more over whatever came out. */
final class NextDose
{
    public static function propose(School $school, Course $course): Proposal
    {
        $proposal = Brakes::apply($course) ?? $school->propose($course);
        $because = new Reasons;
        $dose = $course->limits->cut($proposal->dose, $because, $course->ladderG ?? []);

        return $proposal->withDose($dose, $because->all());
    }
}
