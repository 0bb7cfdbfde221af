<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A phone on which a client's page was opened with its PIN.
 *
 * @property int $id
 * @property int $home_page_id
 * @property string $token_hash
 * @property Carbon|null $seen_at
 * @property-read HomePage $page
 */
final class HomeDevice extends Model
{
    protected $guarded = [];

    protected $hidden = ['token_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }

    /** @return BelongsTo<HomePage, $this> */
    public function page(): BelongsTo
    {
        return $this->belongsTo(HomePage::class, 'home_page_id');
    }
}
