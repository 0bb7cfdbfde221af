<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

enum TrainingLevel: string
{
    case New = 'new';
    case Returning = 'returning';
    case Trained = 'trained';
}
