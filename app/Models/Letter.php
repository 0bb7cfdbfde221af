<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A note or a letter: drafted from the record, edited, and kept as it was sent.
 *
 * @property int $id
 * @property int $client_id
 * @property int $user_id
 * @property LetterKind $kind
 * @property string|null $recipient
 * @property string $body
 * @property list<array{says: string, at: string, path: string}> $facts
 * @property int $revision
 * @property Carbon|null $kept_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read User $user
 * @property-read Client $client
 */
final class Letter extends Model
{
    protected $guarded = [];

    protected $attributes = ['revision' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => LetterKind::class, 'facts' => 'array', 'revision' => 'integer', 'kept_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
