<?php

declare(strict_types=1);

namespace App\Models;

use BuoyantStep\Core\Caseload\NeedKind;
use Illuminate\Database\Eloquent\Model;

/**
 * One need of a client as it was last worked out. Never a fact: RenewNeeds writes it anew.
 *
 * @property int $id
 * @property int $client_id
 * @property int $clinic_id
 * @property NeedKind $kind
 * @property string $says
 * @property string $stage
 * @property string $about
 * @property string|null $snoozed_until
 * @property string|null $snoozed_because
 */
final class KeptNeed extends Model
{
    public $timestamps = false;

    protected $table = 'needs';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => NeedKind::class];
    }
}
