<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exchange\LogCsv;
use App\Models\Client;
use App\Models\LogSource;
use App\Models\User;
use BuoyantStep\Core\Units\Day;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/**
 * Several sessions at once, all of them or none: from a paper sheet, or from a file, which somebody looks at
 * afterwards.
 *
 * @phpstan-import-type Found from LogCsv
 */
final class LogMany
{
    public function __construct(private readonly LogSession $log)
    {
    }

    /**
     * @param  list<Found>  $sessions  oldest first
     * @param  string  $key  of the whole: sent again, nothing is logged twice
     * @param  bool  $toSee  they came from elsewhere
     */
    public function run(Client $client, User $by, array $sessions, string $key, bool $toSee): int
    {
        return DB::transaction(function () use ($client, $by, $sessions, $key, $toSee): int {
            foreach ($sessions as $found) {
                $this->log->run(
                    $client, $by, $found['plan'], self::keyOf($key, $found['session']['done_on']), $found['session'],
                    $found['items'], $toSee ? LogSource::Client : LogSource::Clinician, toSee: $toSee,
                );
            }

            return count($sessions);
        });
    }

    /**
     * @param  list<Found>  $sessions
     * @return list<string> what is odd about them, in words
     */
    public static function odd(Client $client, array $sessions): array
    {
        return array_values(array_filter(array_map(
            static fn (array $s): ?string => OddSession::says($client, $s['plan'], Day::of($s['session']['done_on'])),
            $sessions,
        )));
    }

    /** One key for each session of the whole, always the same. */
    private static function keyOf(string $key, string $day): string
    {
        return Uuid::uuid5($key, $day)->toString();
    }
}
