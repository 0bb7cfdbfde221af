<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** A part of the body that an exercise cannot do without. */
enum Part: string implements Word
{
    case Arm = 'arm';
    case Leg = 'leg';
    /** The muscles of the trunk move or hold against a load. */
    case Trunk = 'trunk';
    /** Sitting upright without a belt. */
    case Sitting = 'sitting';

    public function label(): string
    {
        return match ($this) {
            self::Arm => 'arm',
            self::Leg => 'leg',
            self::Trunk => 'trunk',
            self::Sitting => 'sitting without a belt',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    public function region(): Region
    {
        return match ($this) {
            self::Arm => Region::Upper,
            self::Leg => Region::Lower,
            self::Trunk, self::Sitting => Region::Trunk,
        };
    }

    /** What lets an exercise do without it; null when nothing does. */
    public function easedBy(): ?ChangeKind
    {
        return $this === self::Sitting ? ChangeKind::TrunkBelt : null;
    }
}
