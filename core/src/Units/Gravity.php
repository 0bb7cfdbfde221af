<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

/** Standard gravity, exact by definition (CGPM 1901). */
final class Gravity
{
    /** m/s²; and what one kilogram hanging from a luggage scale pulls, in newtons. */
    public const G = 9.80665;
}
