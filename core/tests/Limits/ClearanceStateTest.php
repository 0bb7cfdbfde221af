<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\ClearanceGiven;
use BuoyantStep\Core\Limits\ClearanceState;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

it('says what is missing of a clearance, and nothing where none is asked for', function (
    array $conditions, array $given, ?string $missing, bool $holdsBack,
): void {
    $facts = new Facts(Made::client(['conditions' => $conditions]), Day::of(Made::TODAY));
    $state = new ClearanceState(
        RuleBook::standard()->envelope($facts), $facts, RuleBook::standard(), array_map(
            static fn (array $one): ClearanceGiven => new ClearanceGiven(
                Day::of($one[0]), isset($one[1]) ? Day::of($one[1]) : null,
            ), $given,
        ),
    );
    $said = $state->missing();
    expect($missing === null ? $said === null : str_starts_with((string) $said, $missing))->toBeTrue((string) $said)
        ->and($state->holdsBack())->toBe($holdsBack)
        ->and($state->isAdvisedAndMissing())->toBe(str_starts_with((string) $missing, 'Clearance is advised'));
})->with([
    'none asked, none given' => [[], [], null, false],
    'none asked, one given' => [[], [['2026-11-01']], null, false],
    'required, none given' => [[['code' => 'coronary_disease']], [], 'Clearance is required', true],
    'required and given' => [[['code' => 'coronary_disease']], [['2026-11-01']], null, false],
    'required, and run out' => [
        [['code' => 'coronary_disease']], [['2026-10-01', '2026-11-24']], 'Clearance is required', true,
    ],
    'required, on its last day' => [[['code' => 'coronary_disease']], [['2026-10-01', '2026-11-25']], null, false],
    'required, and given from a day to come' => [
        [['code' => 'coronary_disease']], [['2026-12-01']], 'Clearance is required and not recorded', true,
    ],
    'required, run out, and the next from a day to come' => [
        [['code' => 'coronary_disease']], [['2026-12-01'], ['2026-10-01', '2026-11-24']],
        'Clearance is required and the one on record ended on 24 November 2026', true,
    ],
    'advised, none given' => [[['code' => 'cancer']], [], 'Clearance is advised', false],
    'advised and given' => [[['code' => 'cancer']], [['2026-11-01']], null, false],
    'withheld, whatever was given' => [
        [['code' => 'unstable_heart']], [['2026-11-01']], 'Exercise is withheld', true,
    ],
]);

it('says where a clearance that holds a plan back is entered', function (string $code, bool $says): void {
    $facts = new Facts(Made::client(['conditions' => [['code' => $code]]]), Day::of(Made::TODAY));
    $rules = RuleBook::standard();
    $missing = (string) (new ClearanceState($rules->envelope($facts), $facts, $rules, []))->missing();
    expect(str_ends_with($missing, ': enter who gave it and when, on Screen.'))->toBe($says);
})->with([['coronary_disease', true], ['cancer', false]]);
