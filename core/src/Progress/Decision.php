<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

enum Decision: string
{
    case StepUp = 'step_up';
    case Stay = 'stay';
    case Ease = 'ease';
    case Stop = 'stop';
    case Retest = 'retest';

    public function label(): string
    {
        return match ($this) {
            self::StepUp => 'Step up',
            self::Stay => 'Stay',
            self::Ease => 'Ease',
            self::Stop => 'Stop and call',
            self::Retest => 'Re-test',
        };
    }

    /** As Today says it before an exercise. */
    public function verb(): string
    {
        return $this === self::Retest ? 'Measure again' : $this->label();
    }

    /** Does something hold back? Then nothing steps by itself. */
    public function isBrake(): bool
    {
        return in_array($this, [self::Ease, self::Stop, self::Retest], true);
    }

    /** Does it wait for the clinician's own decision? What stays as it is asks for none. */
    public function asksForDecision(): bool
    {
        return $this !== self::Stay;
    }
}
