<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Units\Span;

/** What an exercise is for. The goal fixes sets, reps or seconds, effort, share of the 1RM, rest, tempo and days. */
enum Goal: string
{
    case WarmUp = 'warm_up';
    case WakeUp = 'wake_up';
    case Learn = 'learn';
    case Endurance = 'endurance';
    case StrengthEndurance = 'strength_endurance';
    case StrengthFirstBlock = 'strength_first_block';
    case StrengthOlder = 'strength_older';
    case StrengthTrained = 'strength_trained';
    case Size = 'size';
    case LightMany = 'light_many';
    case Isometric = 'isometric';
    case Balance = 'balance';
    case Power = 'power';
    case Mobility = 'mobility';
    case CoolDown = 'cool_down';

    /** A wake-up is no harder than this, of 10; over it, one set or five reps. Source: practice. */
    public const WAKE_UP_EFFORT = 3;

    public const WAKE_UP_REPS = 5;

    public function label(): string
    {
        return match ($this) {
            self::WarmUp => 'warm-up',
            self::WakeUp => 'wake-up',
            self::Learn => 'learn the movement',
            self::Endurance => 'endurance',
            self::StrengthEndurance => 'strength-endurance',
            self::StrengthFirstBlock => 'strength, first block',
            self::StrengthOlder => 'strength, after the first block',
            self::StrengthTrained => 'strength, trained',
            self::Size => 'muscle size',
            self::LightMany => 'light and many, for fragile bone',
            self::Isometric => 'hold',
            self::Balance => 'balance',
            self::Power => 'power',
            self::Mobility => 'mobility',
            self::CoolDown => 'cool-down',
        };
    }

    /** Is there nothing to make harder: does it only prepare? */
    public function isPreparation(): bool
    {
        return $this->isEasyMinutes() || $this === self::WakeUp;
    }

    /** Minutes that bring the breath and the pulse up, or down again. */
    public function isEasyMinutes(): bool
    {
        return $this === self::WarmUp || $this === self::CoolDown;
    }

    /** Counted by the clock rather than by reps. */
    public function isTimed(): bool
    {
        return $this->isEasyMinutes() || in_array($this, [self::Balance, self::Isometric, self::Mobility], true);
    }

    /**
     * Stances, warm-ups and stretches are no effortful holds: the longest hold that a limit allows does not bind
     * them.
     */
    public function isEffortfulHold(): bool
    {
        return ! $this->isEasyMinutes() && $this !== self::Balance && $this !== self::Mobility;
    }

    /**
     * Defaults, each editable inside the envelope. Percent is of the estimated 1RM. Power: ACSM 2009; Fragala 2019
     * (NSCA). Other sources: ACSM Guidelines 11th ed.; ACSM 2009 position stand; strength-endurance, isometric:
     * practice.
     */
    public function row(): GoalRow
    {
        return match ($this) {
            self::WarmUp => new GoalRow(
                new Span(1, 1), new Span(180, 300), new Span(2, 4), null, new Pace(0, '', new Span(2, 7)),
                'ACSM Guidelines, 11th ed.',
            ),
            // Three to five minutes: the least of them where a session is short; the clinician may type more.
            self::CoolDown => new GoalRow(
                new Span(1, 1), new Span(180, 180), new Span(2, 3), null, new Pace(0, '', new Span(2, 7)),
                'ACSM Guidelines, 11th ed.',
            ),
            self::WakeUp => new GoalRow(
                new Span(1, 2), new Span(5, 10), new Span(1, self::WAKE_UP_EFFORT), new Span(10, 40),
                new Pace(20, '2-0-1-0', new Span(2, 7)),
                'Practice; its share of the 1RM by house convention',
            ),
            self::Learn => new GoalRow(
                new Span(1, 2), new Span(8, 12), new Span(3, 5), new Span(40, 50),
                new Pace(60, '3-1-2-0', new Span(2, 3)),
                'ACSM Guidelines, 11th ed.',
            ),
            self::Isometric => new GoalRow(
                new Span(2, 4), new Span(10, 20), new Span(5, 7), null, new Pace(45, '', new Span(3, 5)),
                'Practice',
            ),
            self::Power => new GoalRow(
                new Span(1, 3), new Span(6, 10), new Span(4, 6), new Span(30, 60),
                new Pace(90, '3-0-fast-0', new Span(2, 2)),
                'ACSM 2009 position stand; Fragala 2019 (NSCA)',
            ),
            self::Mobility => new GoalRow(
                new Span(2, 4), new Span(10, 30), new Span(2, 3), null, new Pace(10, '', new Span(7, 7)),
                'ACSM Guidelines, 11th ed.',
            ),
            self::Balance => new GoalRow(
                new Span(2, 3), new Span(10, 30), new Span(3, 5), null, new Pace(30, '', new Span(3, 7)),
                'ACSM Guidelines, 11th ed.',
            ),
            default => $this->loadedRow(),
        };
    }

    private function loadedRow(): GoalRow
    {
        return match ($this) {
            self::Endurance => new GoalRow(
                new Span(2, 3), new Span(15, 20), new Span(5, 7), new Span(40, 50),
                new Pace(45, '2-0-2-0', new Span(2, 3)),
                'ACSM 2009 position stand',
            ),
            self::StrengthEndurance => new GoalRow(
                new Span(2, 4), new Span(12, 15), new Span(5, 7), new Span(50, 65),
                new Pace(75, '3-0-2-0', new Span(2, 3)),
                'ACSM 2009 position stand; practice',
            ),
            self::StrengthFirstBlock => new GoalRow(
                new Span(1, 2), new Span(10, 15), new Span(4, 6), new Span(40, 60),
                new Pace(60, '3-0-2-0', new Span(2, 3)),
                'ACSM Guidelines, 11th ed.',
            ),
            self::StrengthOlder => new GoalRow(
                new Span(1, 3), new Span(8, 12), new Span(6, 8), new Span(60, 80),
                new Pace(90, '3-0-2-0', new Span(2, 3)),
                'ACSM Guidelines, 11th ed.',
            ),
            self::StrengthTrained => new GoalRow(
                new Span(3, 4), new Span(6, 10), new Span(7, 8), new Span(70, 85),
                new Pace(120, '3-0-1-0', new Span(2, 3)),
                'ACSM 2009 position stand',
            ),
            self::Size => new GoalRow(
                new Span(3, 4), new Span(8, 12), new Span(7, 9), new Span(65, 80),
                new Pace(75, '3-0-1-0', new Span(2, 3)),
                'ACSM 2009 position stand (70-85 %); 65-80 % by house convention',
            ),
            default => new GoalRow(
                new Span(1, 2), new Span(10, 25), new Span(4, 6), new Span(30, 50),
                new Pace(60, '3-0-2-0', new Span(2, 3)),
                'School: light and many; chosen by the clinic or for this client',
            ),
        };
    }
}
