<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the sets of a logged exercise tell about the 1RM.
 *
 * @property int $id
 * @property int $client_id
 * @property int $log_item_id
 * @property string $family
 * @property string $rung
 * @property string $side
 * @property string $done_on
 * @property int $grams
 * @property string $confidence
 * @property string $says
 */
final class LoggedEstimate extends Model
{
    /** Twice as long as one is fresh (Measures\Estimate): older ones are not read. */
    public const DAYS = 56;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['grams' => 'integer'];
    }
}
