<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

/** How a line of Today is marked. */
enum Mark: string
{
    case Stop = 'stop';
    case Look = 'look';
    case Up = 'up';
    case Ease = 'ease';
    case Quiet = 'quiet';
}
