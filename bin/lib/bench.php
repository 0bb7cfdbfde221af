<?php

declare(strict_types=1);

// Called by bin/bench: BASE ROUNDS.

use BuoyantStep\Core\Client\GripClass;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Carrier;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Kit\Piece;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Units\Day;
use Database\Seeders\Demo\DemoAccounts;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;

require __DIR__.'/../../vendor/autoload.php';

[, $base, $rounds] = $argv;
$rounds = max(5, (int) $rounds);

/** @param  list<float>  $times */
function median(array $times): float
{
    sort($times);

    return $times[intdiv(count($times), 2)];
}

/** Median milliseconds of a piece of work, after one unmeasured run. */
function timed(callable $work, int $rounds): float
{
    $work();
    $times = [];
    for ($i = 0; $i < $rounds; $i++) {
        $began = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $began) / 1e6;
    }

    return median($times);
}

$client = Profile::read(new Bag([
    'birth_date' => '1945-01-01', 'sex' => 'female', 'body_mass_kg' => 58, 'height_mm' => 1580, 'training' => ['level' => 'new'],
    'conditions' => array_map(static fn ($a): array => ['code' => $a->code, ...($a->sided ? ['side' => 'left'] : [])], array_slice(RuleBook::standard()->conditions(), 0, 10)),
    'function' => ['grip' => ['left' => 'fair', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'helped', 'home' => 'someone_home'],
]));
$on = Day::of('2026-11-25');
$measures = MeasureSet::read(array_map(static fn (array $r): Bag => new Bag($r), [
    ['test' => 'chair_stand_30s', 'value' => 9], ['test' => 'tandem_stand', 'value' => 8],
    ...array_map(static fn (string $f): array => ['test' => 'easy_set', 'family' => $f, 'load_g' => 3300, 'reps' => 9, 'rir' => 2], ['seat_rise', 'tote_row', 'hinge', 'curl', 'suitcase_carry']),
]));
$kitOf = static function (int $kinds, int $stepG = 30): Kit {
    $pieces = [];
    for ($i = 0; $i < $kinds; $i++) {
        $pieces[] = new Piece("p$i", "p$i", 400 + $stepG * $i, 4, GripClass::Power, true, true);
    }

    return new Kit($pieces, [new Carrier('tote', 'tote', 150, 2, 40_000, 40, GripClass::Hook)]);
};
$rules = RuleBook::standard();

echo "Core, median of $rounds\n";
printf("  %-44s %8.2f ms\n", 'envelope, ten conditions', timed(static fn () => $rules->envelope(new Facts($client, $on, $measures)), $rounds * 10));
printf("  %-44s %8.2f ms\n", 'whole draft for one client', timed(static fn () => (new Drafter(new Situation($client, $on, $measures, $kitOf(6), Catalogue::standard(), $rules)))->draft(new Wishes(minutes: 30)), $rounds));
foreach ([30 => 'weighed to 10 g', 37 => 'weighed to 1 g'] as $stepG => $how) {
    $first = null;
    foreach ([10, 20, 40, 80] as $kinds) {
        $kit = $kitOf($kinds, $stepG);
        $ms = timed(static fn () => MakeableLoads::ladder($kit, Holding::OneHand, 40_000), max(5, intdiv($rounds, 4)));
        $first ??= $ms;
        printf("  %-44s %8.2f ms   %5.1f x\n", "ladder to 40 kg, $kinds kinds of four, $how", $ms, $ms / $first);
    }
}

$http = new Client(['base_uri' => $base, 'cookies' => $jar = new CookieJar, 'http_errors' => true]);
$http->get('/sign-in');
$token = rawurldecode((string) $jar->getCookieByName('XSRF-TOKEN')?->getValue());
$http->post('/sign-in', ['headers' => ['X-XSRF-TOKEN' => $token], 'form_params' => ['email' => DemoAccounts::CLINICIAN, 'password' => DemoAccounts::PASSWORD]]);
$pages = ['/up', '/up/signed-in', '/', '/clients/new', ...array_map(static fn (string $s): string => "/clients/1/$s", ['screen', 'measure', 'limits', 'kit', 'plan', 'sheet', 'log', 'review'])];
$times = array_fill_keys($pages, []);
// In turn, so that whatever else the machine does falls on all alike.
for ($i = 0; $i < $rounds + 1; $i++) {
    foreach ($pages as $page) {
        $began = hrtime(true);
        $http->get($page)->getBody()->getContents();
        if ($i > 0) {
            $times[$page][] = (hrtime(true) - $began) / 1e6;
        }
    }
}
$bare = median($times['/up']);
$signedIn = median($times['/up/signed-in']);
echo "\nPages, median of $rounds, against the bare route and the signed-in bare route\n";
foreach ($times as $page => $each) {
    printf("  %-24s %8.1f ms   %5.2f x   %5.2f x\n", ['/up' => 'bare route', '/up/signed-in' => 'signed-in bare route'][$page] ?? $page, median($each), median($each) / $bare, median($each) / $signedIn);
}
