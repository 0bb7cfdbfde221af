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
}
