<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * What a gateway of a clinic proves itself with. The token itself is shown once, when it is made.
 *
 * @property int $id
 * @property int $clinic_id
 * @property string $label
 * @property string $token_hash
 * @property Carbon|null $revoked_at
 * @property Carbon $created_at
 * @property-read Clinic $clinic
 */
final class GatewayToken extends Model
{
    protected $guarded = [];

    protected $hidden = ['token_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revoked_at' => 'datetime'];
    }

    /** @return BelongsTo<Clinic, $this> */
    public function clinic(): BelongsTo
    {
        return $this->belongsTo(Clinic::class);
    }

    /** @return string the token, kept nowhere */
    public static function issue(Clinic $clinic, string $label, ?string $token = null): string
    {
        $token ??= Str::random(48);
        self::query()->create(['clinic_id' => $clinic->id, 'label' => $label, 'token_hash' => hash('sha256', $token)]);

        return $token;
    }
}
