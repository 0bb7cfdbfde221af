<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Client\Sex;

/** 30 s chair stand: below average when fewer than this many stands. Source: CDC STEADI. */
final class ChairStandNorm
{
    private const BELOW_AVERAGE_IF_FEWER = [
        'male' => [60 => 14, 65 => 12, 70 => 12, 75 => 11, 80 => 10, 85 => 8, 90 => 7],
        'female' => [60 => 12, 65 => 11, 70 => 10, 75 => 10, 80 => 9, 85 => 8, 90 => 4],
    ];

    /** Null outside ages 60 to 94 and for sex `other`: there is no norm. */
    public static function cutOff(int $age, Sex $sex): ?int
    {
        return self::BELOW_AVERAGE_IF_FEWER[$sex->value][intdiv($age, 5) * 5] ?? null;
    }
}
