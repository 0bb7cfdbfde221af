<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $client_id
 * @property string $label
 * @property int $rest_mm
 * @property string $form
 * @property string $material
 * @property int $max_elongation_pct
 * @property list<array{length_mm: int, force_mn: int}> $pulls
 */
final class KitBand extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rest_mm' => 'integer', 'max_elongation_pct' => 'integer', 'pulls' => 'array'];
    }
}
