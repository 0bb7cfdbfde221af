<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Region;

/** Orders and counts that come as details of a condition, written "name:number"; and which limb a detail names. */
final class Orders
{
    /** After an operation without an order: ten pounds, as most letters say. House convention. */
    private const UNORDERED_G = 4500;

    /** The smallest number given under that name, because the tighter order wins; null when none is. */
    public static function number(Condition $condition, string $name): ?int
    {
        $found = null;
        foreach ($condition->details as $detail) {
            if (preg_match('/^'.preg_quote($name, '/').':(\d{1,6})$/', $detail, $m) === 1) {
                $found = min($found ?? PHP_INT_MAX, (int) $m[1]);
            }
        }

        return $found;
    }

    /** @param  list<string>  $names */
    public static function isNumber(string $detail, array $names): bool
    {
        foreach ($names as $name) {
            if (self::number(new Condition('', details: [$detail]), $name) !== null) {
                return true;
            }
        }

        return false;
    }

    /** An ordered lift limit, grams, both hands together; null where none is given. */
    public static function lift(Condition $condition): ?int
    {
        return self::number($condition, 'lift_g');
    }

    /**
     * What may be lifted after an operation: the surgeon's figure, or the house's until there is one.
     *
     * @return array{int, string} grams, both hands together, and the reason
     */
    public static function surgeonsLift(Condition $condition): array
    {
        $ordered = self::lift($condition);

        return $ordered === null
            ? [self::UNORDERED_G, 'Lift '.Mass::say(self::UNORDERED_G).' in all at most (no order given).']
            : [$ordered, 'Surgeon\'s lift limit, both hands together.'];
    }

    /** Arms or legs when the details say so, else everything. */
    public static function region(Condition $condition): Region
    {
        return match (true) {
            $condition->has('arms') && ! $condition->has('legs') => Region::Upper,
            $condition->has('legs') && ! $condition->has('arms') => Region::Lower,
            default => Region::Any,
        };
    }
}
