<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A figure that a clinic lead has set in place of a rule's default, for every client of the clinic.
 *
 * @property int $id
 * @property int $clinic_id
 * @property int $user_id
 * @property string $rule
 * @property string $field
 * @property int $value
 * @property bool $loosens
 * @property string|null $reason
 */
final class ClinicFigure extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value' => 'integer', 'loosens' => 'boolean'];
    }
}
