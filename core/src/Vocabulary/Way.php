<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** One of the ways that a choice offers; the usual way of each choice stands first. */
enum Way: string
{
    case StanceHip = 'stance_hip';
    case StanceWide = 'stance_wide';
    case StanceNarrow = 'stance_narrow';
    case StanceToesOut = 'stance_toes_out';
    case PalmsAny = 'palms_any';
    case PalmsUp = 'palms_up';
    case PalmsDown = 'palms_down';
    case PalmsFacing = 'palms_facing';
    case PalmsInTurn = 'palms_in_turn';
    case ElbowsHalf = 'elbows_half';
    case ElbowsIn = 'elbows_in';
    case ElbowsOut = 'elbows_out';
    case ElbowsInTurn = 'elbows_in_turn';
    case HoldCounter = 'hold_counter';
    case HoldRail = 'hold_rail';
    case HoldWall = 'hold_wall';
    case HoldChair = 'hold_chair';
    case HoldStick = 'hold_stick';
    case FeetShoes = 'feet_shoes';
    case FeetBare = 'feet_bare';

    public function of(): Choice
    {
        return Choice::from(explode('_', $this->value)[0]);
    }

    public function label(): string
    {
        return match ($this) {
            self::StanceHip => 'hip width',
            self::StanceWide => 'wide',
            self::StanceNarrow => 'narrow',
            self::StanceToesOut => 'toes out',
            self::PalmsAny => 'as it comes',
            self::PalmsUp => 'up',
            self::PalmsDown => 'down',
            self::PalmsFacing => 'facing each other',
            self::PalmsInTurn => 'up and down in turn',
            self::ElbowsHalf => 'half way out',
            self::ElbowsIn => 'close to the ribs',
            self::ElbowsOut => 'out',
            self::ElbowsInTurn => 'in and out in turn',
            self::HoldCounter => 'a fixed counter',
            self::HoldRail => 'a fixed rail',
            self::HoldWall => 'a wall',
            self::HoldChair => 'a heavy chair',
            self::HoldStick => 'a stick',
            self::FeetShoes => 'in shoes',
            self::FeetBare => 'bare',
        };
    }

    /** To the client; null for the usual way, of which the set-up speaks already. */
    public function says(): ?string
    {
        return match ($this) {
            self::StanceHip, self::PalmsAny, self::ElbowsHalf, self::HoldCounter, self::FeetShoes => null,
            self::StanceWide => 'Stand with the feet wider than the hips.',
            self::StanceNarrow => 'Stand with the feet close together and take small steps.',
            self::StanceToesOut => 'Turn the toes out a little, knees over the toes.',
            self::PalmsUp => 'Palms up.',
            self::PalmsDown => 'Palms down.',
            self::PalmsFacing => 'Palms face each other.',
            self::PalmsInTurn => 'One set with the palms up, the next with the palms down.',
            self::ElbowsIn => 'Elbows close to the ribs.',
            self::ElbowsOut => 'Elbows out to the sides.',
            self::ElbowsInTurn => 'One set with the elbows in, the next with the elbows out.',
            self::HoldRail => 'Hold on to the fixed rail.',
            self::HoldWall => 'Put the hand flat on the wall.',
            self::HoldChair => 'Hold on to a heavy chair that stands against a wall.',
            self::HoldStick => 'Hold the stick in the hand opposite the weaker leg.',
            self::FeetBare => 'Bare feet, on a dry floor that is not slippery.',
        };
    }

    /** The most that what one holds on to here can carry; null where the choice is about something else. */
    public function support(): ?Support
    {
        return match ($this) {
            // Neither a stick nor a chair is fixed to the house: house convention, cautious.
            self::HoldStick => Support::Fingertip,
            self::HoldChair, self::HoldWall => Support::OneHand,
            self::HoldCounter, self::HoldRail => Support::TwoHands,
            default => null,
        };
    }
}
