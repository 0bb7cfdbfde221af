<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

/** How far an estimated 1RM is to be believed. A rough one may set a cap or a target, never a step. */
enum Confidence: string
{
    case Good = 'good';
    case Fair = 'fair';
    case Rough = 'rough';
    case None = 'none';

    public function lower(): self
    {
        return match ($this) {
            self::Good => self::Fair,
            self::Fair => self::Rough,
            default => self::None,
        };
    }
}
