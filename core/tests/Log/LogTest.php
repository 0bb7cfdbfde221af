<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;

it('reads a set and writes it back in the open form', function (): void {
    $form = ['reps' => 9, 'load_g' => 2500, 'effort' => 6.5, 'side' => 'left', 'form_broke' => true];
    $set = LoggedSet::read(new Bag($form));
    expect($set->kind)->toBe(DoseKind::Reps)
        ->and($set->side)->toBe(Side::Left)
        ->and($set->jsonSerialize())->toEqual($form);
});

it('leaves out what was not recorded', function (): void {
    expect(
        LoggedSet::read(new Bag(['seconds' => 20, 'effort' => 5]))->jsonSerialize(),
    )->toEqual(['seconds' => 20, 'effort' => 5.0]);
});

it('refuses a set that counts nothing or less than nothing', function (array $set): void {
    LoggedSet::read(new Bag($set));
})->with([
    [['effort' => 5]],
    [['reps' => -1, 'effort' => 5]],
    [['reps' => 1801, 'effort' => 5]],
    [['reps' => 8, 'effort' => 11]],
    [['reps' => 8, 'effort' => 5, 'load_g' => -10]],
])->throws(InvalidInput::class);

it('needs sets, a reason for skipping, or a red flag', function (): void {
    expect(Performed::read(new Bag(['date' => '2026-11-20', 'skipped' => 'ill']))->wasDone())->toBeFalse()
        ->and(Performed::read(new Bag(['date' => '2026-11-20', 'stop_sign' => true]))->stopSign)->toBeTrue()
        ->and(
            fn () => Performed::read(new Bag(['date' => '2026-11-20'])),
        )->toThrow(InvalidInput::class, 'at least one set');
});

it('sums a session up', function (): void {
    $session = Performed::read(new Bag(['date' => '2026-11-20', 'sets' => [
        ['reps' => 10, 'effort' => 6, 'load_g' => 3000],
        ['reps' => 8, 'effort' => 7.5, 'load_g' => 2500, 'form_broke' => true],
    ]]));
    expect($session->wasDone())->toBeTrue()
        ->and($session->hardestEffort())->toBe(7.5)
        ->and($session->leastAmount())->toBe(8)
        ->and($session->brokenSets())->toBe(1)
        ->and($session->carried(2500))->toBeTrue()
        ->and($session->carried(3000))->toBeFalse()
        ->and($session->carried(null))->toBeTrue();
});

it('takes a load written down as it was shown, to ten grams, for the load that was given', function (
    int $logged, bool $carried,
): void {
    $session = Performed::read(
        new Bag(['date' => '2026-11-20', 'sets' => [['reps' => 10, 'effort' => 6, 'load_g' => $logged]]]),
    );
    expect($session->carried(2233))->toBe($carried);
})->with([[2233, true], [2230, true], [2228, true], [2227, false], [2300, true]]);
