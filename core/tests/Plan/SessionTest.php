<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Session\Block;
use BuoyantStep\Core\Plan\Session\Part;
use BuoyantStep\Core\Plan\Session\Ramp;
use BuoyantStep\Core\Plan\Session\Session;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Support\Made;

/** An exercise of so many sets and reps for a healthy adult: a rise of 6 s, a push of 5 s. */
function timed(string $code, int $sets = 2, int $reps = 10, int $rest = 60): Timed
{
    [$family, $rung] = explode('/', $code);
    $found = Catalogue::standard()->family($family);
    $here = Made::situation(Made::client())->at($found, $found->rung($rung));
    $timed = $here->rung->work->kind->value === 'reps'
        ? ['reps' => ['lo' => $reps, 'hi' => $reps], 'tempo' => '3-0-2-0']
        : ['seconds' => ['lo' => 300, 'hi' => 300]];

    return Timed::here($here, $found->kind === 'warm_up' ? Goal::WarmUp : Goal::StrengthOlder, Dose::read(new Bag([
        'sets' => $sets, ...$timed, 'effort' => ['lo' => 5, 'hi' => 7], 'per' => 'total', 'rest_s' => $rest,
        'days_a_week' => 2,
    ])));
}

/** Seconds to make an exercise ready, as the catalogue has them. */
function ready(Timed ...$items): int
{
    return array_sum(array_map(static fn (Timed $t): int => $t->rung->setUp->seconds, $items));
}

it('counts straight sets by hand: sets, rests between them, a change to the next', function (): void {
    $rise = timed('seat_rise/no_hands', sets: 3, reps: 10, rest: 90);
    $push = timed('wall_counter_push/counter', sets: 2, reps: 10, rest: 60);
    expect([$rise->bout(), $push->bout()])->toBe([60, 50]);
    $session = Session::of([$rise, $push], Structure::Straight, 0);
    // 3 x 60 + 2 x 90, 2 x 50 + 60, one change of 15.
    expect($session->seconds)->toBe(ready($rise, $push) + 360 + 160 + 15)
        ->and($session->blocks[0]->restS)->toBe([90, 60]);
    // A limit asks for 120 between any two bouts.
    expect(Session::of([$rise, $push], Structure::Straight, 120)->seconds)
        ->toBe(ready($rise, $push) + 180 + 240 + 100 + 120 + 120);
});

it('counts a circuit by hand: the others rest one, and what is missing follows the round', function (): void {
    $rise = timed('seat_rise/no_hands', sets: 2, rest: 120);
    $push = timed('wall_counter_push/counter', sets: 2, rest: 60);
    // A round: 60 + 15 + 50 + 15; the rise has had 80 of its 120 when its turn comes again.
    $block = Session::of([$rise, $push], Structure::Circuit, 0)->blocks[0];
    expect([$block->rounds, $block->changeS, $block->roundRestS])->toBe([2, 15, 40])
        ->and($block->seconds)->toBe(ready($rise, $push) + 2 * 140 + 40 - 15);
    // With a limit's rest of 120 between any two bouts nothing more is needed.
    $long = Session::of([$rise, $push], Structure::Circuit, 120)->blocks[0];
    expect([$long->changeS, $long->roundRestS])->toBe([120, 0])
        ->and($long->seconds)->toBe(ready($rise, $push) + 2 * (60 + 120 + 50 + 120) - 120);
    // Easy minutes between the rounds are rest enough.
    $easy = Session::of([$rise, $push], Structure::Circuit, 0, new Shape(aerobicMinutes: 2))->blocks[0];
    expect([$easy->aerobicMinutes, $easy->roundRestS, $easy->seconds])
        ->toBe([2, 0, ready($rise, $push) + 2 * 140 + 120 - 15]);
});

it('leaves out of the later rounds what has fewer sets', function (): void {
    $rise = timed('seat_rise/no_hands', sets: 3, rest: 30);
    $push = timed('wall_counter_push/counter', sets: 1, rest: 30);
    $block = Session::of([$rise, $push], Structure::Circuit, 0)->blocks[0];
    // 140, then 75 twice; alone in a round, the rise needs 15 more than the change.
    expect([$block->rounds, $block->roundRestS])->toBe([3, 15])
        ->and($block->seconds)->toBe(ready($rise, $push) + 140 + 75 + 75 + 2 * 15 - 15);
});

it('goes through pairs, and through an odd one by itself', function (): void {
    $items = [
        timed('seat_rise/no_hands'), timed('wall_counter_push/counter'), timed('heel_raise/two_hands'),
    ];
    $blocks = Session::of($items, Structure::Pairs, 0)->blocks;
    expect(array_map(static fn (Block $b): array => $b->items, $blocks))->toBe([[0, 1], [2]])
        ->and($blocks[0]->rounds)->toBe(2)->and($blocks[1]->restS)->toBe([60]);
});

it('cuts the day into pieces of ten minutes at most, each with its own minutes', function (): void {
    $codes = [
        'march/arm_swing', 'seat_rise/no_hands', 'wall_counter_push/counter', 'heel_raise/two_hands',
        'side_kick/one_hand', 'shoulder_blade_pull/squeeze', 'split_squat/shallow',
    ];
    $codes = array_values(array_filter($codes, static function (string $c): bool {
        [$family, $rung] = explode('/', $c);

        return Catalogue::standard()->family($family)->has($rung);
    }));
    $items = array_map(static fn (string $c): Timed => timed($c, sets: 3, reps: 12), $codes);
    $session = Session::of($items, Structure::Pieces, 0);
    $pieces = array_values(array_filter($session->blocks, static fn (Block $b): bool => $b->piece !== null));
    expect(count($pieces))->toBeGreaterThan(1)
        ->and(array_map(static fn (Block $b): ?int => $b->piece, $pieces))->toBe(range(1, count($pieces)))
        ->and(array_sum($session->perPiece()))->toBe($session->seconds);
    foreach ($pieces as $piece) {
        expect($piece->seconds)->toBeLessThanOrEqual(600);
    }
    expect(array_merge(...array_map(static fn (Block $b): array => $b->items, $pieces)))
        ->toBe(range(1, count($items) - 1));
});

it('wakes up to three main lifts with five easy reps of each', function (): void {
    $items = [
        timed('march/arm_swing', sets: 1), timed('seat_rise/no_hands'), timed('wall_counter_push/counter'),
        timed('heel_raise/two_hands'),
    ];
    $with = Session::of($items, Structure::Circuit, 0, new Shape(activation: true));
    $block = $with->blocks[1];
    expect($block->part)->toBe(Part::Activation)->and($block->items)->toBe([1, 2])
        ->and($block->seconds)->toBe(30 + 25 + 2 * 15)
        ->and($with->seconds - Session::of($items, Structure::Circuit, 0)->seconds)->toBe(85);
});

it('puts a lighter set before a load over 60 % of the 1RM, never over its limits', function (): void {
    $at = static function (int $load, array $client = []): ?Dose {
        $situation = Made::situation(Made::client($client), Made::measures([
            ['test' => 'easy_set', 'family' => 'tote_row', 'load_g' => 8000, 'reps' => 10, 'rir' => 0],
        ]), Made::kitchen());
        $here = Made::at($situation, 'tote_row/hand_chair');

        return Ramp::of($here, Goal::StrengthOlder, Dose::read(new Bag([
            'sets' => 3, 'reps' => ['lo' => 8, 'hi' => 10], 'effort' => ['lo' => 6, 'hi' => 8], 'load_g' => $load,
            'per' => 'total', 'rest_s' => 90, 'tempo' => '3-0-2-0', 'days_a_week' => 2,
        ])));
    };
    // 8 kg for ten: 1RM 8 x 36/27 = 10.67 kg, 60 % of it is 6.4 kg.
    expect($at(6390))->toBeNull();
    $ramp = $at(6500);
    expect($ramp?->sets)->toBe(1)->and($ramp?->amount->hi)->toBe(5)
        ->and($ramp?->loadG)->toBeLessThanOrEqual(3900)->toBeGreaterThan(2000)
        ->and($ramp?->effort->hi)->toBeLessThanOrEqual(4);
    // Ten reps at least, by the pressure's rule of eight: no set of five.
    expect($at(6500, ['conditions' => [['code' => 'hypertension_controlled']]]))->toBeNull();
});

it('adds up: bouts, changes and printed rests make the minutes, for hundreds of sessions', function (): void {
    $made = new Made(71);
    $seen = [];
    for ($i = 0; $i < 600; $i++) {
        $situation = Made::situation(
            Profile::read(new Bag($made->randomForm())), $made->randomMeasures(), Made::kitchen(),
        );
        $structure = $made->one(Structure::cases());
        $shape = new Shape($made->chance(50), $made->chance(50), $made->int(0, 3), $made->chance(70));
        $wishes = new Wishes(minutes: $made->int(10, 60), structure: $structure, shape: $shape);
        $draft = (new Drafter($situation))->draft($wishes);
        $rest = $situation->envelope->restMin();
        $items = array_map(Timed::item(...), $draft->items);
        $session = Session::of($items, $structure, $rest, $shape);
        expect($session->seconds)->toBe($draft->seconds);
        $printed = 0;
        foreach ($session->blocks as $block) {
            $printed += secondsAsPrinted($block, $items, $rest);
            $seen[$block->part->value] = true;
            expect($block->part === Part::Main && count($block->items) > 1 ? $block->changeS : $rest)
                ->toBeGreaterThanOrEqual($rest);
        }
        expect(abs($printed - $session->seconds))->toBeLessThanOrEqual(0.1 * $session->seconds, "session $i");
        // Parts in their order, each exercise in one of them.
        $order = array_map(
            static fn (Block $b): int => (int) array_search($b->part, Part::cases(), true), $session->blocks,
        );
        expect($order)->toBe(sorted($order));
        $places = array_merge(...array_map(
            static fn (Block $b): array => $b->part === Part::Activation ? [] : $b->items, $session->blocks,
        ) ?: [[]]);
        expect(sorted($places))->toBe(array_keys($items));
    }
    expect(array_keys($seen))->toContain('warm_up', 'activation', 'main', 'cool_down');
});

/** @return list<int> */
function sorted(array $numbers): array
{
    sort($numbers);

    return $numbers;
}

/** What somebody with a watch would get who does what is printed, set-ups and lighter first sets aside. */
function secondsAsPrinted(Block $block, array $items, int $restMin): int
{
    $of = static fn (int $p): Timed => $items[$p];
    $seconds = ready(...($block->part === Part::Activation ? [] : array_map($of, $block->items)));
    foreach ($block->ramped as $place) {
        $ramp = $of($place)->ramp();
        $seconds += $of($place)->boutOf($ramp?->amount->hi ?? 0) + max(60, $restMin);
    }
    $seconds += ($block->piece ?? 1) > 1 ? 60 : 0;
    if ($block->part === Part::Activation) {
        foreach ($block->items as $place) {
            $seconds += $of($place)->boutOf(5) + $block->changeS;
        }

        return $seconds;
    }
    foreach ($block->items as $i => $place) {
        $seconds += $of($place)->dose->sets * $of($place)->bout();
        if ($block->restS !== []) {
            $seconds += ($of($place)->dose->sets - 1) * $block->restS[$i] + ($i > 0 ? $block->changeS : 0);
        }
    }
    if ($block->restS === []) {
        $bouts = array_sum(array_map(static fn (int $p): int => $of($p)->dose->sets, $block->items));
        $seconds += ($bouts - 1) * $block->changeS
            + ($block->rounds - 1) * ($block->roundRestS + 60 * $block->aerobicMinutes);
    }

    return $seconds;
}

it('gives who needs it a warm-up, and a cool-down unless it is switched off', function (): void {
    $goals = static fn (Shape $shape): array => array_map(
        static fn (PlanItem $i): string => $i->goal->value,
        (new Drafter(Made::situation(Made::client(), null, Made::kitchen())))->draft(new Wishes(shape: $shape))->items,
    );
    expect($goals(new Shape))->toContain('warm_up', 'cool_down')
        ->and($goals(new Shape(coolDown: false)))->toContain('warm_up')->not->toContain('cool_down');
});
