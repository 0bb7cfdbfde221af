<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

enum Standing: string
{
    case None = 'none';
    case Supported = 'supported';
    case Free = 'free';
}
