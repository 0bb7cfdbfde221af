<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A client's own page: an address, a PIN, and the phones on which it was opened.
 *
 * @property int $id
 * @property int $client_id
 * @property int $user_id  who made it
 * @property string $code  of the address, sealed in the database
 * @property string $letters  the part of the PIN that is handed out, sealed
 * @property string|null $pin_hash  of a PIN that the client chose
 * @property string|null $line  from the clinician, shown on the page
 * @property int $wrong  PINs in a row
 * @property Carbon|null $wait_until
 * @property Carbon|null $locked_at
 * @property Carbon|null $expires_at
 * @property Carbon|null $revoked_at
 * @property Carbon $created_at
 * @property-read Client $client
 * @property-read \Illuminate\Database\Eloquent\Collection<int, HomeDevice> $devices
 */
final class HomePage extends Model
{
    protected $guarded = [];

    protected $hidden = ['code_hash', 'pin_hash'];

    protected $attributes = ['wrong' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'code' => 'encrypted', 'letters' => 'encrypted', 'wrong' => 'integer', 'wait_until' => 'datetime',
            'locked_at' => 'datetime', 'expires_at' => 'datetime', 'revoked_at' => 'datetime',
        ];
    }

    /** @return Builder<self> those that open */
    public static function open(): Builder
    {
        return self::query()->whereNull('revoked_at')->where(
            static fn (Builder $q): Builder => $q->whereNull('expires_at')->orWhere('expires_at', '>', now()),
        );
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<HomeDevice, $this> */
    public function devices(): HasMany
    {
        return $this->hasMany(HomeDevice::class);
    }
}
