<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $client_id
 * @property int $user_id
 * @property string $test
 * @property string|null $side
 * @property string $measured_on
 * @property string|null $value
 * @property string|null $second_value
 * @property string|null $family
 * @property string|null $rung
 * @property int|null $load_g
 * @property int|null $reps
 * @property int|null $rir
 * @property string|null $not_tested
 */
final class MeasureResult extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['load_g' => 'integer', 'reps' => 'integer', 'rir' => 'integer'];
    }
}
