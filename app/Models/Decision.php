<?php

declare(strict_types=1);

namespace App\Models;

use BuoyantStep\Core\Units\Mass;
use Illuminate\Database\Eloquent\Model;

/**
 * One line of the append-only record: who decided what, about which client (or clinic), on which facts, and why.
 * Never changed or removed; the database refuses it too.
 *
 * @property int $id
 * @property int $user_id
 * @property string $kind
 * @property string $says
 * @property array<string, mixed> $facts
 * @property string|null $reason
 * @property string $made_at
 */
final class Decision extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['facts' => 'array', 'user_id' => 'integer'];
    }

    /** @param  array<string, mixed>  $facts */
    public static function record(
        User $by,
        Client|Clinic $about,
        string $kind,
        string $says,
        array $facts = [],
        ?string $reason = null,
    ): self {
        return self::query()->create([
            'clinic_id' => $about instanceof Clinic
                ? $about->id
                : $about->clinic_id, 'client_id' => $about instanceof Clinic
                ? null
                : $about->id, 'user_id' => $by->id,
            'kind' => $kind, 'says' => Mass::cut($says, 300), 'facts' => $facts, 'reason' => $reason,
            'made_at' => now(),
        ]);
    }
}
