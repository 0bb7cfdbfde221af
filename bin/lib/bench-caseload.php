<?php

declare(strict_types=1);

// Called by bin/bench: BASE ROUNDS. Today and the week of a clinic with 12 clients and of one with 1,000, copied from
// the demo; Review and its pictures of somebody with two years of sessions.

use App\Models\Clinic;
use App\Models\Standing;
use App\Models\User;
use GuzzleHttp\Client as Http;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';

[, $base, $rounds] = $argv;
$rounds = max(5, (int) $rounds);
(require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class)->bootstrap();

const TABLES = [
    'client_conditions', 'clearances', 'measure_results', 'kit_pieces', 'kit_carriers', 'kit_bands', 'gate_checks',
];

/** Copies a row, with some of it otherwise, and tells its new number. */
function copied(string $table, object $row, array $with): int
{
    return DB::table($table)->insertGetId([...array_diff_key((array) $row, ['id' => 0]), ...$with]);
}

/** One client with its record, into another clinic; sessions so many times, each time 84 days earlier. */
function copyOf(int $client, int $clinic, string $name, int $times = 1): int
{
    $id = copied('clients', DB::table('clients')->find($client), [
        'clinic_id' => $clinic, 'family_name' => $name, 'assigned_to' => null,
    ]);
    foreach (TABLES as $table) {
        foreach (DB::table($table)->where('client_id', $client)->get() as $row) {
            copied($table, $row, ['client_id' => $id]);
        }
    }
    $plans = $items = $logs = [];
    foreach (DB::table('plans')->where('client_id', $client)->get() as $plan) {
        $plans[$plan->id] = copied('plans', $plan, ['client_id' => $id]);
        foreach (DB::table('plan_items')->where('plan_id', $plan->id)->get() as $item) {
            $items[$item->id] = copied('plan_items', $item, ['plan_id' => $plans[$plan->id]]);
        }
    }
    foreach (range(0, $times - 1) as $back) {
        foreach (DB::table('session_logs')->where('client_id', $client)->get() as $log) {
            $new = copied('session_logs', $log, [
                'client_id' => $id, 'plan_id' => $plans[$log->plan_id],
                'idempotency_key' => substr(md5($log->idempotency_key.$back), 0, 32),
                'done_on' => date('Y-m-d', strtotime($log->done_on.' -'.(84 * $back).' days')),
            ]);
            $logs[$log->id] ??= $new;
            foreach (DB::table('log_items')->where('session_log_id', $log->id)->get() as $item) {
                copied('log_items', $item, ['session_log_id' => $new, 'plan_item_id' => $items[$item->plan_item_id]]);
            }
        }
    }
    foreach (DB::table('proposals')->where('client_id', $client)->where('status', 'open')->get() as $proposal) {
        copied('proposals', $proposal, [
            'client_id' => $id, 'plan_item_id' => $items[$proposal->plan_item_id],
            'session_log_id' => $logs[$proposal->session_log_id], 'plan_snapshot_id' => null,
        ]);
    }

    return $id;
}

/** Median milliseconds of each path, in turns, for whoever that is. */
function pages(string $base, string $email, array $paths, int $rounds): array
{
    $http = new Http(['base_uri' => $base, 'cookies' => new CookieJar, 'http_errors' => false]);
    $http->get('/sign-in');
    $token = urldecode((string) $http->getConfig('cookies')->getCookieByName('XSRF-TOKEN')?->getValue());
    $http->post('/sign-in', [
        'headers' => ['X-XSRF-TOKEN' => $token],
        'form_params' => ['email' => $email, 'password' => 'benchmark-long-word'],
    ]);
    $times = [];
    for ($i = 0; $i <= $rounds; $i++) {
        foreach ($paths as $path) {
            $began = hrtime(true);
            $status = $http->get($path)->getStatusCode();
            if ($status !== 200) {
                exit("$path answered $status\n");
            }
            $times[$path][] = (hrtime(true) - $began) / 1e6;
        }
    }

    return array_map(static function (array $each): float {
        $each = array_slice($each, 1);
        sort($each);

        return $each[intdiv(count($each), 2)];
    }, $times);
}

$known = DB::table('clients')->where('clinic_id', DB::table('clinics')->where('name', 'Tidewater Row')->value('id'))
    ->orderBy('id')->pluck('id')->all();
$stamp = date('His');
$medians = [];
echo "\nCaseload: the same pages of clinics with more and more clients, copied from the demo\n";
foreach ([12, 1000] as $size) {
    $clinic = Clinic::query()->create(['name' => "Bench $size $stamp", 'timezone' => 'UTC']);
    $user = User::query()->create([
        'clinic_id' => $clinic->id, 'name' => 'B. Bench', 'email' => "bench-$size-$stamp@clinic.example",
        'password' => 'benchmark-long-word', 'role' => 'clinician',
    ]);
    $last = 0;
    DB::transaction(function () use ($size, $clinic, $known, &$last): void {
        for ($i = 0; $i < $size; $i++) {
            $last = copyOf($known[$i % count($known)], $clinic->id, sprintf('Number%04d', $i), 1);
        }
        $last = copyOf($known[count($known) - 4], $clinic->id, 'Years', 9);
    });
    $began = hrtime(true);
    Illuminate\Support\Facades\Artisan::call('needs:renew');
    $renewed = (hrtime(true) - $began) / 1e6;
    $paths = ['/up/signed-in', '/', '/?kind=limit_change', '/week', "/clients/$last/review", "/clients/$last/course"];
    $medians[$size] = pages($base, $user->email, $paths, $rounds);
    printf(
        "  %4d clients, %d of them in need; all worked out anew in %.1f s, %.1f ms each\n", $size + 1,
        Standing::query()->where('clinic_id', $clinic->id)->where('rank', '<', Standing::QUIET)->count(),
        $renewed / 1000, $renewed / ($size + 1),
    );
    foreach ($medians[$size] as $path => $ms) {
        printf(
            "    %-24s %7.1f ms  %5.2f x signed-in%s\n", preg_replace('/\d+/', 'N', $path, 1), $ms,
            $ms / $medians[$size]['/up/signed-in'],
            isset($medians[12][$path]) && $size > 12 && ! str_contains($path, 'clients/')
                ? sprintf('  %5.2f x of 12', $ms / $medians[12][$path]) : '',
        );
    }
}
echo "The demo has two clinics more; bin/start --fresh resets it.\n";
