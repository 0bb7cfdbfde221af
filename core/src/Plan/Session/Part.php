<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Session;

use BuoyantStep\Core\Vocabulary\Labelled;

/** The parts of a session, in their order. */
enum Part: string implements Labelled
{
    case WarmUp = 'warm_up';
    case Activation = 'activation';
    case Main = 'main';
    case CoolDown = 'cool_down';

    public function label(): string
    {
        return match ($this) {
            self::WarmUp => 'warm-up',
            self::Activation => 'activation',
            self::Main => 'main part',
            self::CoolDown => 'cool-down',
        };
    }
}
