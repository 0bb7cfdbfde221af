<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What is counted. */
enum DoseKind: string
{
    case Reps = 'reps';
    case Seconds = 'seconds';
    case Steps = 'steps';
    case Trips = 'trips';

    /** Seconds that one unit takes when a rung does not say. */
    public function unit(int $n = 2): string
    {
        return match ($this) {
            self::Reps => $n === 1 ? 'rep' : 'reps',
            self::Seconds => 's',
            self::Steps => $n === 1 ? 'step' : 'steps',
            self::Trips => $n === 1 ? 'trip' : 'trips',
        };
    }

    /** As a scale is labelled: its own name, but "s" for seconds. */
    public function shortUnit(): string
    {
        return $this === self::Seconds ? 's' : $this->value;
    }
}
