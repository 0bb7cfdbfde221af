<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

/** Where an estimate comes from. */
enum EstimateFrom: string
{
    case EasySet = 'easy_set';
    case Log = 'log';

    public function label(): string
    {
        return match ($this) {
            self::EasySet => 'an easy set',
            self::Log => 'a logged set',
        };
    }
}
