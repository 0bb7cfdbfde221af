<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

enum BirthKind: string
{
    case Vaginal = 'vaginal';
    case Caesarean = 'caesarean';
}
