<?php

declare(strict_types=1);

namespace App\Models;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What is written from the record. */
enum LetterKind: string implements Labelled
{
    case Note = 'note';
    case Referrer = 'referrer';
    case Clearance = 'clearance';
    case Discharge = 'discharge';

    public function label(): string
    {
        return match ($this) {
            self::Note => 'progress note',
            self::Referrer => 'letter to the referrer',
            self::Clearance => 'letter that asks for clearance',
            self::Discharge => 'discharge summary',
        };
    }
}
