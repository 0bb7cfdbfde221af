<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $session_log_id
 * @property int $plan_item_id
 * @property string $family
 * @property string $rung
 * @property array<string, mixed> $dose
 * @property list<array<string, mixed>> $sets
 * @property int|null $pain_during
 * @property list<string>|null $seen
 * @property string|null $support  the most that was held on to
 * @property int|null $pauses  short pauses inside the sets
 * @property string|null $instead  what was done in its place: then there are no sets
 */
final class LogItem extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'dose' => 'array', 'sets' => 'array', 'pain_during' => 'integer', 'seen' => 'array', 'pauses' => 'integer',
        ];
    }
}
