<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** How one may breathe under load. */
enum Breath: string implements Scale
{
    use InOrder;

    case Free = 'free';
    case NoHolding = 'no_holding';

    public function label(): string
    {
        return match ($this) {
            self::Free => 'breathe as it comes',
            self::NoHolding => 'breathe out on effort, no holding',
        };
    }

    public function code(): string
    {
        return $this->value;
    }
}
