<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Rules;

use BuoyantStep\Core\Dose\Breach;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseField;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\DoseRule;
use BuoyantStep\Core\Dose\Reasons;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * Reps between the fewest and the most; where the two cross, the most holds and the conflict is DoseLimits' to
 * report.
 */
final class RepsRule implements DoseRule
{
    /** Reps between a lifted bottom and its top. House convention. */
    private const ROOM = 4;

    public function cut(Dose $dose, DoseLimits $limits, Reasons $because): Dose
    {
        if ($dose->kind !== DoseKind::Reps) {
            return $dose;
        }
        $least = $limits->number(Field::RepsMin) ?? 1;
        $most = $limits->number(Field::RepsMax) ?? PHP_INT_MAX;
        $lo = min($most, max($dose->amount->lo, $least));
        // A bottom that was lifted lifts the top with it.
        $top = $lo > $dose->amount->lo ? max($dose->amount->hi, $lo + self::ROOM) : $dose->amount->hi;
        $hi = max($lo, min($top, $most));
        $acted = [
            [$limits->tightest(Field::RepsMin), $lo !== $dose->amount->lo && $least > $dose->amount->lo],
            [$limits->tightest(Field::RepsMax), $hi !== $dose->amount->hi && $most < $dose->amount->hi],
        ];
        foreach ($acted as [$limit, $did]) {
            if ($did && $limit !== null) {
                $because->limit($limit);
            }
        }

        return $dose->with(amount: new Span($lo, $hi));
    }

    public function breaches(Dose $dose, DoseLimits $limits): iterable
    {
        if ($dose->kind !== DoseKind::Reps) {
            return;
        }
        $least = $limits->tightest(Field::RepsMin);
        if ($least !== null && $dose->amount->lo < $least->value) {
            yield new Breach(DoseField::AmountLo, $least);
        }
        $most = $limits->tightest(Field::RepsMax);
        if ($most !== null && $dose->amount->hi > $most->value) {
            yield new Breach(DoseField::AmountHi, $most);
        }
    }
}
