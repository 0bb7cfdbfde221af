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

    public function label(): string
    {
        return match ($this) {
            self::Question => 'a question',
            self::NewTablets => 'new tablets, or others',
            self::Fell => 'a fall',
            self::Ill => 'was ill, or in hospital',
            self::Change => 'another change',
        };
    }
}
