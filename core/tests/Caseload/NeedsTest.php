<?php

declare(strict_types=1);

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\Needs;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** @return list<Need> of someone with a plan, measured and at it this week, but for what is given */
function needsOf(array $with): array
{
    return Needs::of(new Standing(...[
        'on' => Day::of(Made::TODAY), 'stopSign' => null, 'clearanceMissing' => null, 'breaches' => [],
        'proposals' => [], 'waiting' => [], 'crossings' => [],
        'hasIssued' => true, 'hasDraft' => false, 'lastMeasured' => Day::of(Made::TODAY)->plus(-3),
        'lastSession' => Day::of(Made::TODAY)->plus(-1), ...$with,
    ]));
}

it('says each need in its words, with its mark and where to go', function (
    array $with, string $mark, string $says, string $stage,
): void {
    $needs = needsOf($with);
    expect($needs)->toHaveCount(1)
        ->and([$needs[0]->kind->mark()->value, $needs[0]->says, $needs[0]->stage])->toBe([$mark, $says, $stage]);
})->with([
    'a red flag' => [
        ['stopSign' => 'faintness'], 'stop', 'Red flag: faintness. Nothing resumes until you clear it.', 'review',
    ],
    'a gate that stops' => fn () => [
        ['gate' => GateVerdict::StopAndCall],
        'stop',
        'Gate today: stop and call. No session until a later check says otherwise.',
        'gate',
    ],
    'a gate that stopped days ago' => fn () => [
        ['gate' => GateVerdict::StopAndCall, 'gateOn' => Day::of(Made::TODAY)->plus(-40)],
        'stop',
        'Gate of '.Day::of(Made::TODAY)
            ->plus(-40)
            ->label().': stop and call. No session until a later check says otherwise.',
        'gate',
    ],
    'a gate that waits' => fn () => [['gate' => GateVerdict::Wait], 'look', 'Gate today: wait. Check again.', 'gate'],
    'a breach' => [
        ['breaches' => ['Heel raise: no impact']], 'look', 'The plan in use no longer fits: Heel raise: no impact',
        'plan',
    ],
    'three breaches' => [
        ['breaches' => ['Heel raise: no impact', 'Row: too heavy', 'Curl: out']],
        'look',
        'The plan in use no longer fits: Heel raise: no impact (+2 more)',
        'plan',
    ],
    'easing' => [['proposals' => ['ease' => ['Row, 4 kg']]], 'ease', 'Ease: Row, 4 kg', 'review'],
    'measuring again' => [['proposals' => ['retest' => ['Row']]], 'look', 'Measure again: Row', 'review'],
    'a step up' => [['proposals' => ['step_up' => ['Row, 5 kg']]], 'up', 'Step up: Row, 5 kg', 'review'],
    'clearance' => [
        ['clearanceMissing' => 'Clearance is required and not recorded.'],
        'look',
        'Clearance is required and not recorded.',
        'screen',
    ],
    'what waits for a word' => fn () => [
        ['waiting' => [new Crossing(Day::of('2026-11-20'), 'sternotomy', 'The twelve weeks are over.', false)]],
        'look',
        'The twelve weeks are over.',
        'limits',
    ],
    'a date ahead' => fn () => [
        ['crossings' => [new Crossing(Day::of('2026-11-30'), 'pregnancy', '20 weeks: not flat on the back.', true)]],
        'look',
        '30 November 2026: 20 weeks: not flat on the back.',
        'limits',
    ],
    'what a date will no longer allow' => [
        ['ahead' => 'From 12 March 2026 the plan will not fit: Bridge and march: raise the trunk.'],
        'look',
        'From 12 March 2026 the plan will not fit: Bridge and march: raise the trunk.',
        'plan',
    ],
    'a draft' => [['hasDraft' => true], 'look', 'A drafted plan waits to be issued.', 'plan'],
    'screened only' => [
        ['hasIssued' => false, 'lastMeasured' => null, 'lastSession' => null],
        'look',
        'Screened; not measured yet.',
        'measure',
    ],
    'measured only' => [['hasIssued' => false, 'lastSession' => null], 'look', 'Measured; no plan yet.', 'plan'],
    'never measured' => [['lastMeasured' => null], 'look', 'Never measured.', 'measure'],
    're-test due' => fn () => [
        ['lastMeasured' => Day::of(Made::TODAY)->plus(-30)], 'look', 'Re-test due: last measured 30 days ago.',
        'measure',
    ],
    're-test for a reason' => [
        ['retestBecause' => 'a fall was reported.'], 'look', 'Re-test now: a fall was reported.', 'measure',
    ],
    'a worse morning' => [
        ['worse' => 'Pain next morning was 4, worse than 1 before, session of 2 May 2026.'],
        'ease',
        'Pain next morning was 4, worse than 1 before, session of 2 May 2026.',
        'review',
    ],
    'a message' => [['messages' => ['Tells a fall: "I fell"']], 'look', 'Tells a fall: "I fell"', 'messages'],
    'a session from elsewhere' => fn () => [
        ['toSee' => [Day::of('2026-11-20')]], 'look', 'A session of 20 November 2026 came in: look at it.', 'log',
    ],
    'sessions from elsewhere' => fn () => [
        ['toSee' => [Day::of('2026-11-20'), Day::of('2026-11-18')]],
        'look',
        '2 sessions came in, the last of 20 November 2026: look at them.',
        'log',
    ],
    'a clearance that ends in a fortnight' => fn () => [
        ['clearedUntil' => Day::of(Made::TODAY)->plus(14)],
        'look',
        'Clearance ends on '.Day::of(Made::TODAY)->plus(14)->label().': ask for it again.',
        'screen',
    ],
    'a clearance that ends today' => fn () => [
        ['clearedUntil' => Day::of(Made::TODAY)],
        'look',
        'Clearance ends on '.Day::of(Made::TODAY)->label().': ask for it again.',
        'screen',
    ],
    'an intake from home' => fn () => [
        ['intakeOn' => Day::of('2026-11-20')], 'look', 'Intake answered at home on 20 November 2026: go through it.',
        'screen',
    ],
    'a plateau' => [
        ['plateaus' => ['Row: no step for 5 weeks.']], 'look', 'Row: no step for 5 weeks.', 'review',
    ],
    'an outgrown kit' => [
        ['outgrown' => ['Row', 'Curl']], 'look', 'The kit at home has no next load for: Row (+1 more).', 'kit',
    ],
    'a plan that nobody began' => fn () => [
        ['lastSession' => null, 'issuedOn' => Day::of(Made::TODAY)->plus(-7)],
        'look',
        'No session logged since the plan was issued 7 days ago.',
        'log',
    ],
    'a missed week' => fn () => [
        ['lastSession' => Day::of(Made::TODAY)->plus(-9)], 'look', 'No session logged for 9 days.', 'log',
    ],
]);

it('needs nobody who has all of it', fn () => expect(needsOf([]))->toBe([]));

it('says nothing yet of a clearance that ends later, nor of one that has ended', function (int $days): void {
    expect(needsOf(['clearedUntil' => Day::of(Made::TODAY)->plus($days)]))->toBe([]);
})->with([15, -1]);

it('gives a plan a week to be begun', function (): void {
    expect(needsOf(['lastSession' => null, 'issuedOn' => Day::of(Made::TODAY)->plus(-6)]))->toBe([]);
});

it('never puts off what stops a session or may harm, and has words for every kind', function (): void {
    $never = array_values(array_filter(NeedKind::cases(), static fn (NeedKind $k): bool => ! $k->canWait()));
    expect($never)->toBe([
        NeedKind::StopSign, NeedKind::GateStopped, NeedKind::GateWaits, NeedKind::Unreadable,
        NeedKind::PlanNoLongerFits,
    ])->and(array_unique(array_map(static fn (NeedKind $k): string => $k->label(), NeedKind::cases())))
        ->toHaveCount(count(NeedKind::cases()));
});

it('is the same need from day to day as long as nothing happens', function (
    string $what, array $else, int $days,
): void {
    $with = [...$else, $what => Day::of(Made::TODAY)->plus($days)];
    $tomorrow = needsOf([...$with, 'on' => Day::of(Made::TODAY)->plus(1)]);
    expect($tomorrow[0]->says)->not->toBe(needsOf($with)[0]->says)
        ->and($tomorrow[0]->about)->toBe(needsOf($with)[0]->about);
})->with([
    'not logging' => ['lastSession', [], -9],
    'never begun' => ['issuedOn', ['lastSession' => null], -9],
    're-test' => ['lastMeasured', [], -30],
]);

it('needs nobody whom the gate let go, lighter or not today', function (GateVerdict $verdict): void {
    expect(needsOf(['gate' => $verdict]))->toBe([]);
})->with([GateVerdict::Go, GateVerdict::Lighter, GateVerdict::NotToday]);

it('forgets a gate of yesterday that did not stop', function (GateVerdict $verdict): void {
    expect(needsOf(['gate' => $verdict, 'gateOn' => Day::of(Made::TODAY)->plus(-1)]))->toBe([]);
})->with([GateVerdict::Go, GateVerdict::Lighter, GateVerdict::NotToday, GateVerdict::Wait]);

it('puts the needs in the order in which a careful person would look', function (): void {
    $all = needsOf([
        'lastSession' => Day::of(Made::TODAY)->plus(-9), 'lastMeasured' => Day::of(Made::TODAY)->plus(-60),
        'hasDraft' => true,
        'crossings' => [new Crossing(Day::of('2026-11-30'), 'x', 'ahead.', true)],
        'waiting' => [new Crossing(Day::of('2026-11-20'), 'x', 'waits.', false)],
        'clearanceMissing' => 'clearance.',
        'proposals' => ['step_up' => ['up.'], 'retest' => ['again.'], 'ease' => ['down.']], 'breaches' => ['breach.'],
        'stopSign' => 'faintness', 'worse' => 'Pain next morning was 4, worse than 1 before.',
        'messages' => ['Tells a fall: "x"'], 'toSee' => [Day::of(Made::TODAY)], 'outgrown' => ['Row'],
        'clearedUntil' => Day::of(Made::TODAY)->plus(3), 'intakeOn' => Day::of(Made::TODAY),
        'plateaus' => ['Row: no step for 5 weeks.'],
    ]);
    expect(array_map(static fn (Need $n): string => strtok($n->says, ':. ').'>'.$n->stage, $all))
        ->toBe(
            [
                'Red>review', 'The>plan', 'Pain>review', 'Ease>review', 'Tells>messages', 'A>log', 'clearance>screen',
                'waits>limits', '30>limits', 'Clearance>screen', 'Intake>screen', 'Measure>review', 'Step>review',
                'A>plan', 'No>log', 'Row>review', 'Re-test>measure', 'The>kit',
            ],
        );
    $ranks = array_map(static fn (Need $n): int => $n->kind->rank(), $all);
    $sorted = $ranks;
    sort($sorted);
    expect($ranks)->toBe($sorted)->and($ranks[0])->toBe(0);
});

it('does not ask for a re-test of a plan that is not in use', function (): void {
    expect(
        array_column(
            array_map(
                static fn (Need $n): array => ['stage' => $n->stage],
                needsOf(['hasIssued' => false, 'hasDraft' => true, 'lastMeasured' => Day::of(Made::TODAY)->plus(-90)]),
            ),
            'stage',
        ),
    )->toBe(['plan']);
});
