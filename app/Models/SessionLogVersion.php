<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a session said before it was corrected, or what was sent too late to count.
 *
 * @property int $id
 * @property int $session_log_id
 * @property int $user_id
 * @property int $version
 * @property LogSource $source
 * @property string|null $content_hash
 * @property bool $was_in_force
 * @property array{session: array<string, mixed>, items: list<array<string, mixed>>} $content
 * @property Carbon $created_at
 */
final class SessionLogVersion extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'version' => 'integer', 'source' => LogSource::class, 'was_in_force' => 'boolean', 'content' => 'array',
        ];
    }
}
