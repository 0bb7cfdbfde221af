<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

/** Seconds as the minutes that are shown: a minute that has begun counts. */
final class Minutes
{
    public static function round(int $seconds): int
    {
        return (int) ceil($seconds / 60);
    }
}
