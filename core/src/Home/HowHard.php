<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * How hard a set was, in words that somebody alone can answer: how many more would have gone, how heavy it felt, or how
 * steady it was. Five or more left is the least that is told apart (Zourdos 2016).
 */
enum HowHard: string
{
    case FiveLeft = 'five_left';
    case ThreeLeft = 'three_left';
    case TwoLeft = 'two_left';
    case OneLeft = 'one_left';
    case NoneLeft = 'none_left';
    case Light = 'light';
    case Moderate = 'moderate';
    case Hard = 'hard';
    case VeryHard = 'very_hard';
    case Steady = 'steady';
    case Wobbly = 'wobbly';
    case HeldOn = 'held_on';

    /** @return non-empty-list<self> from the easiest */
    public static function choices(Goal $goal, DoseKind $kind): array
    {
        return match (true) {
            $goal === Goal::Balance => [self::Steady, self::Wobbly, self::HeldOn],
            $kind === DoseKind::Reps && ! $goal->isPreparation() && $goal !== Goal::Mobility => [
                self::FiveLeft, self::ThreeLeft, self::TwoLeft, self::OneLeft, self::NoneLeft,
            ],
            default => [self::Light, self::Moderate, self::Hard, self::VeryHard],
        };
    }

    /** Reps in reserve; null where they are not counted. */
    public function inReserve(): ?int
    {
        return match ($this) {
            self::FiveLeft => 5,
            self::ThreeLeft => 3,
            self::TwoLeft => 2,
            self::OneLeft => 1,
            self::NoneLeft => 0,
            default => null,
        };
    }

    /** 0 to 10, where reps in reserve do not tell it. */
    public function effort(): ?float
    {
        return match ($this) {
            self::Light, self::Steady => 3.0,
            self::Moderate, self::Wobbly => 5.0,
            self::Hard, self::HeldOn => 7.0,
            self::VeryHard => 9.0,
            default => null,
        };
    }

    /** Whoever grabs hold in a balance exercise did not hold its form. */
    public function breaksForm(): bool
    {
        return $this === self::HeldOn;
    }
}
