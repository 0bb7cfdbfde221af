<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Vocabulary\Region;

/** Orders and counts that come as details of a condition, written "name:number"; and which limb a detail names. */
final class Orders
{
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

    /** An ordered lift limit in grams, or the default. */
    public static function grams(Condition $condition, int $default): int
    {
        return self::number($condition, 'lift_g') ?? $default;
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
