<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

/** Why a card closes. */
enum ClosingFor: string
{
    case Week = 'week';
    case Limits = 'limits';
    case Clearance = 'clearance';
}
