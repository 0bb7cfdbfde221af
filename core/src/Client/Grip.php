<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Labelled;

/** What one hand can do: none, weak (hook, and soft below 2 kg), fair (up to power), full. */
enum Grip: string implements Labelled
{
    case None = 'none';
    case Weak = 'weak';
    case Fair = 'fair';
    case Full = 'full';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Weak => 'weak',
            self::Fair => 'fair',
            self::Full => 'full',
        };
    }

    /** House convention: a weak hand holds a soft bag only below this mass. */
    public const WEAK_SOFT_BELOW_G = 2000;

    public function allows(GripClass $class, int $massG = 0): bool
    {
        return match ($this) {
            self::None => $class === GripClass::None,
            self::Weak => $class->rank() <= GripClass::Hook->rank()
                || ($class === GripClass::Soft && $massG < self::WEAK_SOFT_BELOW_G),
            self::Fair => $class->rank() <= GripClass::Power->rank(),
            self::Full => true,
        };
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public static function weaker(self $a, self $b): self
    {
        return $a->rank() <= $b->rank() ? $a : $b;
    }
}
