<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Where one client stands, as it was last worked out: what Today reads. A trigger of the database makes it stale when
 * anything changes that it was worked out from.
 *
 * @property int $client_id
 * @property int $clinic_id
 * @property int $changes
 * @property bool $stale
 * @property string|null $worked_on
 * @property int $rank  of the first need that is not put off; QUIET where there is none
 * @property string $name
 * @property array{
 *     age: int|null, last: string|null, plan: int|null, days: list<int>, retest_on: string|null,
 *     dates: list<array{on: string, says: string}>, assigned: int|null
 * }|null $shown
 * @property-read Collection<int, KeptNeed> $needs
 */
final class Standing extends Model
{
    public const QUIET = 200;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'client_id';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['stale' => 'boolean', 'shown' => 'array', 'rank' => 'integer', 'changes' => 'integer'];
    }

    /** @return HasMany<KeptNeed, $this> most urgent first, as they were written */
    public function needs(): HasMany
    {
        return $this->hasMany(KeptNeed::class, 'client_id', 'client_id')->orderBy('id');
    }
}
