<?php

declare(strict_types=1);

// Called by bin/bench: BASE ROUNDS.

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Search\Finder;
use BuoyantStep\Core\Exercises\Search\Index;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Carrier;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Kit\Piece;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\GripClass;
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
    'birth_date' => '1945-01-01', 'sex' => 'female', 'body_mass_kg' => 58, 'height_mm' => 1580,
    'training' => ['level' => 'new'],
    'conditions' => array_map(
        static fn ($a): array => ['code' => $a->code, ...($a->sided ? ['side' => 'left'] : [])],
        array_slice(RuleBook::standard()->conditions(), 0, 10),
    ),
    'function' => [
        'grip' => ['left' => 'fair', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'helped',
        'home' => 'someone_home',
    ],
]));
$on = Day::of('2026-11-25');
$measures = MeasureSet::read(array_map(static fn (array $r): Bag => new Bag($r), [
    ['test' => 'chair_stand_30s', 'value' => 9], ['test' => 'tandem_stand', 'value' => 8],
    ...array_map(
        static fn (string $f): array => [
            'test' => 'easy_set', 'family' => $f, 'load_g' => 3300, 'reps' => 9, 'rir' => 2,
        ],
        ['seat_rise', 'tote_row', 'hinge', 'curl', 'suitcase_carry'],
    ),
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
printf(
    "  %-44s %8.2f ms\n",
    'envelope, ten conditions',
    timed(static fn () => $rules->envelope(new Facts($client, $on, $measures)), $rounds * 10),
);
printf(
    "  %-44s %8.2f ms\n",
    'whole draft for one client',
    timed(
        static fn () => (
            new Drafter(new Situation(
                new Facts($client, $on, $measures), new House($kitOf(6), new Place), Catalogue::standard(), $rules,
            ))
        )->draft(new Wishes(minutes: 30)),
        $rounds,
    ),
);
$draft = static fn (Kit $kit, Catalogue $of): callable => static fn () => (new Drafter(new Situation(
    new Facts($client, $on, $measures), new House($kit, new Place), $of, $rules,
)))->draft(new Wishes(minutes: 30));
$first = null;
foreach ([10, 20, 40, 80] as $kinds) {
    $ms = timed($draft($kitOf($kinds), Catalogue::standard()), max(5, intdiv($rounds, 4)));
    $first ??= $ms;
    printf("  %-44s %8.2f ms   %5.1f x\n", "whole draft, $kinds kinds of four", $ms, $ms / $first);
}
$first = null;
foreach ([0, 1, 3] as $copies) {
    $own = [];
    for ($n = 1; $n <= $copies; $n++) {
        foreach (Catalogue::standard()->families() as $family) {
            $code = "{$family->code}_$n";
            $own[$code] = [...Catalogue::standard()->data($family->code), 'code' => $code];
        }
    }
    $of = Catalogue::standard()->with($own, []);
    $ms = timed($draft($kitOf(6), $of), max(5, intdiv($rounds, 4)));
    $first ??= $ms;
    printf(
        "  %-44s %8.2f ms   %5.1f x\n", sprintf('whole draft, %d families', count($of->families())), $ms, $ms / $first,
    );
}
$catalogue = Catalogue::standard();
$kept = serialize(Index::of($catalogue));
$finder = new Finder(unserialize($kept));
foreach ([
    'catalogue: every file read anew' => static fn () => array_map(
        static fn (string $file): Family => Family::read(Bag::decode((string) file_get_contents($file), '/'.$file)),
        glob(__DIR__.'/../../core/catalogue/*.json') ?: [],
    ),
    'catalogue: index made anew' => static fn () => Index::of($catalogue),
    'catalogue: index from the cache, as a page has it' => static fn () => unserialize($kept),
    'catalogue: a search' => static fn () => $finder->find('hamstrng curls with a towel'),
] as $what => $work) {
    printf("  %-50s %8.2f ms\n", $what, timed($work, max(5, intdiv($rounds, 2))));
}
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
$token = static fn (): array => [
    'X-XSRF-TOKEN' => rawurldecode((string) $jar->getCookieByName('XSRF-TOKEN')?->getValue()),
];
$http->get('/sign-in');
$http->post(
    '/sign-in',
    [
        'headers' => $token(),
        'form_params' => ['email' => DemoAccounts::CLINICIAN, 'password' => DemoAccounts::PASSWORD],
    ],
);
if ($http->get('/up/signed-in', ['allow_redirects' => false, 'http_errors' => false])->getStatusCode() !== 200) {
    fwrite(STDERR, "Not signed in: the demo's account does not open. bin/start --fresh resets the demo.\n");
    exit(1);
}
$pages = [
    '/up',
    '/up/signed-in',
    '/',
    '/clients/new',
    ...array_map(
        static fn (string $s): string => "/clients/1/$s",
        ['screen', 'measure', 'limits', 'kit', 'plan', 'sheet', 'gate', 'log', 'review'],
    ),
];
$times = array_fill_keys($pages, []);
// In turn, so that whatever else the machine does falls on all alike.
for ($i = 0; $i < $rounds + 1; $i++) {
    foreach ($pages as $page) {
        $began = hrtime(true);
        $answer = $http->get($page, ['allow_redirects' => false]);
        $answer->getBody()->getContents();
        if ($answer->getStatusCode() !== 200) {
            fwrite(STDERR, "$page answered {$answer->getStatusCode()}: what would be timed is not the page.\n");
            exit(1);
        }
        if ($i > 0) {
            $times[$page][] = (hrtime(true) - $began) / 1e6;
        }
    }
}
$bare = median($times['/up']);
$signedIn = median($times['/up/signed-in']);
echo "\nPages, median of $rounds, against the bare route and the signed-in bare route\n";
foreach ($times as $page => $each) {
    printf(
        "  %-24s %8.1f ms   %5.2f x   %5.2f x\n",
        ['/up' => 'bare route', '/up/signed-in' => 'signed-in bare route'][$page] ?? $page,
        median($each),
        median($each) / $bare,
        median($each) / $signedIn,
    );
}

/** What a page receives. */
$props = static function (string $path) use ($http): array {
    preg_match(
        '#<script data-page="app" type="application/json">(.*?)</script>#s',
        (string) $http->get($path)->getBody(),
        $found,
    );

    return json_decode($found[1] ?? '{}', true)['props'] ?? [];
};
$uuid = static fn (): string => vsprintf('%s%s-%s-4%.3s-8%.3s-%s%s%s', str_split(bin2hex(random_bytes(18)), 4));
$sent = static function (string $method, string $path, array $form) use ($http, $token): float {
    $began = hrtime(true);
    $answer = $http->request(
        $method,
        $path,
        [
            'headers' => [...$token(), 'X-Inertia' => 'true'], 'json' => $form, 'allow_redirects' => false,
            'http_errors' => false,
        ],
    );
    $ms = (hrtime(true) - $began) / 1e6;
    $back = $answer->getHeaderLine('Location');
    if (! in_array($answer->getStatusCode(), [302, 303], true) || str_contains($back, 'sign-in')) {
        fwrite(
            STDERR, "$method $path answered {$answer->getStatusCode()} $back: what would be timed is not the write.\n",
        );
        exit(1);
    }

    return $ms;
};
// A client of the bench's own: the demo's stay as they are told.
$intake = [
    'key' => $uuid(), ...$props('/clients/new')['form'], 'given_name' => 'Bench',
    'family_name' => 'Client '.date('His'), 'birth_date' => '1950-01-01', 'sex' => 'female', 'body_mass_kg' => '60',
    'height_cm' => '160', 'standing' => 'free', 'home' => 'someone_home',
];
$sent('POST', '/clients', $intake);
$found = json_decode(
    (string) $http->get(
        '/find', ['query' => ['q' => $intake['family_name']], 'headers' => ['Accept' => 'application/json']],
    )->getBody(),
    true,
)['clients'][0]['id'];
$at = "/clients/$found";
$today = $props('/account')['me']['today'];
$sent('POST', "$at/plan", ['revision' => $props("$at/plan")['revision']]);
$sent('POST', "$at/plan/issue", ['revision' => $props("$at/plan")['revision']]);
$plan = $props("$at/log")['plan'];
$done = array_map(
    static fn (array $i): array => [
        'item' => $i['id'], 'done' => true, 'effort' => '4', 'load_kg' => '', 'pain_during' => '0', 'broken' => '',
        'sets' => array_map(
            static fn (array $s): array => ['amount' => (string) $i['dose']['amount_lo'], 'side' => $s['side']],
            $i['sets'],
        ),
    ],
    $plan['items'],
);
$writes = [
    'save Screen' => static fn (): float => $sent(
        'PUT', "$at/screen", [...($p = $props("$at/screen"))['form'], 'version' => $p['version']],
    ),
    'save Kit' => static fn (): float => $sent(
        'PUT', "$at/kit", [...($p = $props("$at/kit"))['form'], 'version' => $p['version']],
    ),
    'one measure' => static fn (): float => $sent(
        'POST',
        "$at/measure",
        [
            'key' => $uuid(), 'seen' => $props("$at/measure")['seen'], 'measured_on' => $today,
            'results' => [['test' => 'tandem_stand', 'value' => '10']],
        ],
    ),
    'a check at the gate' => static fn (): float => $sent(
        'POST', "$at/gate", ['key' => $uuid(), 'symptoms' => [], 'repeat' => false, 'sbp' => '120', 'dbp' => '70'],
    ),
    'draft a plan' => static fn (): float => $sent('POST', "$at/plan", ['revision' => $props("$at/plan")['revision']]),
    'log a session' => static fn (): float => $sent(
        'POST', "$at/log", ['key' => $uuid(), 'plan_id' => $plan['id'], 'done_on' => $today, 'items' => $done],
    ),
];
$rounds = max(5, intdiv($rounds, 2));
echo "\nWrites, median of $rounds, against the same\n";
foreach ($writes as $name => $write) {
    $each = array_map($write, range(1, $rounds));
    printf(
        "  %-24s %8.1f ms   %5.2f x   %5.2f x\n", $name, median($each), median($each) / $bare,
        median($each) / $signedIn,
    );
}
printf(
    "\nThe demo has a client more, \"%s %s\"; bin/start --fresh resets it.\n",
    $intake['given_name'], $intake['family_name'],
);
