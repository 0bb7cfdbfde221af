<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A need that was put off to a day. It holds for that one need as it was: one that says something else is another one.
 *
 * @property int $id
 * @property int $client_id
 * @property int $user_id
 * @property string $kind
 * @property string $about
 * @property string $until
 * @property string $reason
 */
final class Snooze extends Model
{
    protected $guarded = [];
}
