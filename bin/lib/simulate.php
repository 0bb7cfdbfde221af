<?php

declare(strict_types=1);

// Made-up clients through weeks of the real rules: core/tests/Simulate. Run by bin/simulate.

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Forecast\SimulatedClient;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Simulate\Followed;
use BuoyantStep\Core\Tests\Simulate\Population;
use BuoyantStep\Core\Tests\Simulate\Programme;
use BuoyantStep\Core\Tests\Support\Made;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';

$options = getopt('', ['clients:', 'weeks:', 'seed:', 'show']);
[$clients, $weeks, $seed] = [
    (int) ($options['clients'] ?? 300), (int) ($options['weeks'] ?? 16), (int) ($options['seed'] ?? 1),
];
if ($clients < 1 || $weeks < 4) {
    fwrite(STDERR, "--clients must be above 0 and --weeks 4 or more, for example --clients=300 --weeks=16.\n");
    exit(2);
}
$tty = stream_isatty(STDERR);
/** @var list<Followed> $all */
$all = [];
for ($n = 1; $n <= $clients; $n++) {
    $luck = new Randomizer(new Mt19937($seed * 100_003 + $n));
    $people = new Population($luck);
    $form = $people->client();
    $strength = $luck->getInt(60, 115) / 100;
    $gain = $form['training']['level'] === 'new' ? 0.9 : 0.5;
    $programme = new Programme(
        $form, $people->measures($form, $strength, Made::TODAY), $people->kit(),
        new Wishes(days: $people->one([[1, 4], [2, 5], [1, 3, 5]]), minutes: $people->one([25, 30, 40])),
        new SimulatedClient(Profile::read(new Bag($form)), $luck, $strength, $gain), $luck,
    );
    $programme->run($weeks);
    array_push($all, ...$programme->exercises);
    if ($tty || $n % 50 === 0) {
        $done = (int) (40 * $n / $clients);
        $bar = str_repeat('#', $done).str_repeat('.', 40 - $done);
        fprintf(STDERR, $tty ? "\r[%s] %d of %d" : "[%s] %d of %d\n", $bar, $n, $clients);
    }
}
if ($tty) {
    fwrite(STDERR, "\n");
}
$progressed = array_values(array_filter(
    $all, static fn (Followed $f): bool => ! in_array($f->goal->value, ['warm_up', 'mobility'], true),
));
$loaded = array_values(array_filter($progressed, static fn (Followed $f): bool => $f->weeksLoaded > 0));
$pct = static fn (int|float $part, int|float $of): float => $of == 0 ? 0.0 : round(100 * $part / $of, 1);
$sum = static fn (string $what, array $of): int => array_sum(array_column($of, $what));
$shares = array_merge(...array_column($loaded, 'shares'), ...[[]]);
sort($shares);
$from = array_filter(array_column($loaded, 'usefulFrom'));
sort($from);
$free = $sum('weeksLoaded', $loaded) - $sum('weeksHeld', $loaded);
$moved = count(array_filter($progressed, static fn (Followed $f): bool => $f->moved()));
$bounced = count(array_filter($progressed, static fn (Followed $f): bool => $f->bounced));
if (isset($options['show'])) {
    $kinds = [];
    foreach ($progressed as $f) {
        $kinds[sprintf('%s, %s%s', $f->family, $f->goal->value, $f->dose->loadG === null ? '' : ', loaded')][] = $f;
    }
    uasort($kinds, static fn (array $a, array $b): int => count($b) <=> count($a));
    foreach ($kinds as $kind => $of) {
        printf(
            "%-56s n %4d moved %5.1f %% useful %5.1f %% bounced %d over %d\n", $kind, count($of),
            $pct(count(array_filter($of, static fn (Followed $f): bool => $f->moved())), count($of)),
            $pct($sum('weeksUseful', $of), $sum('weeksLoaded', $of) - $sum('weeksHeld', $of)),
            count(array_filter($of, static fn (Followed $f): bool => $f->bounced)),
            $sum('overStep', $of) + $sum('overCap', $of),
        );
    }
}
$row = "%-52s %6.1f %s\n";
$weeksOf = static fn (int $n): string => sprintf('%% of %d exercise weeks', $n);
printf($row, 'moved: load, pull, rung or hold', $pct($moved, count($progressed)), '% of '.count($progressed));
printf($row, 'in the goal\'s range +-5 points from week 3', $pct($sum('weeksUseful', $loaded), $free), $weeksOf($free));
printf(
    $row, 'held lower by a limit, counted apart',
    $pct($sum('weeksHeld', $loaded), $sum('weeksLoaded', $loaded)), $weeksOf($sum('weeksLoaded', $loaded)),
);
printf($row, 'median load, of the true 1RM', $shares[intdiv(count($shares), 2)] ?? 0, '%');
printf(
    $row, 'first useful load, median week', $from[intdiv(count($from), 2)] ?? 0,
    sprintf('(%d of %d exercises never)', count($loaded) - count($from), count($loaded)),
);
printf(
    "simulate: clients=%d exercises=%d moved_pct=%.1f useful_pct=%.1f over_step=%d over_cap=%d bounced=%d nagged=%d\n",
    $clients, count($progressed), $pct($moved, count($progressed)), $pct($sum('weeksUseful', $loaded), $free),
    $sum('overStep', $progressed), $sum('overCap', $progressed), $bounced, $sum('nagged', $progressed),
);
