<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A question or a change that a client told, and the clinician's short answer. No chat: one of each.
 *
 * @property int $id
 * @property int $client_id
 * @property int|null $user_id  who wrote it down; null where the client did
 * @property MessageKind $kind
 * @property string $says
 * @property string|null $answer
 * @property int|null $answered_by
 * @property Carbon|null $answered_at
 * @property Carbon $created_at
 * @property-read User|null $user
 * @property-read User|null $answeredBy
 */
final class Message extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MessageKind::class, 'answered_at' => 'datetime'];
    }

    public function isOpen(): bool
    {
        return $this->answered_at === null;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function answeredBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'answered_by');
    }
}
