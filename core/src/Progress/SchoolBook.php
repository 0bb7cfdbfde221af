<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Progress\Schools\CriterionLadder;
use BuoyantStep\Core\Progress\Schools\EffortSteered;
use BuoyantStep\Core\Progress\Schools\FewerHeavier;
use BuoyantStep\Core\Progress\Schools\RepsFarThenLoad;
use BuoyantStep\Core\Progress\Schools\RepsThenLoad;
use BuoyantStep\Core\Progress\Schools\SecondsGrow;
use BuoyantStep\Core\Progress\Schools\TwoExtraReps;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Every school of progression, registered once. */
final class SchoolBook
{
    /** @return list<School> */
    public static function all(): array
    {
        return [
            new RepsThenLoad, new TwoExtraReps, new EffortSteered, new SecondsGrow, new RepsFarThenLoad,
            new FewerHeavier, new CriterionLadder,
        ];
    }

    /** @throws UnknownCode for a school that is not built */
    public static function find(string $code, string $pointer = '/school'): School
    {
        foreach (self::all() as $school) {
            if ($school->code() === $code) {
                return $school;
            }
        }
        $known = array_map(static fn (School $s): string => $s->code(), self::all());
        throw UnknownCode::of('school', $code, $known, $pointer);
    }

    /** The school that was chosen, where it serves what a dose counts; else the first that does. */
    public static function for(DoseKind $kind, ?string $chosen = null): School
    {
        $serving = array_filter(self::all(), static fn (School $s): bool => $s->serves($kind));
        foreach ($serving as $school) {
            if ($school->code() === $chosen) {
                return $school;
            }
        }

        return array_values($serving)[0] ?? new RepsThenLoad;
    }
}
