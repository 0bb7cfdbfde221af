<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Home\Beat;
use BuoyantStep\Core\Home\Closing;
use BuoyantStep\Core\Home\DaySession;
use BuoyantStep\Core\Home\EasierStep;
use BuoyantStep\Core\Home\HowHard;
use BuoyantStep\Core\Home\PainAnswer;
use BuoyantStep\Core\Home\StepKind;
use BuoyantStep\Core\Home\WalkStep;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Session\Part;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** @return array{Situation, Wishes, list<Planned>, list<BuoyantStep\Core\Plan\Days\OnDays>} */
function plannedFor(Made $made): array
{
    $situation = Made::situation(Profile::read(new Bag($made->randomForm())), $made->randomMeasures(), Made::kitchen());
    $shape = new Shape($made->chance(50), $made->chance(50), $made->int(0, 3), $made->chance(70));
    $wishes = new Wishes(
        days: [1, 3, 5], minutes: $made->int(10, 60), structure: $made->one(Structure::cases()), shape: $shape,
    );
    $draft = (new Drafter($situation))->draft($wishes);
    $planned = array_map(static fn (PlanItem $i): Planned => new Planned(
        $i->family, $i->rung, $i->goal, $i->dose, $i->sides, $i->changes,
    ), $draft->items);

    return [$situation, $wishes, $planned, $draft->on];
}

/** Seconds of what is walked through, as somebody with a watch counts them; set-ups aside. */
function secondsWalked(DaySession $day): int
{
    $seconds = 0;
    foreach ($day->steps as $step) {
        $seconds += $step->restS;
        if ($step->place === null) {
            $seconds += $step->amount->hi;

            continue;
        }
        $item = $day->items[$step->place];
        $seconds += intdiv(
            Timed::planned($item)->boutOf($step->amount->hi), max(1, count($item->sides)),
        );
    }

    return $seconds;
}

it('leads through every set of every exercise, on every side, in rests that make the minutes', function (): void {
    $made = new Made(413);
    $met = [];
    for ($i = 0; $i < 150; $i++) {
        [$situation, $wishes, $planned, $on] = plannedFor($made);
        $day = DaySession::of($situation, $planned, $on, $wishes->days, 1, $wishes->structure, $wishes->shape);
        $sets = array_values(array_filter($day->steps, static fn (WalkStep $s): bool => $s->kind === StepKind::Set));
        foreach ($day->items as $place => $item) {
            $own = array_values(array_filter($sets, static fn (WalkStep $s): bool => $s->place === $place));
            expect(count($own))->toBe($item->dose->sets * count($item->sides));
            foreach ($own as $n => $step) {
                $side = $item->sides[$n % count($item->sides)];
                expect($step->side)->toBe($side)->and($step->set)->toBe(intdiv($n, count($item->sides)) + 1)
                    ->and($step->of)->toBe($item->dose->sets)
                    ->and($step->amount)->toEqual($item->dose->on($side)->amount);
            }
        }
        foreach ($day->steps as $step) {
            $met[$step->kind->value] = true;
        }
        expect($day->steps === [] ? 0 : $day->steps[count($day->steps) - 1]->restS)->toBe(0);
        // Getting ready is in the minutes and not in the walk; a limit's rest is never shorter than it asks.
        $ready = array_sum(array_map(static fn (Planned $p): int => $p->rung->setUp->seconds, $day->items));
        expect(abs(secondsWalked($day) + $ready - $day->seconds))->toBeLessThanOrEqual(
            0.1 * $day->seconds + 30 + $situation->envelope->restMin(), "client $i",
        );
        foreach (array_slice($day->steps, 0, -1) as $n => $step) {
            $next = $day->steps[$n + 1];
            $goesOn = $next->place !== $step->place || $next->set !== $step->set;
            $marches = $next->kind === StepKind::March || $step->kind === StepKind::March;
            if ($step->part !== Part::WarmUp && $step->piece === $next->piece && $goesOn && ! $marches) {
                expect($step->restS)->toBeGreaterThanOrEqual($situation->envelope->restMin());
            }
        }
    }
    expect(array_keys($met))->toContain('set', 'ramp', 'easy', 'march');
});

it('halves the sets where the check says lighter, and does fewer in an easier week', function (): void {
    $made = new Made(414);
    for ($i = 0; $i < 100; $i++) {
        [$situation, $wishes, $planned, $on] = plannedFor($made);
        $of = static fn (bool $easier, bool $lighter): DaySession => DaySession::of(
            $situation, $planned, $on, $wishes->days, 3, $wishes->structure, $wishes->shape, $easier, $lighter,
        );
        foreach ($planned as $place => $item) {
            $sets = $item->dose->sets;
            expect($of(false, true)->items[$place]->dose->sets)->toBe([1 => 1, 2 => 1, 3 => 1, 4 => 2, 5 => 2][$sets])
                ->and($of(true, false)->items[$place]->dose->sets)->toBe(
                    [1 => 1, 2 => 1, 3 => 2, 4 => 2, 5 => 3][$sets],
                )
                ->and($of(true, true)->items[$place]->dose->sets)->toBeLessThanOrEqual($sets);
        }
        expect($of(false, true)->seconds)->toBeLessThanOrEqual($of(false, false)->seconds);
    }
});

it('steps down only to what is open, dosed inside its limits, and to fewer sets never more', function (): void {
    $made = new Made(415);
    $found = 0;
    for ($i = 0; $i < 150; $i++) {
        [$situation, $wishes, $planned] = plannedFor($made);
        foreach ($planned as $item) {
            $easier = EasierStep::below($item, $situation, $wishes);
            if ($easier === null) {
                continue;
            }
            $found++;
            $here = $situation->at($easier->family, $easier->rung);
            expect($easier->family->position($easier->rung->code))
                ->toBeLessThan($item->family->position($item->rung->code))
                ->and($here->isOut())->toBeFalse()
                ->and($here->lacks())->toBeNull()
                ->and((new DoseFaults($here, $easier->goal))->of($easier->dose))->toBe([])
                ->and($easier->dose->sets)->toBeLessThanOrEqual($item->dose->sets);
        }
    }
    expect($found)->toBeGreaterThan(200);
});

it('answers pain by the ceiling of the rule', function (int $ceiling, string $answers): void {
    $short = ['carry_on' => 'c', 'ease' => 'e', 'leave_out' => 'l'];
    expect(implode('', array_map(
        static fn (PainAnswer $a): string => $short[$a->value], PainAnswer::table($ceiling),
    )))->toBe($answers);
})->with([
    'none is accepted' => [0, 'celllllllll'], 'up to three' => [3, 'ccccellllll'], 'up to five' => [5, 'ccccccellll'],
]);

it('never answers more pain with less care', function (int $ceiling): void {
    $ranks = array_map(
        static fn (PainAnswer $a): int => (int) array_search($a, PainAnswer::cases(), true),
        PainAnswer::table($ceiling),
    );
    expect($ranks)->toBe(sortedUp($ranks))->and($ranks)->toHaveCount(11)->and($ranks[10])->toBe(2);
})->with([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);

/** @param  list<int>  $numbers */
function sortedUp(array $numbers): array
{
    sort($numbers);

    return $numbers;
}

it('asks how hard it was in words that fit, from easy to hard', function (
    Goal $goal, DoseKind $kind, array $efforts, array $reserve,
): void {
    $all = HowHard::choices($goal, $kind);
    expect(array_map(static fn (HowHard $h): ?float => $h->effort(), $all))->toBe($efforts)
        ->and(array_map(static fn (HowHard $h): ?int => $h->inReserve(), $all))->toBe($reserve);
    foreach ($all as $one) {
        expect(($one->effort() === null) !== ($one->inReserve() === null))->toBeTrue()
            ->and($one->breaksForm())->toBe($one === HowHard::HeldOn);
    }
})->with([
    'reps' => [
        Goal::StrengthOlder, DoseKind::Reps, [null, null, null, null, null], [5, 3, 2, 1, 0],
    ],
    'a hold' => [Goal::Isometric, DoseKind::Hold, [3.0, 5.0, 7.0, 9.0], [null, null, null, null]],
    'balance' => [Goal::Balance, DoseKind::Hold, [3.0, 5.0, 7.0], [null, null, null]],
    'a warm-up by reps' => [Goal::WakeUp, DoseKind::Reps, [3.0, 5.0, 7.0, 9.0], [null, null, null, null]],
]);

it('closes a card on the day that comes first', function (
    array $client, ?string $clearedUntil, string $on, string $for,
): void {
    $facts = new Facts(Made::client($client), Day::of(Made::TODAY));
    $closing = Closing::of(RuleBook::standard(), $facts, $clearedUntil === null ? null : Day::of($clearedUntil));
    expect([(string) $closing->on, $closing->for->value])->toBe([$on, $for]);
})->with([
    'nothing comes' => [[], null, '2026-12-02', 'week'],
    'a clearance that runs out tomorrow' => [[], '2026-11-26', '2026-11-27', 'clearance'],
    'a clearance that runs on for long' => [[], '2026-12-24', '2026-12-02', 'week'],
    '28 weeks in three days' => [['pregnancy' => ['due_date' => '2027-02-20']], null, '2026-11-28', 'limits'],
]);

it('beats a rep as its dose says, from what comes first', function (
    string $at, string $tempo, ?int $hold, array $parts,
): void {
    $here = Made::at(Made::situation(Made::client()), $at);
    $dose = Dose::read(new Bag([
        'sets' => 1, 'reps' => ['lo' => 8, 'hi' => 10], 'effort' => ['lo' => 4, 'hi' => 6], 'per' => 'total',
        ...($tempo === '' ? [] : ['tempo' => $tempo]), ...($hold === null ? [] : ['hold_s' => $hold]),
    ]));
    expect(array_map(
        static fn (array $p): array => [$p['move'], $p['seconds']], Beat::of($here->family, $here->rung, $dose),
    ))->toEqual($parts);
})->with([
    'up from a seat' => ['seat_rise/no_hands', '3-0-2-0', null, [['lift', 2], ['lower', 3]]],
    'with pauses' => ['seat_rise/no_hands', '2-1-1-1', null, [['lift', 1], ['hold', 1], ['lower', 2], ['hold', 1]]],
    'fast up' => ['seat_rise/no_hands', '3-0-fast-0', null, [['lift fast', 1], ['lower', 3]]],
    'held inside each rep' => ['seat_rise/no_hands', '2-0-1-0', 10, [['lift', 1], ['lower', 2], ['hold', 10]]],
    'down from standing' => ['deep_squat/held', '3-0-2-0', null, [['lower', 3], ['lift', 2]]],
    'down to the bench' => ['floor_push/bench', '3-0-2-0', null, [['lower', 3], ['lift', 2]]],
    'a band from above' => ['band_pull_down/bent', '3-0-2-0', null, [['lift', 2], ['lower', 3]]],
    'without a tempo, by what a rep takes' => ['seat_rise/no_hands', '', null, [['move', 6]]],
]);
