<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

enum Formula: string
{
    case Auto = 'auto';
    case Epley = 'epley';
    case Brzycki = 'brzycki';
}
