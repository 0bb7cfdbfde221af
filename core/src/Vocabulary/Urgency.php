<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** Whom a red flag is for. */
enum Urgency: string
{
    case CallNow = 'call_now';
    case Refer = 'refer';

    public function does(): string
    {
        return match ($this) {
            self::CallNow => 'Stop. Call the emergency number or the treating team, by your local rules.',
            self::Refer => 'Stop. Tell the treating team today, by your local rules.',
        };
    }
}
