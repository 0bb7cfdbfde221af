<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Breach;
use BuoyantStep\Core\Dose\Bridge;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\DoseField;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\LightDay;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Dose\Reasons;
use BuoyantStep\Core\Dose\Rules\HoldRule;
use BuoyantStep\Core\Dose\Start;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;

require_once __DIR__.'/helpers.php';

/* Where a figure of a dose turns, on both sides of it, with what is said there. */

function aDose(array $with): Dose
{
    return Dose::read(new Bag(['sets' => 2, 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60, ...$with]));
}

it('bridges to twenty-five reps and no further', function (int $to, int $reps, bool $reachable): void {
    // 8 reps with 2 left at the next load: 36/27 of it; r reps with 2 left now: 1 + (r + 2)/30 of 5 kg.
    $bridge = Bridge::between(5000, $to, 8, 2);
    expect([$bridge->reps, $bridge->reachable])->toBe([$reps, $reachable]);
})->with([[7125, 25, true], [7250, 26, false]]);

it('shortens a hold that is counted and one inside a rep, each by itself, and says so', function (
    int $most, array $dose, string $amount, ?int $inside, bool $says,
): void {
    $because = new Reasons;
    $goal = isset($dose['hold']) ? Goal::Isometric : Goal::StrengthOlder;
    $cut = (new HoldRule())->cut(
        aDose($dose),
        new DoseLimits(envelopeWith([[Field::HoldMaxS, $most]]), goal: $goal),
        $because,
    );
    expect([$cut->amount->label(), $cut->holdS, $because->all() !== []])->toBe([$amount, $inside, $says]);
})->with([
    'counted, over' => [10, ['hold' => ['lo' => 5, 'hi' => 20]], '5-10', null, true],
    'counted, at it' => [20, ['hold' => ['lo' => 5, 'hi' => 20]], '5-20', null, false],
    'inside, over' => [5, ['reps' => ['lo' => 8, 'hi' => 12], 'hold_s' => 6], '8-12', 5, true],
    'inside, at it' => [6, ['reps' => ['lo' => 8, 'hi' => 12], 'hold_s' => 6], '8-12', 6, false],
    'inside, to a second' => [1, ['reps' => ['lo' => 8, 'hi' => 12], 'hold_s' => 6], '8-12', 1, true],
    'inside, none allowed' => [0, ['reps' => ['lo' => 8, 'hi' => 12], 'hold_s' => 6], '8-12', null, true],
]);

it('prescribes the effort that a light load really reaches', function (): void {
    // Eight reps at most. 8 reps with 2 left at 6 kg: a 1RM of 8 kg.
    // 5.45 kg could be lifted 14 times: 6 stay in reserve.
    $dosing = dosedWith(Goal::StrengthOlder, [[Field::RepsMax, 8]], [5450], OneRepMax::estimate(6000, 8, 2));
    expect([$dosing->dose?->amount->label(), $dosing->dose?->effort->label()])->toBe(['8', '4']);
});

it('says that the body alone is over the share that is allowed', function (): void {
    // Of a rise from a seat 90 kg weigh 81; of a 1RM near as much 40 % may be lifted.
    $here = Made::at(Made::situation(
        Made::client(['body_mass_kg' => 90]), kit: Made::kit([['id' => 'a', 'mass_g' => 5000]]),
    ), 'seat_rise/load_close');
    $max = OneRepMax::estimate(80_000, 2, 0);
    $dosing = (new Prescriber(
        new DoseLimits(
            envelopeWith([[Field::LoadPctMax, 40]]),
            $here->rung->demands->scope(),
            Goal::StrengthOlder,
            $max->grams,
            system: $here->system(),
        ),
        Goal::StrengthOlder,
        Estimate::of($max, EstimateFrom::EasySet, null),
    ))->prescribe($here->rung, 2, $here->ladder());
    expect($dosing->findings)->toBe([
        'The body alone is already over the share that is allowed: nothing is added here.',
    ]);
});

it('has no range of reps where limits cross, and one of seconds all the same', function (): void {
    $client = Made::client([
        'conditions' => [['code' => 'hypertension_controlled']],
        'own_limits' => [['field' => 'reps_max', 'value' => '6', 'by' => 'Dr Amari', 'why' => 'as ordered']],
    ]);
    $here = Made::at(Made::situation($client, kit: Made::kitchen()), 'heel_raise/seated');
    expect(Prescriber::range($here, Goal::StrengthOlder, DoseKind::Reps))->toBeNull()
        ->and(Prescriber::range($here, Goal::StrengthOlder, DoseKind::Seconds))->not->toBeNull();
});

it('gives every reason of a dose, in the order goal, measure, limits, kit', function (
    array $limits, array $ladder, bool $measured, array $rules, array $findings,
): void {
    $dosing = dosedWith(
        Goal::StrengthOlder, $limits, $ladder, $measured ? OneRepMax::estimate(6000, 8, 2) : null,
    );
    $says = array_map(static fn (string $f): string => explode(':', $f)[0], $dosing->findings);
    expect(rulesOf($dosing))->toBe(['goal.strength_older', ...$rules])->and($says)->toBe($findings);
})->with([
    'no load at all' => [[], [], false, ['kit.none'], ['Nothing in this kit can be held in one hand']],
    'not measured' => [[], [4000, 5000], false, ['no_estimate', 'kit.makeable'], ['No 1RM estimate']],
    'a share of nothing known' => [
        [[Field::LoadPctMax, 60]], [4000, 5000], false, ['order', 'no_estimate', 'kit.makeable'], ['No 1RM estimate'],
    ],
    'nothing may be lifted' => [
        [[Field::LoadPctMax, 0]], [4000], false, ['order', 'kit.too_heavy'],
        [explode(':', Made::said('The lightest you can make here is 4 kg, the cap is 0 kg: '))[0]],
    ],
    'all over the cap' => [
        [[Field::LiftMaxG, 3000]], [4000, 5000], false, ['order', 'kit.too_heavy'],
        [explode(':', Made::said('The lightest you can make here is 4 kg, the cap is 3 kg: '))[0]],
    ],
    'measured' => [[], [5000], true, ['e1rm', 'target', 'kit.makeable', 'solve_reps'], ['Trial set required.']],
]);

it('lightens to half of it and no further', function (array $masses, array $expected): void {
    $here = Made::at(Made::situation(Made::client(), kit: Made::kit(array_map(
        static fn (int $g): array => ['id' => "p$g", 'mass_g' => $g], $masses,
    ))), 'tote_row/hand_chair');
    $light = LightDay::of($here, aDose(['reps' => ['lo' => 8, 'hi' => 12], 'load_g' => 5000]));
    expect([$light->loadG, $light->sets])->toBe($expected);
})->with([
    'four fifths' => [[4000, 5000], [4000, 2]], 'a little more' => [[4100, 5000], [5000, 1]],
    'a half' => [[2500, 5000], [2500, 2]], 'less than half' => [[2400, 5000], [5000, 1]],
    'the heaviest of several' => [[2600, 3000, 3900, 5000], [3900, 2]],
]);

it('takes a load for the one that the kit makes to ten grams', function (int $typed, int $meant): void {
    $here = Made::at(
        Made::situation(Made::client(), kit: Made::kit([['id' => 'a', 'mass_g' => 2003]])),
        'tote_row/hand_chair',
    );
    expect(DoseFaults::asMeant($here, aDose(['reps' => ['lo' => 8, 'hi' => 12], 'load_g' => $typed]))->loadG)->toBe(
        $meant,
    );
})->with([[2000, 2003], [2003, 2003], [2050, 2050]]);

it('lets a hold inside be said of reps alone', function (array $dose, bool $fault): void {
    $here = Made::at(Made::situation(Made::client(), kit: Made::kitchen()), 'curl/one_arm');
    $says = array_map(
        static fn ($f): string => $f->says, (new DoseFaults($here, Goal::StrengthOlder))->of(aDose($dose)),
    );
    expect(in_array('Only a rep can be held inside; leave it empty here.', $says, true))->toBe($fault);
})->with([
    'reps' => [['reps' => ['lo' => 8, 'hi' => 12], 'hold_s' => 3], false],
    'seconds' => [['seconds' => ['lo' => 30, 'hi' => 60], 'hold_s' => 3], true],
    'seconds alone' => [['seconds' => ['lo' => 30, 'hi' => 60]], false],
]);

it('finds a breach past a limit and none at it, and cuts what is past it alone', function (
    Field $field, int $at, array $dose, array $past, DoseField $where,
): void {
    $limits = new DoseLimits(envelopeWith([[$field, $at]]), goal: Goal::StrengthOlder);
    $fields = static fn (Dose $d): array => array_map(
        static fn (Breach $b): DoseField => $b->field,
        $limits->breaches($d),
    );
    expect($fields(aDose($dose)))
        ->toBe([])
        ->and($fields(aDose($past)))
        ->toBe([$where]);
    foreach ([[$dose, false], [$past, true]] as [$typed, $cuts]) {
        $because = new Reasons;
        $cut = $limits->cut(aDose($typed), $because);
        expect($cut != aDose($typed))->toBe($cuts)
            ->and(in_array('order', array_map(static fn ($r): string => $r->rule, $because->all()), true))->toBe($cuts)
            ->and($limits->breaches($cut))->toBe([]);
    }
})->with([
    'reps at most' => [
        Field::RepsMax,
        12,
        ['reps' => ['lo' => 8, 'hi' => 12]],
        ['reps' => ['lo' => 8, 'hi' => 13]],
        DoseField::AmountHi,
    ],
    'reps at least' => [
        Field::RepsMin,
        8,
        ['reps' => ['lo' => 8, 'hi' => 12]],
        ['reps' => ['lo' => 7, 'hi' => 12]],
        DoseField::AmountLo,
    ],
    'effort' => [
        Field::EffortMax, 8, ['reps' => ['lo' => 8, 'hi' => 12]],
        ['reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 9]], DoseField::EffortHi,
    ],
    'rest' => [
        Field::RestMinS, 60, ['reps' => ['lo' => 8, 'hi' => 12]], ['reps' => ['lo' => 8, 'hi' => 12], 'rest_s' => 59],
        DoseField::Rest,
    ],
    'a hold inside' => [
        Field::HoldMaxS, 6, ['reps' => ['lo' => 8, 'hi' => 12], 'hold_s' => 6],
        ['reps' => ['lo' => 8, 'hi' => 12], 'hold_s' => 7], DoseField::Hold,
    ],
    'seconds of a hold' => [
        Field::HoldMaxS,
        20,
        ['hold' => ['lo' => 10, 'hi' => 20]],
        ['hold' => ['lo' => 10, 'hi' => 21]],
        DoseField::AmountHi,
    ],
]);

it('lifts the top with a bottom that was lifted, by four', function (
    int $least,
    int $most,
    string $amount,
    array $why,
): void {
    $because = new Reasons();
    $limits = new DoseLimits(
        envelopeWith([[Field::RepsMin, $least], [Field::RepsMax, $most]]),
        goal: Goal::StrengthOlder,
    );
    $cut = $limits->cut(aDose(['reps' => ['lo' => 8, 'hi' => 10]]), $because);
    expect($cut->amount->label())->toBe($amount)
        ->and(array_map(static fn ($r): string => $r->rule, $because->all()))->toBe($why);
})->with([
    [8, 30, '8-10', []], [10, 30, '10-14', ['order']], [12, 30, '12-16', ['order']], [12, 14, '12-14', ['order']],
    [8, 9, '8-9', ['order']],
]);

it('holds a pull under its cap, and says so only where it was above', function (
    int $pull, int $cut, array $why,
): void {
    $because = new Reasons();
    $limits = new DoseLimits(envelopeWith([[Field::LiftMaxG, 4000]]), goal: Goal::StrengthOlder);
    $dose = $limits->cut(
        aDose(['reps' => ['lo' => 8, 'hi' => 12], 'pull_n' => $pull]), $because,
        [Gravity::gramsOf(10), Gravity::gramsOf(12)],
    );
    expect($dose->pullN)->toBe($cut)
        ->and(array_map(static fn ($r): string => $r->rule, $because->all()))->toBe($why);
})->with([[11, 11, []], [12, 12, []], [13, 12, ['order', 'load_cap']]]);

it('gives a band a pull of one newton where next to nothing is asked for', function (): void {
    $dose = aDose(['reps' => ['lo' => 8, 'hi' => 12], 'pull_n' => 20]);
    expect($dose->resisting(10)->pullN)->toBe(1)->and($dose->resisting(Gravity::gramsOf(2))->pullN)->toBe(2);
});

it('gives each side the pull of its own', function (): void {
    $joined = Dose::joined(
        aDose(['reps' => ['lo' => 8, 'hi' => 12], 'pull_n' => 20]),
        aDose(['reps' => ['lo' => 8, 'hi' => 12], 'pull_n' => 30]),
    );
    expect([$joined->pullN, $joined->on(Side::Left)->pullN, $joined->on(Side::Right)->pullN])->toBe([20, 20, 30])
        ->and(json_decode((string) json_encode($joined), true))->toMatchArray(['right' => ['pull_n' => 30]]);
    $same = Dose::joined(
        aDose(['reps' => ['lo' => 8, 'hi' => 12], 'pull_n' => 20]),
        aDose(['reps' => ['lo' => 8, 'hi' => 12], 'pull_n' => 20]),
    );
    expect($same->isApart())->toBeFalse();
});

it('says what a first load is near, and where it is the lightest', function (array $client, string $says): void {
    $here = Made::at(
        Made::situation(Made::client(['body_mass_kg' => 70, ...$client]), kit: Made::kitchen()),
        'tote_row/hand_chair',
    );
    expect(Start::of($here)->says())->toBe(Made::said($says));
})->with([
    'a share of the body' => [[], 'No usable easy set yet: a load near 1.4 kg to begin with, 15 reps, RPE up to 5.'],
    'a heart' => [
        ['conditions' => [['code' => 'coronary_disease']]],
        'No usable easy set yet: the lightest load there is, 15 reps, RPE up to 5.',
    ],
]);
