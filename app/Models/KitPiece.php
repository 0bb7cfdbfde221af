<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $client_id
 * @property string $label
 * @property int $mass_g
 * @property int $count
 * @property string $grip
 * @property string $worn_on where it goes when its grip is none
 * @property bool $holdable
 * @property bool $packable
 * @property bool $plate
 * @property bool $weighed
 */
final class KitPiece extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'mass_g' => 'integer', 'count' => 'integer', 'holdable' => 'boolean', 'packable' => 'boolean',
            'plate' => 'boolean', 'weighed' => 'boolean',
        ];
    }
}
