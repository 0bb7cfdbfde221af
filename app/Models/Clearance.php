<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $client_id
 * @property int $user_id
 * @property string $given_by
 * @property string $given_on
 * @property string|null $until
 * @property string|null $restrictions
 */
final class Clearance extends Model
{
    protected $guarded = [];
}
