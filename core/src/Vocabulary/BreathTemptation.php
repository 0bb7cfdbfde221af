<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** How much an exercise tempts to hold the breath: high in a maximal hold, a heavy lift or a plank. */
enum BreathTemptation: string
{
    case Low = 'low';
    case High = 'high';
}
