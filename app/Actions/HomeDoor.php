<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\HomePage;
use App\Models\MessageKind;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/**
 * The client's own page: made, closed and opened again by the clinic; entered with an address and a PIN, without an
 * account. Whoever finds the sheet lacks the year of birth; whoever guesses is slowed down, then locked out, and the
 * clinic is told.
 */
final class HomeDoor
{
    /** Letters and digits that nobody takes for one another. */
    private const ALPHABET = 'ABCDEFGHJKMNPQRSTVWXYZ23456789';

    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ';

    private const CODE_LENGTH = 12;

    /** So long an address opens, days. House convention: a block and its re-test. */
    private const DAYS_VALID = 180;

    /** So many wrong PINs in a row, then a wait; and at last a lock. House conventions. */
    private const WRONG_BEFORE_WAIT = 5;

    private const WRONG_BEFORE_LOCK = 15;

    private const WAIT_MINUTES = 15;

    public const PIN_LENGTH = 6;

    /** It was this try that locked the page. */
    private const LOCKING = 'locking';

    public function __construct(private readonly KeepMessage $messages)
    {
    }

    public static function of(Client $client): ?HomePage
    {
        return HomePage::open()->where('client_id', $client->id)->latest('id')->first();
    }

    /** The language of the door with this address; null where there is none. */
    public static function localeOf(string $code): ?string
    {
        return HomePage::open()->where('code_hash', self::hash($code))->with('client.clinic')->first()?->client
            ->clinic->locale;
    }

    /** A new page; an earlier one is closed, and the phones that knew it with it. */
    public function make(Client $client, User $by): HomePage
    {
        return DB::transaction(function () use ($client, $by): HomePage {
            $this->close($client);
            $code = self::random(self::ALPHABET, self::CODE_LENGTH);
            $page = HomePage::query()->create([
                'client_id' => $client->id, 'user_id' => $by->id, 'code' => $code, 'code_hash' => self::hash($code),
                'letters' => self::random(self::LETTERS, 4), 'expires_at' => now()->addDays(self::DAYS_VALID),
            ]);
            Decision::record($by, $client, 'home.opened', 'A page at home was opened.');

            return $page;
        });
    }

    public function revoke(Client $client, User $by): void
    {
        DB::transaction(function () use ($client, $by): void {
            $this->close($client);
            Decision::record($by, $client, 'home.closed', 'The page at home was closed.');
        });
    }

    public function unlock(Client $client, User $by): void
    {
        DB::transaction(static function () use ($client, $by): void {
            HomePage::open()->where('client_id', $client->id)->update(
                ['wrong' => 0, 'locked_at' => null, 'wait_until' => null],
            );
            Decision::record($by, $client, 'home.unlocked', 'The page at home was unlocked.');
        });
    }

    public function say(Client $client, ?string $line): void
    {
        HomePage::open()->where('client_id', $client->id)->update(['line' => $line]);
    }

    /** Opens the page on one more phone; the token that it keeps is stored here as a hash alone. */
    public function enter(string $code, string $pin): string
    {
        [$token, $why, $page] = DB::transaction(function () use ($code, $pin): array {
            $page = HomePage::open()->where('code_hash', self::hash($code))->with('client')->lockForUpdate()->first();

            return $page === null ? [null, 'unknown', null] : [...self::tried($page, $pin), $page];
        });
        if ($why === self::LOCKING && $page !== null) {
            $this->messages->tell($page->client, null, MessageKind::HomeLocked, sprintf(
                'The PIN of the page at home was wrong %d times in a row; the page is locked.', $page->wrong,
            ));
        }

        return $token ?? throw Refusal::at($why === 'unknown' ? 'code' : 'pin', self::words(match ($why) {
            self::LOCKING => 'locked',
            default => $why,
        }));
    }

    private static function words(string $why): string
    {
        $says = __('home.door.'.$why, ['minutes' => (string) self::WAIT_MINUTES]);

        return is_string($says) ? $says : $why;
    }

    public function choosePin(HomePage $page, string $pin): void
    {
        $page->update(['pin_hash' => Hash::make(self::plain($pin)), 'wrong' => 0]);
    }

    /** @return array{string|null, string} the token of a new phone, or why the door stays shut */
    private static function tried(HomePage $page, string $pin): array
    {
        $fits = self::fits($page, $pin);
        $waits = $page->wait_until !== null && $page->wait_until->isFuture();
        if ($page->locked_at !== null) {
            return [null, 'locked'];
        }
        if ($fits && ! $waits) {
            $token = Str::random(40);
            $page->update(['wrong' => 0, 'wait_until' => null]);
            $page->devices()->create(['token_hash' => hash('sha256', $token), 'seen_at' => now()]);

            return [$token, ''];
        }

        return [null, $fits ? 'wait' : self::wrong($page, $waits)];
    }

    /** One more in a row: guesses count while they have to wait, too. */
    private static function wrong(HomePage $page, bool $waits): string
    {
        $wrong = $page->wrong + 1;
        $pauses = $wrong % self::WRONG_BEFORE_WAIT === 0;
        $page->update(['wrong' => $wrong, ...match (true) {
            $wrong >= self::WRONG_BEFORE_LOCK => ['locked_at' => now()],
            $pauses => ['wait_until' => now()->addMinutes(self::WAIT_MINUTES)],
            default => [],
        }]);

        return match (true) {
            $wrong >= self::WRONG_BEFORE_LOCK => self::LOCKING,
            $waits || $pauses => 'wait',
            default => 'wrong',
        };
    }

    private static function fits(HomePage $page, string $pin): bool
    {
        $typed = self::plain($pin);

        return $page->pin_hash !== null ? Hash::check($typed, $page->pin_hash)
            : hash_equals(substr($page->client->birth_date, 0, 4).$page->letters, $typed);
    }

    private function close(Client $client): void
    {
        HomePage::query()->where('client_id', $client->id)->whereNull('revoked_at')->update(['revoked_at' => now()]);
    }

    /** As it is typed: without spaces and dashes, in capitals. */
    private static function plain(string $typed): string
    {
        return mb_strtoupper((string) preg_replace('/[\s\-.]+/u', '', $typed));
    }

    private static function hash(string $code): string
    {
        return hash('sha256', self::plain($code));
    }

    private static function random(string $alphabet, int $length): string
    {
        $word = '';
        for ($i = 0; $i < $length; $i++) {
            $word .= $alphabet[random_int(0, strlen($alphabet) - 1)];
        }

        return $word;
    }
}
