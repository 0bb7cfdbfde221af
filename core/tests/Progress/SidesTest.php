<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFault;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\BothSides;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;

const ROW_BY_ONE = 'tote_row/hand_chair';

/** @param  list<array{string, int, int}>  $sets  side, grams, reps with three left, before the sessions */
function rowHere(array $conditions, array $sets = [], array $measures = []): RungHere
{
    $easy = array_map(static fn (array $s): array => [
        'test' => 'easy_set', 'family' => 'tote_row', 'rung' => 'hand_chair', 'side' => $s[0], 'load_g' => $s[1],
        'reps' => $s[2], 'rir' => 3, 'on' => (string) Day::of(Made::TODAY)->plus(-20),
    ], $sets);
    $pieces = [];
    for ($g = 1000; $g <= 12_000; $g += 250) {
        $pieces[] = ['id' => 'p'.$g, 'label' => $g.' g', 'mass_g' => $g];
    }

    return Made::at(Made::situation(
        Made::client(['conditions' => $conditions]), Made::measures([...$easy, ...$measures]), Made::kit($pieces),
    ), ROW_BY_ONE);
}

/** Reviews sessions, newest last, each with the effort of the left and of the right side, or null where it rested. */
function reviewSides(RungHere $here, Dose $dose, array $sessions, int $reps = 12): Reviewed
{
    $history = [];
    foreach (array_reverse($sessions) as $i => [$left, $right]) {
        $sets = [];
        foreach (['left' => $left, 'right' => $right] as $side => $effort) {
            if ($effort !== null) {
                $load = $dose->on(Side::from($side))->loadG;
                $set = ['reps' => $reps, 'effort' => $effort, 'side' => $side, 'load_g' => $load];
                $sets = [...$sets, $set, $set];
            }
        }
        $history[] = Performed::read(new Bag([
            'date' => (string) Day::of(Made::TODAY)->plus(-2 - 3 * $i), 'sets' => $sets,
        ]));
    }

    return (new Reviewer($here->situation, new Wishes))->review(
        new Exercise($here, Goal::StrengthOlder, $dose, $history),
    );
}

function rowDose(int $leftG, int $rightG, int $lo = 8): Dose
{
    return Dose::read(new Bag(array_filter([
        'sets' => 2, 'reps' => ['lo' => $lo, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60,
        'tempo' => '3-0-2-0', 'load_g' => min($leftG, $rightG),
        'left' => $leftG === $rightG ? null : ['load_g' => $leftG],
        'right' => $leftG === $rightG ? null : ['load_g' => $rightG],
    ])));
}

const SWOLLEN = [['code' => 'lymphedema', 'side' => 'left', 'detail' => ['arms']]];

it('says when left and right progress apart', function (array $conditions, array $sets, array $measures, bool $apart) {
    expect(rowHere($conditions, $sets, $measures)->sidesApart())->toBe($apart);
})->with([
    'nobody is weaker' => [[], [], [], false],
    'a swollen arm steps otherwise' => [SWOLLEN, [], [], true],
    'a swollen leg does not concern the arms' => [
        [['code' => 'lymphedema', 'side' => 'left', 'detail' => ['legs']]], [], [], false,
    ],
    'a weak side after a stroke' => [[['code' => 'stroke_hemiparesis', 'side' => 'right']], [], [], true],
    'a painful knee says nothing of the arms' => [[['code' => 'osteoarthritis_knee', 'side' => 'left']], [], [], false],
    'grip at 75 %' => [[], [], [
        ['test' => 'grip', 'side' => 'left', 'value' => 24], ['test' => 'grip', 'side' => 'right', 'value' => 32],
    ], true],
    'grip at 80 %' => [[], [], [
        ['test' => 'grip', 'side' => 'left', 'value' => 24], ['test' => 'grip', 'side' => 'right', 'value' => 30],
    ], false],
    'a leg at 50 % is not the arms' => [[], [], [
        ['test' => 'heel_raise', 'side' => 'left', 'value' => 10],
        ['test' => 'heel_raise', 'side' => 'right', 'value' => 20],
    ], false],
    'estimates at 75 %' => [[], [['left', 3000, 8], ['right', 4000, 8]], [], true],
    'estimates at 81 %' => [[], [['left', 3250, 8], ['right', 4000, 8]], [], false],
]);

it('doses each side by its own estimate, and one dose for both by the weaker', function (): void {
    $far = rowHere([], [['left', 3000, 8], ['right', 6000, 8]]);
    $dose = Prescriber::dosing($far, Goal::StrengthOlder, 2)->dose;
    // Brzycki at 11 reps in all: 36/26 of the load; 80 % of it is the top of the range.
    expect($dose->on(Side::Left)->loadG)->toBe(3000)
        ->and($dose->on(Side::Right)->loadG)->toBeGreaterThan(5500)
        ->and($dose->loadG)->toBe($dose->on(Side::Left)->loadG)
        ->and($dose->loadLabel())->toContain('left ')->toContain('right ')
        ->and($far->estimate()->grams)->toBe($far->onSide(Side::Left)->estimate()->grams);

    $near = rowHere([], [['left', 5500, 8], ['right', 6000, 8]]);
    $both = Prescriber::dosing($near, Goal::StrengthOlder, 2)->dose;
    expect($both->isApart())->toBeFalse()
        ->and($both->loadG)->toBe(
            Prescriber::dosing($near->onSide(Side::Left), Goal::StrengthOlder, 2)->dose->loadG,
        );
});

it('steps each side by its own sessions', function (array $sessions, array $next, string $decision): void {
    $here = rowHere(SWOLLEN, [['left', 3000, 8], ['right', 6000, 8]]);
    $reviewed = reviewSides($here, rowDose(2500, 5500), $sessions);
    $dose = $reviewed->proposal->dose;
    expect([$dose->on(Side::Left)->loadG, $dose->on(Side::Right)->loadG])->toBe($next)
        ->and($reviewed->proposal->decision->value)->toBe($decision);
})->with([
    // That arm: four good sessions before a step, 5 % at most: the next quarter kilogram is 10 %, so it is bridged.
    'two good ones: the other arm alone' => [[[7, 7], [7, 7]], [2500, 6000], 'step_up'],
    'one good one: neither' => [[[7, 9], [7, 7]], [2500, 5500], 'stay'],
    'the swollen arm too hard: it eases, the other waits' => [[[7, 7], [9.5, 7]], [2250, 5500], 'ease'],
    'the other arm too hard: it eases alone' => [[[7, 7], [7, 9.5]], [2500, 5000], 'ease'],
]);

it('moves one lever for both, the weaker side\'s', function (): void {
    $grip = static fn (string $side, int $kg): array => ['test' => 'grip', 'side' => $side, 'value' => $kg];
    $here = rowHere([], [['left', 2750, 8], ['right', 6000, 8]], [$grip('left', 20), $grip('right', 40)]);
    $reviewed = reviewSides($here, rowDose(2250, 5500), [[8, 7], [8, 7]]);
    // The next quarter kilogram is 11 % of this one: the left is bridged up to 13 reps, so the load of the right waits.
    expect($reviewed->proposal->lever?->value)->toBe('reps')
        ->and($reviewed->proposal->dose->on(Side::Left)->amount->label())->toBe('8-13')
        ->and($reviewed->proposal->dose->on(Side::Right)->amount->label())->toBe('8-12')
        ->and($reviewed->proposal->dose->on(Side::Right)->loadG)->toBe(5500);
});

it('goes by the graver of two decisions, whichever side it is', function (
    string $one,
    string $other,
    string $both,
): void {
    $here = rowHere([]);
    $exercise = new Exercise($here, Goal::StrengthOlder, rowDose(3000, 4000), []);
    $of = static fn (string $decision, Side $side): Reviewed => new Reviewed(
        new Proposal(Decision::from($decision), null, rowDose(3000, 4000)->on($side), []), $here->rung,
    );
    foreach ([[$one, $other], [$other, $one]] as [$left, $right]) {
        $joined = (new BothSides($exercise, Side::Left))->join($of($left, Side::Left), $of($right, Side::Right));
        expect($joined->proposal->decision->value)->toBe($both);
    }
})->with([
    ['stop', 'ease', 'stop'], ['stop', 'step_up', 'stop'], ['stop', 'stay', 'stop'], ['ease', 'retest', 'ease'],
    ['ease', 'stay', 'ease'], ['retest', 'step_up', 'retest'], ['retest', 'stay', 'retest'],
]);

it('is to be looked at where one side is', function (bool $left, bool $right): void {
    $here = rowHere([]);
    $of = static fn (bool $look, Side $side): Reviewed => new Reviewed(new Proposal(
        Decision::Stay, null, rowDose(3000, 4000)->on($side), [], review: $look,
    ), $here->rung);
    $joined = (new BothSides(new Exercise($here, Goal::StrengthOlder, rowDose(3000, 4000), []), Side::Left))
        ->join($of($left, Side::Left), $of($right, Side::Right));
    expect($joined->proposal->review)->toBe($left || $right);
})->with([[false, false], [true, false], [false, true], [true, true]]);

it('takes the lever of the side that leads where each would move another', function (
    string $leading,
    string $lever,
): void {
    $here = rowHere([]);
    $exercise = new Exercise($here, Goal::StrengthOlder, rowDose(3000, 4000), []);
    $of = static fn (Lever $lever, Side $side): Reviewed => new Reviewed(new Proposal(
        Decision::StepUp, $lever, rowDose(3500, 4500)->on($side), [],
    ), $here->rung);
    $joined = (new BothSides($exercise, Side::from($leading)))->join(
        $of(Lever::Reps, Side::Left), $of(Lever::Load, Side::Right),
    );
    expect($joined->proposal->lever?->value)->toBe($lever);
})->with([['left', 'reps'], ['right', 'load']]);

it('lets nobody have two paces who has one side', function (array $conditions, array $open, bool $apart): void {
    $here = Made::at(
        Made::situation(Made::client(['conditions' => $conditions]), kit: Made::kitchen()),
        'curl/one_arm',
    );
    expect(array_column($here->openSides(), 'value'))
        ->toBe($open)
        ->and((new Exercise($here, Goal::StrengthOlder, rowDose(3000, 4000), []))->isApart())
        ->toBe($apart);
})->with([
    'both arms' => [[], ['left', 'right'], true],
    'the right arm' => [[['code' => 'limb_loss', 'side' => 'left', 'detail' => ['above_elbow']]], ['right'], false],
]);

it('lets one side go on where the other would go to a harder rung', function (): void {
    $here = rowHere([['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => ['first_block_done']]], [
        ['left', 1250, 8], ['right', 6000, 8],
    ]);
    // At 15 reps at most the left cannot be bridged to 1.25 kg; a harder rung is for both.
    $reviewed = reviewSides($here, rowDose(1000, 5000, 10), [[7, 7], [7, 7]]);
    expect($reviewed->rung->code)->toBe('hand_chair')
        ->and($reviewed->proposal->lever?->value)->toBe('load')
        ->and($reviewed->proposal->dose->on(Side::Left)->loadG)->toBe(1000)
        ->and($reviewed->proposal->dose->on(Side::Right)->loadG)->toBe(5500)
        ->and(array_filter($reviewed->proposal->because, static fn ($r): bool => str_starts_with($r->says, 'Left: ')))
        ->not->toBe([]);
});

it('goes to a harder rung when both sides are ready, to an easier one when either must', function (): void {
    $here = Made::at(Made::situation(Made::client([
        'conditions' => [['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => ['first_block_done']]],
    ]), Made::measures([[
        'test' => 'easy_set', 'family' => 'tote_row', 'rung' => 'hand_chair', 'load_g' => 1000, 'reps' => 10,
        'rir' => 3, 'on' => Made::TODAY,
    ]]), Made::kit([['id' => 'a', 'label' => 'bottle', 'mass_g' => 1000]])), ROW_BY_ONE);
    $rungs = static fn (array $sessions): array => (static fn (Reviewed $r): array => [
        $r->rung->code, $r->proposal->decision->value,
    ])(reviewSides($here, rowDose(1000, 1000, 10), $sessions));
    expect($rungs([[7, 7], [7, 7]]))->toBe(['hand_chair_pause', 'step_up'])
        ->and($rungs([[9, 7], [7, 7]])[0])->toBe('hand_chair')
        ->and($rungs([[7, 7], [7, 9]])[1])->toBe('ease');
});

it('keeps a session in which one side rested out of that side\'s run', function (): void {
    $here = rowHere([['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => ['first_block_done']]], [
        ['left', 6000, 8], ['right', 6000, 8],
    ]);
    $both = reviewSides($here, rowDose(5000, 5000, 10), [[7, 7], [7, 7]]);
    $rested = reviewSides($here, rowDose(5000, 5000, 10), [[7, 7], [null, 7]]);
    expect($both->proposal->dose->isApart())->toBeFalse()
        ->and($both->proposal->dose->loadG)->toBe(5500)
        ->and($rested->proposal->dose->on(Side::Left)->loadG)->toBe(5000)
        ->and($rested->proposal->dose->on(Side::Right)->loadG)->toBe(5500);
});

it('refuses what one side may not lift, at that side', function (): void {
    $here = rowHere([['code' => 'stroke_hemiparesis', 'side' => 'left']], [['left', 3000, 8], ['right', 6000, 8]]);
    $fields = static fn (int $l, int $r): array => array_map(
        static fn (DoseFault $f): string => $f->field->value,
        (new DoseFaults($here, Goal::StrengthFirstBlock))->of(new Dose(...[
            ...get_object_vars(rowDose($l, $r)),
            'amount' => new BuoyantStep\Core\Units\Span(10, 12), 'effort' => new BuoyantStep\Core\Units\Span(4, 5),
        ])),
    );
    // 50 % of 36/26 of 3 kg is 2.076 kg; of 6 kg, 4.153 kg.
    expect($fields(2000, 4000))->toBe([])
        ->and($fields(2250, 4000))->toBe(['left_load'])
        ->and($fields(2000, 4250))->toBe(['right_load'])
        ->and($fields(2000, 12_500))->toBe(['right_load', 'right_load']);
});

it('reads and writes a dose whose sides differ', function (): void {
    $form = [
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 10], 'effort' => ['lo' => 5, 'hi' => 7], 'load_g' => 1000,
        'per' => 'total', 'rest_s' => 60, 'days_a_week' => 2, 'left' => ['load_g' => 1000],
        'right' => ['reps' => ['lo' => 10, 'hi' => 12], 'load_g' => 2000],
    ];
    $dose = Dose::read(new Bag($form));
    expect(json_decode((string) json_encode($dose), true))->toEqual($form)
        ->and($dose->on(Side::Left)->amount->label())->toBe('8-10')
        ->and($dose->on(Side::Right)->amount->label())->toBe('10-12')
        ->and($dose->on(Side::Right)->isApart())->toBeFalse()
        ->and($dose->amountLabel())->toBe('2 × left 8-10, right 10-12')
        ->and(Dose::joined($dose->on(Side::Left), $dose->on(Side::Left))->isApart())->toBeFalse();
});
