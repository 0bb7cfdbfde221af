<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Vocabulary\Labelled;
use BuoyantStep\Core\Vocabulary\Watched;

/** What is seen or said before a session and answered by yes or no. */
enum Seen: string implements Labelled
{
    case SkinIntact = 'skin_ok';
    case LimbChange = 'limb_change';
    case IrregularPulse = 'irregular_pulse';
    case Unwell = 'unwell';
    case SleptBadly = 'slept_badly';

    public function label(): string
    {
        return match ($this) {
            self::SkinIntact => 'Skin intact at the contacts',
            self::LimbChange => 'Limb swollen or larger',
            self::IrregularPulse => 'Pulse irregular',
            self::Unwell => 'Feels unwell',
            self::SleptBadly => 'Slept badly',
        };
    }

    /** What a limit asks to be watched when it wants this answer; null for what no limit asks. */
    public function watched(): ?Watched
    {
        return match ($this) {
            self::SkinIntact => Watched::Skin,
            self::LimbChange => Watched::LimbGirth,
            default => null,
        };
    }
}
