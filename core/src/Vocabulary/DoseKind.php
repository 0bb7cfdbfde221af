<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

use BuoyantStep\Core\Units\Span;

/** What is counted in a set: movement by reps or by the clock, one hold, or a way. */
enum DoseKind: string
{
    case Reps = 'reps';
    case Seconds = 'seconds';
    case Hold = 'hold';
    case Steps = 'steps';
    case Trips = 'trips';
    case Metres = 'metres';

    /** By the clock, rather than by counting. */
    public function isTimed(): bool
    {
        return $this === self::Seconds || $this === self::Hold;
    }

    public function unit(int $n = 2): string
    {
        return match ($this) {
            self::Reps => $n === 1 ? 'rep' : 'reps',
            self::Seconds, self::Hold => 's',
            self::Steps => $n === 1 ? 'step' : 'steps',
            self::Trips => $n === 1 ? 'trip' : 'trips',
            self::Metres => 'm',
        };
    }

    /** One set of it: "10-12", "20-30 s", and whole minutes as minutes. */
    public function says(Span $amount): string
    {
        return match (true) {
            $this->isMinutes($amount) => (new Span(intdiv($amount->lo, 60), intdiv($amount->hi, 60)))->label().' min',
            $this === self::Reps => $amount->label(),
            default => $amount->label().' '.$this->unit(),
        };
    }

    /** Is it told in whole minutes? */
    public function isMinutes(Span $amount): bool
    {
        return $this->isTimed() && $amount->lo >= 60 && $amount->lo % 60 === 0 && $amount->hi % 60 === 0;
    }

    /** To choose from. */
    public function label(): string
    {
        return match ($this) {
            self::Seconds => 'seconds of movement',
            self::Hold => 'seconds of one hold',
            default => $this->value,
        };
    }

    /** As a scale is labelled: its own name, but "s" for seconds. */
    public function shortUnit(): string
    {
        return $this->isTimed() ? 's' : $this->value;
    }

    /**
     * What else the same movement can be counted in.
     *
     * @return list<self>
     */
    public function others(): array
    {
        return match ($this) {
            self::Reps => [self::Seconds],
            self::Seconds => [self::Reps],
            self::Hold => [self::Reps],
            self::Steps => [self::Metres, self::Seconds],
            self::Trips => [self::Metres, self::Seconds],
            self::Metres => [self::Steps, self::Seconds],
        };
    }

    /** Are these the same thing to a log? A hold and a movement are both told in seconds. */
    public function isToldAs(self $other): bool
    {
        return $this === $other || ($this->isTimed() && $other->isTimed());
    }
}
