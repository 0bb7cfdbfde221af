<?php

declare(strict_types=1);

namespace App\Models;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What a client may tell between two visits. */
enum MessageKind: string implements Labelled
{
    case Question = 'question';
    case NewTablets = 'new_tablets';
    case Fell = 'fell';
    case Ill = 'ill';
    case Change = 'change';

    /** Told by the application itself. */
    case HomeLocked = 'home_locked';

    /** @return list<self> what a client, or whoever writes it down, may choose from */
    public static function told(): array
    {
        return [self::Question, self::NewTablets, self::Fell, self::Ill, self::Change];
    }

    public function label(): string
    {
        return match ($this) {
            self::Question => 'a question',
            self::NewTablets => 'new tablets, or others',
            self::Fell => 'a fall',
            self::Ill => 'was ill, or in hospital',
            self::Change => 'another change',
            self::HomeLocked => 'the page at home is locked',
        };
    }
}
