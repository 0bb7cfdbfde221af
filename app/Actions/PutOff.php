<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\KeptNeed;
use App\Models\Snooze;
use App\Models\User;
use BuoyantStep\Core\Units\Day;
use Illuminate\Support\Facades\DB;

/** Puts one need off to a later day, for a reason; and takes it up again. */
final class PutOff
{
    /** Longer than this is no longer put off but forgotten. House convention. */
    public const MOST_DAYS = 28;

    public function until(Client $client, User $by, string $kind, string $about, Day $until, string $reason): void
    {
        $need = self::need($client, $kind, $about);
        $today = $client->clinic->today();
        $days = $today->daysTo($until);
        if (! $need->kind->canWait()) {
            throw Refusal::at('kind', 'This cannot be put off: '.$need->kind->label().'.');
        }
        if ($days < 1 || $days > self::MOST_DAYS) {
            throw Refusal::at('until', sprintf(
                'Put it off by 1 to %d days, for example to %s.', self::MOST_DAYS, $today->plus(7)->label(),
            ));
        }
        DB::transaction(static function () use ($client, $by, $need, $until, $reason): void {
            Snooze::query()->updateOrCreate(
                ['client_id' => $client->id, 'kind' => $need->kind->value, 'about' => $need->about],
                ['until' => (string) $until, 'reason' => $reason, 'user_id' => $by->id],
            );
            Decision::record(
                $by, $client, 'need.put_off', sprintf('Put off until %s: %s', $until->label(), $need->says),
                ['kind' => $need->kind->value], $reason,
            );
        });
    }

    public function end(Client $client, User $by, string $kind, string $about): void
    {
        $need = self::need($client, $kind, $about);
        DB::transaction(static function () use ($client, $by, $need): void {
            Snooze::query()->where('client_id', $client->id)->where('kind', $need->kind->value)
                ->where('about', $need->about)->get()->each->delete();
            Decision::record($by, $client, 'need.taken_up', 'Taken up again: '.$need->says);
        });
    }

    private static function need(Client $client, string $kind, string $about): KeptNeed
    {
        return KeptNeed::query()->where('client_id', $client->id)->where('kind', $kind)->where('about', $about)->first()
            ?? throw Refusal::at('kind', 'This line has changed meanwhile. Today now shows it as it is.');
    }
}
