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

    /** Higher is more to be believed, 0 to 3. */
    public function rank(): int
    {
        return match ($this) {
            self::Good => 3,
            self::Fair => 2,
            self::Rough => 1,
            self::None => 0,
        };
    }

    public function lower(): self
    {
        return match ($this) {
            self::Good => self::Fair,
            self::Fair => self::Rough,
            default => self::None,
        };
    }
}
