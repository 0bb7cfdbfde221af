<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $client_id
 * @property string $device_id
 * @property string $kind
 * @property array<string, float> $values
 * @property Carbon $measured_at
 * @property string $status
 * @property string|null $note
 * @property string|null $content_hash
 */
final class DeviceReading extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['values' => 'array', 'measured_at' => 'datetime'];
    }
}
