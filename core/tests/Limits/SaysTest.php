<?php

declare(strict_types=1);

use BuoyantStep\Core\Fit\TestSafety;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Limits\ClearanceGiven;
use BuoyantStep\Core\Limits\ClearanceState;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Position;

/** @return list<string> what the limits on lying so say */
function saysOfLying(string $bed, string $home, Position $lying): array
{
    $client = Made::client(['function' => [
        'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'none',
        'bed_transfer' => $bed, 'home' => $home,
    ]]);
    $envelope = RuleBook::standard()->envelope(new Facts($client, Day::of(Made::TODAY)));

    return array_values(array_unique(array_map(static fn (Limit $l): string => $l->says, array_filter(
        $envelope->all(), static fn (Limit $l): bool => $l->value === $lying,
    ))));
}

it('says why nobody lies down: cannot at all, or not without help that is not there', function (
    string $bed, string $home, array $says,
): void {
    foreach ([
        Position::SupineFlat, Position::SupineRaised, Position::Prone, Position::SideLying, Position::SideLyingLeft,
        Position::SideLyingRight,
    ] as $lying) {
        expect(saysOfLying($bed, $home, $lying))->toBe($says, $lying->value);
    }
})->with([
    ['none', 'someone_home', ['Cannot get into bed and out of it.']],
    ['helped', 'alone', ['Needs help into bed and out of it, and is alone.']],
    ['helped', 'someone_home', []],
    ['alone', 'alone', []],
]);

it('says why nobody gets down to the floor', function (?string $floor, ?string $home, array $says): void {
    $client = Made::client(['function' => array_filter([
        'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => $floor,
        'home' => $home,
    ])]);
    $envelope = RuleBook::standard()->envelope(new Facts($client, Day::of(Made::TODAY)));
    $limits = array_filter($envelope->all(), static fn (Limit $l): bool => $l->value === Position::Floor);
    expect(array_values(array_column($limits, 'says')))->toBe($says);
})->with([
    'not asked' => [
        null, 'someone_home', ['Getting up from the floor has not been asked about: treated as unable.'],
    ],
    'not asked, alone' => [null, 'alone', ['Getting up from the floor has not been asked about: treated as unable.']],
    'with help that is not there' => ['helped', 'alone', ['Cannot get up from the floor alone, and is alone.']],
    'with help, nobody asked who is there' => ['helped', null, ['Cannot get up from the floor alone, and is alone.']],
    'not at all, alone' => ['none', 'alone', ['Cannot get up from the floor alone, and is alone.']],
    'not at all' => ['none', 'someone_home', ['Cannot get up from the floor.']],
    'with help' => ['helped', 'someone_home', []],
    'alone' => ['alone', 'alone', []],
]);

it('says who tightened a figure, to what, and why where a reason was given', function (
    ?string $reason, string $says,
): void {
    $facts = new Facts(
        Made::client(['conditions' => [['code' => 'hypertension_controlled']]]), Day::of(Made::TODAY),
    );
    $envelope = RuleBook::standard()->envelope($facts, new ClinicFigures([[
        'rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => 6, 'loosens' => false,
        'reason' => $reason,
    ]]));
    expect($envelope->tightest(Field::EffortMax)?->value)->toBe(6)
        ->and($envelope->tightest(Field::EffortMax)?->says)->toEndWith($says);
})->with([
    'no reason' => [null, 'Tightened by the clinic to 6.'],
    'a reason' => ['Our cardiologist asks.', 'Tightened by the clinic to 6. Our cardiologist asks.'],
]);

it('says of a clearance that it ended, that it is older than what it clears, or that there is none', function (
    array $given, string $says,
): void {
    $facts = new Facts(
        Made::client(['conditions' => [['code' => 'coronary_disease', 'since' => '2026-03-01']]]),
        Day::of('2026-06-01'),
    );
    $rules = RuleBook::standard();
    $state = new ClearanceState($rules->envelope($facts), $facts, $rules, $given);
    expect((string) $state->missing())->toContain($says);
})->with([
    'none' => [[], 'not recorded'],
    'ended' => [
        [new ClearanceGiven(Day::of('2026-04-01'), Day::of('2026-05-01'))], 'the one on record ended on 1 May 2026',
    ],
    'older' => [[new ClearanceGiven(Day::of('2026-01-10'))], 'is older than what it has to clear (since 1 March 2026)'],
]);

it('ends a test early only where a limit holds the effort down', function (array $conditions, ?int $effort): void {
    $facts = new Facts(Made::client(['conditions' => $conditions]), Day::of(Made::TODAY));
    expect(TestSafety::effort(AllTests::named('easy_set'), RuleBook::standard()->envelope($facts)))->toBe($effort);
})->with([
    'nothing' => [[], null],
    'controlled pressure' => [[['code' => 'hypertension_controlled']], 7],
]);

it('keeps the reason of a change that is added to a verdict, after the others', function (): void {
    $first = new Reason('limit', 'a', 'The first.');
    $second = new Reason('limit', 'b', 'The second.');
    $verdict = (new Verdict(Verdict::CHANGES, [Change::of(ChangeKind::Pad)], [$first]))
        ->and(Change::of(ChangeKind::Chocks), $second);
    expect($verdict->because)->toBe([$first, $second])
        ->and(array_map(static fn (Change $c): string => $c->code(), $verdict->changes))->toBe(['pad', 'chocks']);
});

it('says what was found of the balance of somebody at high risk of falls', function (
    array $measures, string $says,
): void {
    $client = Made::client(['conditions' => [['code' => 'falls_risk_high']]]);
    $rows = array_map(static fn (array $m): array => ['on' => Made::TODAY, ...$m], $measures);
    $envelope = RuleBook::standard()->envelope(new Facts($client, Day::of(Made::TODAY), Made::measures($rows)));
    $limits = array_filter($envelope->all(), static fn (Limit $l): bool => $l->rule === 'falls_risk_high'
        && $l->field === Field::SupportMin && $l->binds === Binds::Balance);
    expect(array_values(array_column($limits, 'says')))->toBe(["$says for balance work."]);
})->with([
    'nothing' => [[], 'Tandem not measured: one hand on something fixed'],
    'held' => [[['test' => 'tandem_stand', 'value' => 10]], 'Tandem held 10 s: fingertips on something fixed'],
    'not held' => [[['test' => 'tandem_stand', 'value' => 8]], 'Tandem held 8 s: one hand on something fixed'],
    'a stage short' => [
        [['test' => 'four_stage_balance', 'value' => 2]], 'Tandem stage not held: one hand on something fixed',
    ],
    'the stage, and not its time' => [
        [['test' => 'four_stage_balance', 'value' => 3], ['test' => 'tandem_stand', 'value' => 8]],
        'Tandem held 8 s: one hand on something fixed',
    ],
]);

it('says in pregnancy how much impact is left, by training', function (string $level, string $says): void {
    $client = Made::client([
        'sex' => 'female', 'pregnancy' => ['due_date' => (string) Day::of(Made::TODAY)->plus(180)],
        'training' => ['level' => $level],
    ]);
    $envelope = RuleBook::standard()->envelope(new Facts($client, Day::of(Made::TODAY)));
    expect($envelope->tightest(Field::ImpactMax)?->says)->toBe($says);
})->with([
    ['trained', 'No jumping in pregnancy.'], ['new', 'Not used to hops: stamps and heel drops at most.'],
]);

it('tells in a note the count that is known, and asks for one that is not', function (
    array $condition, string $note,
): void {
    $client = Made::client(['conditions' => [$condition]]);
    $envelope = RuleBook::standard()->envelope(new Facts($client, Day::of(Made::TODAY)));
    $notes = array_filter($envelope->all(), static fn (Limit $l): bool => $l->field === Field::Notes
        && $l->rule === 'platelets_low');
    expect(array_values(array_column($notes, 'says')))->toBe([$note]);
})->with([
    'not known' => [['code' => 'platelets_low'], 'Platelet count not known: ask for it before the session.'],
    '45' => [['code' => 'platelets_low', 'detail' => 'count:45'], 'Platelets 45 ×10⁹/L when last entered.'],
]);
