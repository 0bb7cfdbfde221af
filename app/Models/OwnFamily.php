<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A clinic's own exercise family: as a file of the catalogue. Never deleted, since plans and sessions name it.
 *
 * @property int $id
 * @property int $clinic_id
 * @property int $user_id
 * @property string $code
 * @property array<string, mixed> $data
 * @property string|null $reason
 * @property int $version
 * @property CarbonImmutable|null $retired_at
 */
final class OwnFamily extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['data' => 'array', 'version' => 'integer', 'retired_at' => 'immutable_datetime'];
    }
}
