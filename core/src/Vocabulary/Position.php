<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** Where the body is. Some are demanded by a rung, some only ruled out by a limit. */
enum Position: string implements Word
{
    case Standing = 'standing';
    case Seated = 'seated';
    case SupineFlat = 'supine_flat';
    case SupineRaised = 'supine_raised';
    case Prone = 'prone';
    case SideLying = 'side_lying';
    case SideLyingLeft = 'side_lying_left';
    case SideLyingRight = 'side_lying_right';
    case Inverted = 'inverted';
    case Quadruped = 'quadruped';
    case Kneeling = 'kneeling';
    case Floor = 'floor';
    case BareFeet = 'bare_feet';
    case ArmsOverhead = 'arms_overhead';
    case LongStaticStanding = 'long_static_standing';

    public function label(): string
    {
        return match ($this) {
            self::Standing => 'standing',
            self::Seated => 'seated',
            self::SupineFlat => 'flat on the back',
            self::SupineRaised => 'on the back, trunk raised',
            self::Prone => 'on the front',
            self::SideLying => 'on the side',
            self::SideLyingLeft => 'on the left side',
            self::SideLyingRight => 'on the right side',
            self::Inverted => 'head below the hips',
            self::Quadruped => 'on hands and knees',
            self::Kneeling => 'kneeling',
            self::Floor => 'on the floor',
            self::BareFeet => 'bare feet',
            self::ArmsOverhead => 'arms overhead',
            self::LongStaticStanding => 'standing still for long',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    /** The part of the body that the position loads: a limit on one knee is matched there. */
    public function part(): Region
    {
        return match ($this) {
            self::Kneeling, self::BareFeet => Region::Lower,
            self::ArmsOverhead => Region::Upper,
            default => Region::Whole,
        };
    }

    /** @return list<ChangeKind> what keeps the exercise where this position is out, the nearest first */
    public function easedBy(): array
    {
        return match ($this) {
            self::SupineFlat => [ChangeKind::WedgeTrunk, ChangeKind::SideLyingInstead, ChangeKind::SeatedInstead],
            self::Standing, self::LongStaticStanding, self::Quadruped, self::Kneeling => [ChangeKind::SeatedInstead],
            default => [],
        };
    }

    /** Whoever works one side lying on the side lies on the other one. */
    public function lyingFor(Side $side): self
    {
        return $this !== self::SideLying ? $this : match ($side) {
            Side::Left => self::SideLyingRight,
            Side::Right => self::SideLyingLeft,
            Side::Both => self::SideLying,
        };
    }
}
