<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Models\User;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Sign;
use Illuminate\Support\Facades\DB;

/** Red flags that nobody has cleared: they hold everything back, and only a recorded clearance lifts them. */
final class StopSigns
{
    public function __construct(private readonly WorkOutReview $review)
    {
    }

    /** @return list<string> each in words with its day, newest first */
    public static function open(Client $client): array
    {
        return array_values(
            self::logs($client)->map(
                static fn (SessionLog $l): string => sprintf(
                    '%s, %s', Sign::words((string) $l->stop_sign), Day::of($l->done_on)->label(),
                ),
            )->all(),
        );
    }

    public static function isOpen(Client $client): bool
    {
        return self::logs($client)->isNotEmpty();
    }

    public function clear(Client $client, User $by, string $reason): void
    {
        DB::transaction(static function () use ($client, $by, $reason): void {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            $logs = self::logs($client);
            if ($logs->isEmpty()) {
                throw Refusal::at('reason', 'No red flag is open.');
            }
            foreach ($logs as $log) {
                $log->update(['stop_cleared_at' => now()]);
                Decision::record(
                    $by,
                    $client,
                    'stop.cleared',
                    sprintf(
                        'Red flag of %s cleared: %s.', Day::of($log->done_on)->label(),
                        Sign::words((string) $log->stop_sign),
                    ),
                    ['log' => $log->id],
                    $reason,
                );
            }
            Proposal::query()->where(
                'client_id', $client->id,
            )->where('status', Proposal::OPEN)->where('decision', 'stop')->update(
                ['status' => Proposal::SUPERSEDED],
            );
        });
    }

    /** A sign cleared by mistake holds everything back again. */
    public function reopen(Client $client, User $by, int $log): void
    {
        DB::transaction(function () use ($client, $by, $log): void {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            $found = SessionLog::query()->where(
                'client_id', $client->id,
            )->whereNotNull('stop_sign')->whereNotNull('stop_cleared_at')->lockForUpdate()->findOrFail($log);
            $found->update(['stop_cleared_at' => null]);
            $says = sprintf(
                'Red flag of %s is open again: %s.', Day::of($found->done_on)->label(),
                Sign::words((string) $found->stop_sign),
            );
            Decision::record($by, $client, 'stop.reopened', $says, ['log' => $found->id]);
            $this->review->run($client, Phrase::within($says));
        });
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, SessionLog> */
    private static function logs(Client $client): \Illuminate\Database\Eloquent\Collection
    {
        return SessionLog::query()->where(
            'client_id', $client->id,
        )->whereNotNull('stop_sign')->whereNull('stop_cleared_at')->orderByDesc('done_on')->orderByDesc('id')->get();
    }
}
