<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Gate;

/** What today's state allows, from free to stop. The most cautious finding wins. */
enum GateVerdict: string
{
    case Go = 'go';
    case Lighter = 'lighter';
    case Wait = 'wait';
    case NotToday = 'not_today';
    case StopAndCall = 'stop_and_call';

    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function label(): string
    {
        return match ($this) {
            self::Go => 'Go',
            self::Lighter => 'Go, lighter',
            self::Wait => 'Wait, then check again',
            self::NotToday => 'Not today',
            self::StopAndCall => 'Stop and call',
        };
    }
}
