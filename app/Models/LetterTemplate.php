<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A clinic's own words around the fields of one kind of letter.
 *
 * @property int $id
 * @property int $clinic_id
 * @property int $user_id
 * @property LetterKind $kind
 * @property string $body
 */
final class LetterTemplate extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => LetterKind::class];
    }
}
