<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What the eyes do: closed is only ever demanded, any and open are limits. */
enum Vision: string implements Scale
{
    use InOrder;

    case EyesClosed = 'eyes_closed';
    case Any = 'any';
    case EyesOpen = 'eyes_open';

    public function label(): string
    {
        return match ($this) {
            self::EyesClosed => 'eyes closed',
            self::Any => 'eyes open or closed',
            self::EyesOpen => 'eyes open',
        };
    }

    public function code(): string
    {
        return $this->value;
    }
}
