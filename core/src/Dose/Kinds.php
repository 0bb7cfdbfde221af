<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Dose\Kinds\Hold;
use BuoyantStep\Core\Dose\Kinds\Metres;
use BuoyantStep\Core\Dose\Kinds\Reps;
use BuoyantStep\Core\Dose\Kinds\Seconds;
use BuoyantStep\Core\Dose\Kinds\Steps;
use BuoyantStep\Core\Dose\Kinds\Trips;
use BuoyantStep\Core\Vocabulary\DoseKind;
use LogicException;

/** Every kind of amount, registered once. */
final class Kinds
{
    public static function of(DoseKind $kind): KindRules
    {
        foreach (self::all() as $rules) {
            if ($rules->kind() === $kind) {
                return $rules;
            }
        }
        throw new LogicException($kind->value.' is counted by nobody.');
    }

    /** @return list<KindRules> */
    private static function all(): array
    {
        return [new Reps, new Seconds, new Hold, new Steps, new Trips, new Metres];
    }
}
