<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;

/**
 * @property int $id
 * @property int $clinic_id
 * @property string $name
 * @property string $email
 * @property string $role
 * @property string $password
 * @property bool $letter_keys
 * @property string|null $keep_key
 * @property-read Clinic $clinic
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'keep_key'];

    protected $attributes = ['letter_keys' => true, 'keep_key' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'letter_keys' => 'boolean', 'keep_key' => 'encrypted'];
    }

    /** An address is one address however it is capitalised. */
    public static function address(string $typed): string
    {
        return mb_strtolower(trim($typed));
    }

    public function setEmailAttribute(string $email): void
    {
        $this->attributes['email'] = self::address($email);
    }

    protected static function booted(): void
    {
        self::creating(static fn (self $user) => $user->keep_key ??= self::newKeepKey());
    }

    private static function newKeepKey(): string
    {
        return base64_encode(random_bytes(32));
    }

    /**
     * What encrypts, in this person's browsers, what they typed and have not saved yet. A person from before there
     * were keys gets one on first use.
     */
    public function keepKey(): string
    {
        if ($this->keep_key === null) {
            $this->forceFill(['keep_key' => self::newKeepKey()])->save();
        }

        return (string) $this->keep_key;
    }

    /** @return BelongsTo<Clinic, $this> */
    public function clinic(): BelongsTo
    {
        return $this->belongsTo(Clinic::class);
    }
}
