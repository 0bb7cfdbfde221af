<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

enum FloorTransfer: string
{
    case None = 'none';
    case Helped = 'helped';
    case Alone = 'alone';
}
