<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** Part of the body a limit binds or an exercise uses. `any` binds all; `whole` uses all. */
enum Region: string
{
    case Any = 'any';
    case Upper = 'upper';
    case Lower = 'lower';
    case Trunk = 'trunk';
    case Whole = 'whole';

    public function touches(self $other): bool
    {
        return $this === self::Any || $this === $other || $this === self::Whole || $other === self::Whole;
    }
}
