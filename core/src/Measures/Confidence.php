<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

enum Confidence: string
{
    case Good = 'good';
    case Fair = 'fair';
    case None = 'none';

    public function lower(): self
    {
        return $this === self::Good ? self::Fair : self::None;
    }
}
