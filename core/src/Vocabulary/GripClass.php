<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What a hand must do to hold a thing, from nothing (worn, cuff, strap) to a pinch. */
enum GripClass: string implements Labelled
{
    case None = 'none';
    case Hook = 'hook';
    case Soft = 'soft';
    case Power = 'power';
    case Pinch = 'pinch';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Hook => 'hook',
            self::Soft => 'soft',
            self::Power => 'power',
            self::Pinch => 'pinch',
        };
    }

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
