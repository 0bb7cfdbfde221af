<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\FloorTransfer;

/**
 * Who is fragile without any condition that says so: 80 or older, or alone and unable to rise from the floor. House
 * convention.
 */
final class Frailty
{
    private const FROM_AGE = 80;

    public static function of(Facts $facts): bool
    {
        $function = $facts->client->function;

        return $facts->client->age($facts->on) >= self::FROM_AGE
            || ($function->isAlone() && $function->floorTransfer !== FloorTransfer::Alone);
    }
}
