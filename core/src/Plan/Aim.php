<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What the programme is for. */
enum Aim: string implements Labelled
{
    case Strength = 'strength';
    case Size = 'size';
    case Endurance = 'endurance';
    case Learn = 'learn';
    case WakeUp = 'wake_up';

    public function label(): string
    {
        return match ($this) {
            self::Strength => 'strength',
            self::Size => 'muscle size',
            self::Endurance => 'endurance',
            self::Learn => 'learn',
            self::WakeUp => 'wake the muscles up',
        };
    }
}
