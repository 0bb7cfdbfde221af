<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $client_id
 * @property int $plan_id
 * @property int|null $user_id  null where the client told it
 * @property string $idempotency_key
 * @property string $done_on
 * @property int|null $pain_before
 * @property int|null $pain_next_morning
 * @property string|null $pain_where
 * @property string|null $stop_sign
 * @property string|null $stop_cleared_at
 * @property string|null $skipped
 * @property string|null $note
 * @property int $version
 * @property string|null $content_hash
 * @property LogSource $source
 * @property bool $to_see  it came from elsewhere, and nobody of the clinic has looked at it
 * @property-read Collection<int, SessionLogVersion> $earlier
 * @property-read Collection<int, LogItem> $items
 */
final class SessionLog extends Model
{
    protected $guarded = [];

    protected $attributes = ['version' => 1, 'source' => 'clinician'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'pain_before' => 'integer', 'pain_next_morning' => 'integer', 'version' => 'integer',
            'source' => LogSource::class, 'to_see' => 'boolean',
        ];
    }

    /** @return HasMany<LogItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(LogItem::class)->orderBy('id');
    }

    /** @return HasMany<SessionLogVersion, $this> what it said before it was corrected, newest first */
    public function earlier(): HasMany
    {
        return $this->hasMany(SessionLogVersion::class)->orderByDesc('id');
    }

    public function hasOpenStopSign(): bool
    {
        return $this->stop_sign !== null && $this->stop_cleared_at === null;
    }
}
