<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Forecast\Bought;
use BuoyantStep\Core\Forecast\Purchase;
use BuoyantStep\Core\Forecast\Shopping;
use BuoyantStep\Core\Forecast\StepsAhead;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Ladders;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;

/** @param  array<string, int>  $loads  path to grams */
function aheadOf(Situation $situation, array $loads): array
{
    $all = [];
    foreach ($loads as $path => $grams) {
        $all[] = new StepsAhead(Made::at($situation, $path), Goal::StrengthOlder, Dose::read(new Bag([
            'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60,
            'load_g' => $grams,
        ])));
    }

    return $all;
}

/** Counts steps by hand: masses of hand weights alone, one of which is lifted at a time. */
function stepsByHand(array $masses, int $load, int $topG): int
{
    sort($masses);
    for ($steps = 0; $steps < 6; $steps++) {
        $over = array_values(array_filter($masses, static fn (int $m): bool => $m > $load && $m <= $topG));
        $within = array_filter($over, static fn (int $m): bool => $m / $load <= 1.1 + 1e-9 && $m / $load >= 1.02);
        $next = $within === [] ? $over[0] ?? null : max($within);
        if ($next === null) {
            break;
        }
        // Ten reps in all at the next are 4/3 of it; so many of this, less two, at 25 at most.
        $ratio = 4 / 3 * $next / $load;
        $reps = $ratio <= 4 / 3 ? 8 : (int) ceil(30 * ($ratio - 1) - 2 - 1e-9);
        if ($next / $load > 1.1 + 1e-9 && $reps > 25) {
            break;
        }
        $load = $next;
    }

    return $steps;
}

it('says plainly when nothing is needed', function (): void {
    $pieces = [];
    for ($g = 1000; $g <= 6000; $g += 100) {
        $pieces[] = ['id' => 'p'.$g, 'mass_g' => $g];
    }
    $kit = Made::kit($pieces);
    $situation = Made::situation(Made::client(), null, $kit);
    expect((new Shopping($kit, aheadOf($situation, ['curl/one_arm' => 2000])))->list())->toBe([]);
});

it('offers a backpack where a load is worn, and only there', function (): void {
    $kit = Made::kit([
        ['id' => 'vest', 'mass_g' => 10_000, 'grip' => 'none', 'packable' => false, 'worn_on' => 'back'],
        ['id' => 'rice', 'mass_g' => 1000, 'count' => 14, 'grip' => 'soft'],
    ]);
    $labels = static fn (string $path, int $load): array => array_map(
        static fn (Bought $b): string => $b->purchase->label,
        (new Shopping($kit, aheadOf(Made::situation(Made::client(), null, $kit), [$path => $load])))->list(),
    );
    expect($labels('loaded_step/worn', 10_000))->toContain('a backpack, to pack')
        ->and($labels('curl/one_arm', 1000))->not->toContain('a backpack, to pack')->not->toBe([]);
});

it('buys nothing where a limit ends it', function (): void {
    $kit = Made::kit([['id' => 'a', 'mass_g' => 2000]]);
    $limit = ['field' => 'lift_max_g', 'value' => '2100', 'by' => 'Dr Amari', 'why' => 'as ordered'];
    $situation = static fn (array $own): Situation => Made::situation(Made::client(['own_limits' => $own]), null, $kit);
    $list = static fn (array $own): array => (new Shopping(
        $kit, aheadOf($situation($own), ['curl/one_arm' => 2000]),
    ))->list();
    expect($list([$limit]))->toBe([])->and($list([]))->not->toBe([]);
});

it('ranks by how many exercises, then by how many steps', function (): void {
    $kit = Made::kit([['id' => 'a', 'mass_g' => 1000]]);
    $situation = Made::situation(Made::client(), null, $kit);
    $list = (new Shopping($kit, aheadOf($situation, ['curl/one_arm' => 1000, 'tote_row/hand_chair' => 1000])))->list();
    $names = static fn (Bought $b): int => count($b->opens);
    expect($list)->not->toBe([])->and($names($list[0]))->toBe(2);
    foreach (array_slice($list, 1, count($list) - 2) as $i => $next) {
        expect([-$names($list[$i]), -$list[$i]->steps] <=> [-$names($next), -$next->steps])->toBeLessThanOrEqual(0);
    }
    expect($list[0]->says())->toMatch('/^[A-Z].+: \d+ more steps? in .+; .+\.$/');
});

it('finds the set that brute force finds', function (array $masses, int $load): void {
    $kit = Made::kit(array_map(static fn (int $g): array => [
        'id' => 'p'.$g, 'mass_g' => $g, 'packable' => false,
    ], $masses));
    // Any of three weights may be bought; one is lifted at a time.
    $ahead = aheadOf(Made::situation(Made::client(), null, $kit), ['curl/one_arm' => $load]);
    expect($ahead[0]->topG)->toBe(2 * $load)
        ->and($ahead[0]->in(new Ladders($kit)))->toBe(stepsByHand($masses, $load, 2 * $load));
    $best = 0;
    for ($mask = 0; $mask < 8; $mask++) {
        $with = array_filter(
            [500, 1000, 1500], static fn (int $i): bool => ($mask >> $i & 1) === 1, ARRAY_FILTER_USE_KEY,
        );
        $best = max($best, stepsByHand([...$masses, ...$with], $load, 2 * $load));
    }
    $three = array_map(static fn (int $g): Purchase => Purchase::weights($g, 1), [500, 1000, 1500]);
    $list = (new Shopping($kit, $ahead, candidates: $three))->list();
    $gained = $best - stepsByHand($masses, $load, 2 * $load);
    expect($list === [] ? 0 : $list[0]->steps)->toBe($gained);
})->with([[[800], 800], [[700, 760], 700], [[900], 900], [[600, 610], 610], [[950, 1400], 950]]);

it('names the one thing that a next rung lacks', function (): void {
    $named = 0;
    foreach (Thing::cases() as $thing) {
        $has = array_values(array_filter(Thing::cases(), static fn (Thing $t): bool => $t !== $thing));
        $situation = Made::situation(Made::client(), null, new Kit, new Place($has));
        foreach ($situation->catalogue->families() as $family) {
            foreach ($family->rungs as $i => $rung) {
                $next = $situation->at($family, $rung);
                // This kit holds no band: where one is needed besides, two things are lacking.
                $lacksBand = $thing !== Thing::Band && in_array(Thing::Band, $rung->setUp->equipment, true);
                if ($i === 0 || $lacksBand || ! in_array($thing, $rung->setUp->equipment, true) || $next->isOut()
                    || $next->notYet() !== null) {
                    continue;
                }
                $list = (new Shopping(new Kit, [], [$situation->at($family, $family->rungs[$i - 1])]))->list();
                // A counter, a wall or a door is not bought; a load is the ladder's affair.
                expect(count($list))->toBe($thing->isBought() && $thing !== Thing::Load ? 1 : 0, $rung->name);
                $named += count($list);
                foreach ($list as $bought) {
                    expect($bought->purchase->label)->toBe(Purchase::thing($thing)->label)
                        ->and($bought->opens)->toBe([$rung->name]);
                }
            }
        }
    }
    expect($named)->toBeGreaterThan(1);
});
