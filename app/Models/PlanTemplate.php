<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Exercises that a clinic starts plans from.
 *
 * @property int $id
 * @property int $clinic_id
 * @property int $user_id
 * @property string $name
 * @property list<string> $exercises  family and rung, as in "seat_rise/no_hands"
 */
final class PlanTemplate extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['exercises' => 'array', 'clinic_id' => 'integer'];
    }
}
