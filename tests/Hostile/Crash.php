<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Models\DeviceReading;
use App\Models\MeasureResult;
use Database\Seeders\Demo\DemoAccounts;
use GuzzleHttp\Promise\EachPromise;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/** Twenty writers, and the database dies under them. What was acknowledged must be there when it is back. */
final class Crash
{
    private const WRITERS = 20;

    private const WRITES = 600;

    /** The database is killed once so many have been acknowledged. */
    private const KILL_AFTER = 150;

    /** @var list<string> keys of readings, and values of measures, that were acknowledged */
    private array $readings = [];

    /** @var list<string> */
    private array $measures = [];

    private bool $gone = false;

    /** @param  list<string>  $database  home, port, name and password, as db_start takes them */
    public function __construct(
        private readonly string $base,
        private readonly Tally $tally,
        private readonly array $database,
    ) {
    }

    public function run(): void
    {
        $gateway = new Visitor($this->base, 'gateway');
        $clinician = Visitor::signedIn($this->base, 'clinician', DemoAccounts::CLINICIAN);
        $clinician->page('/clients/1/measure');
        $today = now('Europe/Brussels')->format('Y-m-d');
        $work = (function () use ($gateway, $clinician, $today) {
            for ($n = 0; $n < self::WRITES; $n++) {
                if (! $this->gone && count($this->readings) + count($this->measures) >= self::KILL_AFTER) {
                    $this->kill();
                }
                if ($n % 3 === 0) {
                    $label = 'crash '.$n;
                    yield $clinician->later(
                        'POST',
                        '/clients/1/measure',
                        [
                            'key' => (string) Str::uuid(),
                            'seen' => PHP_INT_MAX - 1,
                            'measured_on' => $today,
                            'results' => [['test' => 'wall_sit', 'not_tested' => $label]],
                        ],
                    )
                        ->then(
                            fn (ResponseInterface $answer) => $this->took($answer, $label, $this->measures, [302, 303]),
                        );

                    continue;
                }
                $key = (string) Str::uuid();
                yield $gateway->deliver(
                    [
                        'device_id' => 'crash', 'kind' => 'thermometer', 'client_id' => 1, 'key' => $key,
                        'time' => now()->toIso8601String(), 'unit' => '°C', 'values' => ['temp_c' => 36.6],
                    ],
                    DemoAccounts::GATEWAY_TOKEN,
                )
                    ->then(fn (ResponseInterface $answer) => $this->took($answer, $key, $this->readings, [201]));
            }
        })();
        (new EachPromise($work, ['concurrency' => self::WRITERS]))->promise()->wait();
        if (! $this->gone) {
            throw new RuntimeException('The database was never killed: too few writes were acknowledged.');
        }
        $this->restart();
        $this->count();
    }

    /**
     * @param  list<string>  $into
     * @param  list<int>  $acknowledged
     */
    private function took(ResponseInterface $answer, string $what, array &$into, array $acknowledged): void
    {
        $status = $answer->getStatusCode();
        $this->tally->answered($status, 'a write', $this->gone);
        if (in_array($status, $acknowledged, true) && ! str_contains($answer->getHeaderLine('Location'), 'sign-in')) {
            $into[] = $what;
        }
    }

    private function kill(): void
    {
        $this->gone = true;
        posix_kill((int) file_get_contents($this->database[0].'/db.pid'), SIGKILL);
        printf("database killed after %d acknowledged writes\n", count($this->readings) + count($this->measures));
    }

    private function restart(): void
    {
        @unlink($this->database[0].'/db.pid');
        $command = 'source '.escapeshellarg(base_path('bin/lib/common.sh')).'; db_start '.implode(
            ' ', array_map(escapeshellarg(...), $this->database),
        );
        exec('bash -c '.escapeshellarg($command).' 2>&1', $out, $code);
        if ($code !== 0) {
            throw new RuntimeException("The database did not come back:\n".implode("\n", $out));
        }
        DB::purge();
    }

    private function count(): void
    {
        $kept = DeviceReading::query()->whereIn('idempotency_key', $this->readings)->pluck('idempotency_key')->all();
        foreach (array_diff($this->readings, $kept) as $key) {
            $this->tally->lost("acknowledged reading $key is gone");
        }
        $measured = MeasureResult::query()->where('client_id', 1)->whereIn(
            'not_tested', $this->measures,
        )->pluck('not_tested')->all();
        foreach (array_diff($this->measures, $measured) as $label) {
            $this->tally->lost("acknowledged measure \"$label\" is gone");
        }
        printf(
            "after the crash: %d of %d acknowledged readings and %d of %d measures are there\n",
            count($kept),
            count($this->readings),
            count($measured),
            count($this->measures),
        );
    }
}
