<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

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

    /**
     * Does the newest check, so many days old, still hold? A stop until a later check says otherwise, the rest for
     * their day. House convention, cautious.
     */
    public function holdsAfter(int $days): bool
    {
        return $this === self::StopAndCall || $days === 0;
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
