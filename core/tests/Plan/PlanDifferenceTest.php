<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\PlanDifference;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Support;

function version(string $code, array $dose = [], array $with = []): Planned
{
    [$family, $rung] = explode('/', $code);
    $found = Catalogue::standard()->family($family);

    return new Planned($found, $found->rung($rung), $with['goal'] ?? Goal::StrengthOlder, Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 60, ...$dose,
    ])), $with['sides'] ?? [Side::Both], $with['made'] ?? []);
}

it('finds nothing between a plan and itself', function (): void {
    $plan = [version('seat_rise/no_hands'), version('tote_row/hand_chair', ['load_g' => 1000])];
    expect(PlanDifference::between($plan, $plan))->toBe([]);
});

it('names what is new, what is gone, and each thing that is another', function (): void {
    $found = PlanDifference::between(
        [version('seat_rise/no_hands'), version('wall_counter_push/counter')],
        [version('seat_rise/load_close', ['sets' => 3, 'load_g' => 2000]), version('heel_raise/two_hands')],
    );
    expect(array_column($found, 'kind'))->toBe(['changed', 'new', 'gone'])
        ->and(array_column($found, 'was'))->toBe(['seat_rise/no_hands', null, 'wall_counter_push/counter'])
        ->and($found[0]['says'][0])->toBe('Rung: Seat rise, load held close, before Seat rise, arms crossed')
        ->and($found[0]['says'][1])->toBe('Amount: 3 × 8-12, before 2 × 8-12')
        ->and($found[0]['says'][2])->toStartWith('Load: ')->toEndWith('before none')
        ->and($found[2]['exercise'])->toBe('Counter push-up');
});

it('tells several of a family apart: by their rung, then in their order', function (): void {
    $found = PlanDifference::between(
        [version('seat_rise/no_hands'), version('seat_rise/load_close', ['load_g' => 2000])],
        [version('seat_rise/load_close', ['load_g' => 3000]), version('seat_rise/raised_hands')],
    );
    expect(array_column($found, 'kind'))->toBe(['changed', 'changed'])
        ->and($found[0]['says'])->toHaveCount(1)->and($found[0]['says'][0])->toStartWith('Load: ')
        ->and($found[1]['says'])->toHaveCount(1)->and($found[1]['says'][0])->toStartWith('Rung: ')
        ->toEndWith('before Seat rise, arms crossed');
    $gone = PlanDifference::between(
        [version('seat_rise/no_hands'), version('seat_rise/load_close')], [version('seat_rise/load_close')],
    );
    expect(array_column($gone, 'kind'))->toBe(['gone'])->and($gone[0]['exercise'])->toBe('Seat rise, arms crossed');
});

it('sees each thing of a dose', function (array $dose, array $with, string $says): void {
    $found = PlanDifference::between([version('seat_rise/no_hands')], [version('seat_rise/no_hands', $dose, $with)]);
    expect($found)->toHaveCount(1)->and($found[0]['says'])->toBe([$says]);
})->with([
    [['rest_s' => 90], [], 'Rest: 90 s, before 60 s'],
    [['effort' => ['lo' => 4, 'hi' => 6]], [], 'RPE: 4-6, before 5-7'],
    [['tempo' => '4-1-2-0'], [], 'Tempo: 4-1-2-0, before free'],
    [['hold_s' => 5], [], 'Each rep: each held 5 s, before not held'],
    [[], ['goal' => Goal::Size], 'Goal: muscle size, before strength, after the first block'],
    [[], ['sides' => [Side::Left]], 'Sides: left, before both'],
    [[], ['made' => [Change::holdOn(Support::OneHand)]], 'Changes: hold on with one hand, before none'],
]);
