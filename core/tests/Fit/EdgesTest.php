<?php

declare(strict_types=1);

use BuoyantStep\Core\Fit\ChangeLimits;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Fit\Judge;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\WhichSide;

require_once __DIR__.'/helpers.php';

/* What a change asks of the dose, and where a hand, a load or a hand's weight turns the verdict. */

it('asks of the dose what a change promises', function (Change $change, array $limits): void {
    $found = array_map(static fn (Limit $l): array => [$l->field->value, $l->value], ChangeLimits::of([$change]));
    expect($found)->toBe($limits);
})->with([
    'counted aloud' => [fn () => Change::of(ChangeKind::CountAloud), [['effort_max', 5]]],
    'lighter' => [fn () => Change::lightenTo(60), [['load_pct_max', 60]]],
    'held for less' => [fn () => Change::holdFor(10), [['hold_max_s', 10]]],
    'held on to' => [fn () => Change::holdOn(Support::OneHand), []],
]);

it('holds on with as many hands as grip', function (string $left, string $right, string $verdict): void {
    // Part of the weight on a healing leg: both hands on something fixed.
    $client = [
        'conditions' => [['code' => 'fracture_healing', 'side' => 'left', 'detail' => ['leg', 'weight_partial']]],
        'function' => [
            'grip' => ['left' => $left, 'right' => $right],
            'standing' => 'free',
            'trunk' => 'full',
            'floor_transfer' => 'alone',
            'home' => 'someone_home',
        ],
    ];
    expect(verdictOn(['support' => 'two_hands'], $client)->verdict)->toBe($verdict);
})->with([
    ['full', 'full', 'changes'], ['fair', 'fair', 'changes'], ['weak', 'fair', 'out'], ['fair', 'none', 'out'],
    ['weak', 'weak', 'out'],
]);

it('lets nothing press in a part that may carry no load', function (array $demands, string $verdict): void {
    $flare = ['conditions' => [['code' => 'rheumatoid_arthritis', 'side' => 'left', 'detail' => ['flare', 'arms']]]];
    expect(verdictOn(['position' => 'seated', 'support' => 'seated', ...$demands], $flare)->verdict)->toBe($verdict);
})->with([
    'hands pressed together' => [['region' => 'trunk', 'self_load' => ['upper']], 'out'],
    'legs pressed together' => [['region' => 'lower', 'self_load' => ['lower']], 'fits'],
    'nothing pressed' => [['region' => 'trunk'], 'fits'],
]);

it('takes weight on the hands for the motion that it is, named or not', function (
    array $demands,
    string $verdict,
): void {
    $sore = ['conditions' => [['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => ['painful_shoulder']]]];
    expect(verdictOn(['position' => 'seated', 'region' => 'trunk', 'support' => 'seated', ...$demands], $sore)->verdict)
        ->toBe($verdict);
})->with([
    'some weight, not named' => [['hand_weight' => 'some'], 'out'],
    'some weight, named' => [['hand_weight' => 'some', 'motions' => ['weight_on_hand']], 'out'],
    'named alone' => [['motions' => ['weight_on_hand']], 'out'],
    'none' => [['hand_weight' => 'none'], 'fits'],
]);

it('trains balance alone with a hand on something fixed, where there is a hand for it', function (
    string $home, array $demands, string $grip, string $verdict, array $changes,
): void {
    $client = [
        'conditions' => [['code' => 'low_vision']],
        'function' => [
            'grip' => ['left' => $grip, 'right' => $grip],
            'standing' => 'free',
            'trunk' => 'full',
            'floor_transfer' => 'alone',
            'home' => $home,
        ],
    ];
    $found = verdictOn(['balance' => 2, ...$demands], $client);
    expect([$found->verdict, array_map(static fn (Change $c): string => $c->code(), $found->changes)])->toBe([
        $verdict,
        $changes,
    ]);
})->with([
    'somebody there' => ['someone_home', ['support' => 'one_hand'], 'fair', 'fits', []],
    'alone, a hand free' => ['alone', ['support' => 'one_hand'], 'fair', 'changes', ['hold_on:one_hand']],
    'alone, both hands full' => ['alone', ['support' => 'free'], 'fair', 'out', []],
    'alone, hands that cannot hold' => ['alone', ['support' => 'one_hand'], 'weak', 'out', []],
    'alone, held on to by itself' => [
        'alone',
        ['support' => 'one_hand', 'usual_support' => 'one_hand'],
        'fair',
        'fits',
        [],
    ],
    'alone, no balance to speak of' => ['alone', ['support' => 'one_hand', 'balance' => 1], 'fair', 'fits', []],
    'alone, seated' => [
        'alone', ['position' => 'seated', 'support' => 'seated', 'usual_support' => 'seated'], 'fair', 'fits', [],
    ],
]);

it('steadies with fingertips who has no grip', function (string $grip, string $verdict): void {
    $client = [
        'conditions' => [['code' => 'parkinsons']],
        'function' => [
            'grip' => ['left' => $grip, 'right' => $grip],
            'standing' => 'free',
            'trunk' => 'full',
            'floor_transfer' => 'alone',
            'home' => 'someone_home',
        ],
    ];
    expect(verdictOn(['balance' => 2, 'support' => 'two_hands'], $client)->changes[0]->code())
        ->toBe('hold_on:fingertip')
        ->and(verdictOn(['balance' => 2, 'support' => 'two_hands'], $client)->verdict)
        ->toBe($verdict);
})->with([['full', 'changes'], ['weak', 'changes'], ['none', 'changes']]);

it('counts hands and knees as kneeling', function (string $position, string $verdict): void {
    $knee = [
        'conditions' => [
            ['code' => 'knee_replacement', 'side' => 'left', 'since' => '2020-01-01', 'detail' => ['impact_cleared']],
        ],
    ];
    expect(verdictOn(['position' => $position, 'region' => 'trunk'], $knee, [])->verdict)->toBe($verdict);
})->with([['quadruped', 'out'], ['seated', 'fits'], ['side_lying', 'fits']]);

it('takes a motion to the side that is named, and to both where none is', function (
    array $demands,
    string $verdict,
): void {
    $sore = ['conditions' => [['code' => 'rotator_cuff_pain', 'side' => 'left']]];
    expect(
        verdictOn(
            [
                'position' => 'seated',
                'region' => 'upper',
                'support' => 'seated',
                'motions' => ['shoulder_past_90'],
                ...$demands,
            ],
            $sore,
            [],
        )->verdict,
    )->toBe($verdict);
})->with([
    'no side named' => [[], 'out'],
    'the sore side' => [['side' => 'left'], 'out'],
    'the other' => [['side' => 'right'], 'fits'],
    'both' => [['side' => 'both'], 'out'],
]);

it('trains a weak hand, without a load, and asks nothing of one that has no function', function (
    string $grip, bool $trains, bool $loaded, string $verdict,
): void {
    $client = Made::client([
        'function' => [...Made::form()['function'], 'grip' => ['left' => $grip, 'right' => $grip]],
    ]);
    $demands = Demands::read(
        new Bag([
            'position' => 'seated',
            'region' => 'upper',
            'support' => 'seated',
            'grip' => 'power',
            'trains_grip' => $trains,
        ]),
        [],
    );
    $envelope = RuleBook::standard()->envelope(new Facts($client, Day::of(Made::TODAY)));
    $judged = (new Judge($envelope, $client->function))->verdict(
        $loaded ? $demands->loading([Region::Upper], WhichSide::Working) : $demands,
    );
    expect($judged->verdict)->toBe($verdict);
})->with([
    'weak, trained' => ['weak', true, false, 'fits'], 'weak, trained with a load' => ['weak', true, true, 'out'],
    'weak, not trained' => ['weak', false, false, 'out'], 'no function' => ['none', true, false, 'out'],
    'full' => ['full', false, true, 'fits'],
]);

it('is on the floor while it goes down to it', function (array $demands, bool $floor): void {
    $read = Demands::read(new Bag(['position' => 'standing', 'region' => 'lower', ...$demands]));
    expect($read->isIn(Position::Floor))->toBe($floor)->and($read->isIn(Position::Prone))->toBeFalse();
})->with([
    'standing' => [[], false], 'down and up again' => [['floor_transfer' => true], true],
    'on the floor' => [['position' => 'floor'], true],
]);

it('holds on with the hand that the load leaves free', function (string $left, ?string $says): void {
    $client = Made::client([
        'function' => [...Made::form()['function'], 'grip' => ['left' => $left, 'right' => 'full']],
    ]);
    // The left leg works, the right hand carries: the left hand holds on.
    $verdict = Made::at(Made::situation($client), 'split_squat/opposite_hand')->verdicts()['left'];
    $found = array_map(static fn (Reason $r): string => $r->says, $verdict->because);
    $found = array_values(array_filter($found, static fn (string $r): bool => str_contains($r, 'hold on')));
    expect($found)->toBe($says === null ? [] : [$says]);
})->with([
    ['full', null], ['fair', null], ['weak', 'The left hand has to hold on, and its grip is weak.'],
    ['none', 'The left hand has to hold on, and its grip is none.'],
]);

it('knows for each position what keeps the exercise where it is out, the nearest first', function (): void {
    $eased = [];
    foreach (Position::cases() as $position) {
        $eased[$position->value] = array_column($position->easedBy(), 'value');
    }
    expect(array_filter($eased))->toBe([
        'standing' => ['seated_instead'], 'supine_flat' => ['wedge_trunk', 'side_lying_instead', 'seated_instead'],
        'quadruped' => ['seated_instead'], 'kneeling' => ['seated_instead'],
        'long_static_standing' => ['seated_instead'],
    ]);
});

it('matches a position at the part of the body that it loads', function (): void {
    $part = [];
    foreach (Position::cases() as $position) {
        if ($position->part() !== Region::Whole) {
            $part[$position->value] = $position->part()->value;
        }
    }
    expect($part)->toBe(['kneeling' => 'lower', 'bare_feet' => 'lower', 'arms_overhead' => 'upper']);
});
