<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $client_id
 * @property int $version
 * @property string $status
 * @property int $revision
 * @property string $aim
 * @property string $structure
 * @property int $minutes
 * @property list<int> $days
 * @property array{left: list<array{what?: string, pattern?: string, says: string}>, trims: list<string>} $notes
 * @property array<string, mixed>|null $wishes  by which it was drafted
 * @property array<string, mixed>|null $session  which parts its sessions have
 * @property int|null $block_weeks  until the re-test
 * @property string|null $block_start  the first issue of the block
 * @property bool $block_easier  is every fourth week an easier one?
 * @property string $drafted_on
 * @property string|null $issued_on
 * @property int|null $issued_by
 * @property-read Collection<int, PlanItem> $items
 * @property-read Client $client
 */
final class Plan extends Model
{
    public const DRAFT = 'draft';

    public const ISSUED = 'issued';

    public const SUPERSEDED = 'superseded';

    protected $guarded = [];

    protected $attributes = ['revision' => 1, 'block_easier' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'days' => 'array', 'notes' => 'array', 'wishes' => 'array', 'session' => 'array',
            'version' => 'integer', 'revision' => 'integer',
            'block_weeks' => 'integer', 'block_easier' => 'boolean',
            'minutes' => 'integer',
        ];
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<PlanItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(PlanItem::class)->orderBy('position');
    }
}
