<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Dose\Dose;

/** The same exercise when the check before a session says lighter: half the sets, one at least. */
final class Lighter
{
    public static function of(Dose $dose): Dose
    {
        return $dose->with(sets: max(1, intdiv($dose->sets, 2)));
    }
}
