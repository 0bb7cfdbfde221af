<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What may be chosen inside a rung without its becoming another. */
enum Choice: string
{
    case Stance = 'stance';
    case Palms = 'palms';
    case Elbows = 'elbows';
    case Hold = 'hold';
    case Feet = 'feet';

    public function label(): string
    {
        return match ($this) {
            self::Stance => 'Stance',
            self::Palms => 'Palms',
            self::Elbows => 'Elbows',
            self::Hold => 'Holds on to',
            self::Feet => 'Feet',
        };
    }

    /** @return list<Way> the usual one first */
    public function ways(): array
    {
        return array_values(array_filter(Way::cases(), fn (Way $w): bool => $w->of() === $this));
    }
}
