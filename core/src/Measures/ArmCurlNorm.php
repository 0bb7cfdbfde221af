<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Client\Sex;
use BuoyantStep\Core\Units\Span;

/** 30 s arm curl, dominant arm: the middle half of the population. Source: Rikli and Jones 1999, 2013. */
final class ArmCurlNorm
{
    /** The norm holds for these loads only: 5 lb for women, 8 lb for men. */
    public const LOAD_G = ['female' => 2270, 'male' => 3630];

    /** A dumbbell within this of the norm's load counts as it. House convention. */
    public const LOAD_TOLERANCE_G = 60;

    private const MIDDLE_HALF = [
        'female' => [
            60 => [13, 19], 65 => [12, 18], 70 => [12, 17], 75 => [11, 17], 80 => [10, 16], 85 => [10, 15],
            90 => [8, 13],
        ],
        'male' => [
            60 => [16, 22], 65 => [15, 21], 70 => [14, 21], 75 => [13, 19], 80 => [13, 19], 85 => [11, 17],
            90 => [10, 14],
        ],
    ];

    /** Null outside ages 60 to 94, for sex `other`, and for another load: there is no norm. */
    public static function middleHalf(int $age, Sex $sex, ?int $loadG): ?Span
    {
        $load = self::LOAD_G[$sex->value] ?? null;
        if (
            $age < 60
            || $age > 94
            || $load === null
            || $loadG === null
            || abs($loadG - $load) > self::LOAD_TOLERANCE_G
        ) {
            return null;
        }
        $row = self::MIDDLE_HALF[$sex->value][intdiv($age, 5) * 5] ?? null;

        return $row === null ? null : new Span($row[0], $row[1]);
    }
}
