<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A link that a client answers at home before the visit, and what became of each answer.
 *
 * @property int $id
 * @property int $client_id
 * @property array<string, mixed>|null $answers
 * @property array<string, string> $decided  field to accepted or skipped
 * @property Carbon $expires_at
 * @property Carbon|null $submitted_at
 * @property-read Client $client
 */
final class HomeIntake extends Model
{
    protected $guarded = [];

    protected $hidden = ['token_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answers' => 'array', 'decided' => 'array', 'expires_at' => 'datetime', 'submitted_at' => 'datetime'];
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
