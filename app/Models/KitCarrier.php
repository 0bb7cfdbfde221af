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
 * @property int $max_mass_g
 * @property int $max_pieces
 * @property string $grip
 * @property string $worn_on where it goes when its grip is none
 * @property bool $plates
 */
final class KitCarrier extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'mass_g' => 'integer', 'count' => 'integer', 'max_mass_g' => 'integer', 'max_pieces' => 'integer',
            'plates' => 'boolean',
        ];
    }
}
