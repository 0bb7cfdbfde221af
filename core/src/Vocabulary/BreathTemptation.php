<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** How much an exercise tempts to hold the breath: high in a maximal hold, a heavy lift or a plank. */
enum BreathTemptation: string implements Labelled
{
    case Low = 'low';
    case High = 'high';

    public function label(): string
    {
        return $this === self::Low ? 'low' : 'high: a maximal hold, a heavy lift, a plank';
    }
}
