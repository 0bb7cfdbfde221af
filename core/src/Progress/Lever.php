<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

/** What moves in a step, in the words of a line on Review. */
enum Lever: string
{
    case Load = 'load';
    case Pull = 'pull';
    case Reps = 'reps';
    case Seconds = 'seconds';
    case Steps = 'steps';
    case Trips = 'trips';
    case Metres = 'metres';
    case Sets = 'sets';
    case Tempo = 'tempo';
    case Rung = 'rung';
    case Measure = 'measure';
    case Limit = 'limit';

    /** Does it only count a little more of the same? */
    public function isCount(): bool
    {
        return in_array($this, [self::Reps, self::Seconds, self::Steps, self::Trips, self::Metres], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::Tempo => 'slower lowering',
            self::Rung => 'another rung',
            self::Measure => 'by an easy set',
            self::Limit => 'down to a limit',
            default => $this->value,
        };
    }
}
