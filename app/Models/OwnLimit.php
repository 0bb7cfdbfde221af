<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A limit set for one client by hand, with who asked for it. It holds until somebody ends it, whatever its date says.
 *
 * @property int $id
 * @property int $client_id
 * @property int $user_id
 * @property string $field
 * @property string $value
 * @property string $region
 * @property string $side
 * @property string $set_by
 * @property string $why
 * @property string|null $until
 * @property string|null $ended_at
 */
final class OwnLimit extends Model
{
    protected $guarded = [];

    /** @return array<string, string|null> in the core's open form */
    public function openForm(): array
    {
        return [
            'field' => $this->field, 'value' => $this->value, 'region' => $this->region, 'side' => $this->side,
            'by' => $this->set_by, 'why' => $this->why, 'until' => $this->until,
        ];
    }
}
