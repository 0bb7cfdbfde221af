<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $client_id
 * @property int|null $user_id  null where the client checked at home
 * @property string $checked_on
 * @property array<string, int|float|bool> $readings
 * @property list<string> $symptoms
 * @property int|null $pain
 * @property string $verdict
 * @property list<array{rule: string, says: string, source: string, verdict: string}> $because
 * @property list<string> $actions
 * @property list<string> $unknown
 * @property int|null $again_in_minutes
 * @property Carbon $created_at
 */
final class GateCheck extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'readings' => 'array', 'symptoms' => 'array', 'because' => 'array', 'actions' => 'array',
            'unknown' => 'array', 'pain' => 'integer', 'again_in_minutes' => 'integer',
        ];
    }
}
