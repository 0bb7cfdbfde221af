<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** How much an exercise loads the spine, and how much a limit allows; from free to tight. */
enum SpineLoad: string implements Labelled, Scale
{
    use InOrder;

    case High = 'high';
    case Moderate = 'moderate';
    case Low = 'low';

    public function label(): string
    {
        return match ($this) {
            self::High => 'any',
            self::Moderate => 'moderate at most',
            self::Low => 'low only',
        };
    }

    public function code(): string
    {
        return $this->value;
    }
}
