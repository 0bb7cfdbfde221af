<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Breach;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\DoseField;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;

require_once __DIR__.'/helpers.php';

/** The first rung of the catalogue that counts this way and takes no load. */
function countedIn(DoseKind $kind): Rung
{
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            if ($rung->work->kind === $kind && $rung->work->holding === null && $rung->work->band === null) {
                return $rung;
            }
        }
    }
    throw new RuntimeException("No free rung counts in {$kind->value}.");
}

it('is the table of goals', function (
    Goal $goal, string $sets, string $amount, string $effort, ?string $percent, int $rest, string $tempo, string $days,
): void {
    $row = $goal->row();
    expect([
        $row->sets->label(), $row->amount->label(), $row->effort->label(), $row->percent?->label(), $row->pace->restS,
        $row->pace->tempo, $row->pace->days->label(),
    ])->toBe([$sets, $amount, $effort, $percent, $rest, $tempo, $days])->and($row->source)->not->toBe('');
})->with([
    'warm-up' => [Goal::WarmUp, '1', '180-300', '2-4', null, 0, '', '2-7'],
    'cool-down' => [Goal::CoolDown, '1', '180', '2-3', null, 0, '', '2-7'],
    'wake-up' => [Goal::WakeUp, '1-2', '5-10', '1-3', '10-40', 20, '2-0-1-0', '2-7'],
    'learn' => [Goal::Learn, '1-2', '8-12', '3-5', '40-50', 60, '3-1-2-0', '2-3'],
    'endurance' => [Goal::Endurance, '2-3', '15-20', '5-7', '40-50', 45, '2-0-2-0', '2-3'],
    'strength-endurance' => [Goal::StrengthEndurance, '2-4', '12-15', '5-7', '50-65', 75, '3-0-2-0', '2-3'],
    'strength, first block' => [Goal::StrengthFirstBlock, '1-2', '10-15', '4-6', '40-60', 60, '3-0-2-0', '2-3'],
    'strength, after it' => [Goal::StrengthOlder, '1-3', '8-12', '6-8', '60-80', 90, '3-0-2-0', '2-3'],
    'strength, trained' => [Goal::StrengthTrained, '3-4', '6-10', '7-8', '70-85', 120, '3-0-1-0', '2-3'],
    'muscle size' => [Goal::Size, '3-4', '8-12', '7-9', '65-80', 75, '3-0-1-0', '2-3'],
    'light and many' => [Goal::LightMany, '1-2', '10-25', '4-6', '30-50', 60, '3-0-2-0', '2-3'],
    'power' => [Goal::Power, '1-3', '6-10', '4-6', '30-60', 90, '3-0-fast-0', '2'],
    'hold' => [Goal::Isometric, '2-4', '10-20', '5-7', null, 45, '', '3-5'],
    'balance' => [Goal::Balance, '2-3', '10-30', '3-5', null, 30, '', '3-7'],
    'mobility' => [Goal::Mobility, '2-4', '10-30', '2-3', null, 10, '', '7'],
]);

it('begins with two sets where the goal allows two, and with the goal\'s own number where not', function (
    Goal $goal, int $sets,
): void {
    expect(dosedWith($goal, max: OneRepMax::estimate(6000, 8, 2))->dose?->sets)->toBe($sets);
})->with([[Goal::StrengthFirstBlock, 2], [Goal::StrengthOlder, 2], [Goal::StrengthTrained, 3], [Goal::Power, 2]]);

it('counts steps, trips, seconds and reps each in their own way', function (
    DoseKind $kind, Goal $goal, string $amount, string $tempo,
): void {
    $dose = Made::prescriber(new Envelope, countedIn($kind), $goal)->prescribe(countedIn($kind), 3)->dose;
    expect($dose?->amount->label())->toBe($amount)
        ->and($dose?->tempo)->toBe($tempo)
        ->and($dose?->daysAWeek)->toBe(3);
})->with([
    'steps' => [DoseKind::Steps, Goal::StrengthOlder, '10-20', ''],
    'a hold of a strength goal' => [DoseKind::Hold, Goal::StrengthOlder, '10-20', ''],
    'a stance' => [DoseKind::Hold, Goal::Balance, '10-30', ''],
    'curls by the clock' => [DoseKind::Seconds, Goal::StrengthOlder, '30-60', ''],
    'reps' => [DoseKind::Reps, Goal::StrengthOlder, '8-12', '3-0-2-0'],
    'reps of a balance goal' => [DoseKind::Reps, Goal::Balance, '8-12', ''],
]);

it('cuts the goal by one limit at a time, and says by which', function (
    Goal $goal, array $limits, string $of, string|int $value, bool $said,
): void {
    $dosing = dosedWith($goal, $limits, max: OneRepMax::estimate(6000, 8, 2));
    $dose = $dosing->dose;
    expect(match ($of) {
        'effort' => $dose?->effort->label(),
        'reps' => $dose?->amount->label(),
        default => $dose?->restS,
    })->toBe($value)->and(in_array('order', rulesOf($dosing), true))->toBe($said);
})->with([
    'effort at the goal\'s top' => [Goal::StrengthOlder, [[Field::EffortMax, 8]], 'effort', '6-8', false],
    'effort below it' => [Goal::StrengthOlder, [[Field::EffortMax, 7]], 'effort', '6-7', true],
    'effort at its bottom' => [Goal::StrengthOlder, [[Field::EffortMax, 6]], 'effort', '6', true],
    'effort below the goal' => [Goal::StrengthOlder, [[Field::EffortMax, 4]], 'effort', '4', true],
    'rest as the goal has it' => [Goal::StrengthOlder, [[Field::RestMinS, 90]], 'rest', 90, false],
    'rest longer' => [Goal::StrengthOlder, [[Field::RestMinS, 91]], 'rest', 91, true],
    'rest shorter' => [Goal::StrengthOlder, [[Field::RestMinS, 30]], 'rest', 90, false],
]);

it('cuts the reps of an exercise without a load', function (array $limits, string $reps, bool $said): void {
    $rung = countedIn(DoseKind::Reps);
    $dosing = Made::prescriber(envelopeWith($limits), $rung, Goal::StrengthOlder)->prescribe($rung, 2);
    expect($dosing->dose?->amount->label())->toBe($reps)
        ->and(in_array('order', rulesOf($dosing), true))->toBe($said);
})->with([
    'at least eight of 8-12' => [[[Field::RepsMin, 8]], '8-12', false],
    'at least nine' => [[[Field::RepsMin, 9]], '9-13', true],
    'at least fifteen' => [[[Field::RepsMin, 15]], '15-19', true],
    'at least fifteen and at most seventeen' => [[[Field::RepsMin, 15], [Field::RepsMax, 17]], '15-17', true],
    'at most twelve' => [[[Field::RepsMax, 12]], '8-12', false],
    'at most eleven' => [[[Field::RepsMax, 11]], '8-11', true],
    'at most six' => [[[Field::RepsMax, 6]], '6', true],
    'both, and they just meet' => [[[Field::RepsMin, 10], [Field::RepsMax, 10]], '10', true],
]);

it('says that a goal cannot be met where a limit wins', function (int $max, bool $unmet): void {
    expect(
        in_array(
            'goal_unmet',
            rulesOf(dosedWith(Goal::StrengthOlder, [[Field::EffortMax, $max]], max: OneRepMax::estimate(6000, 8, 2))),
            true,
        ),
    )->toBe($unmet);
})->with([[6, false], [5, true]]);

it('aims at the lowest of the goal\'s top, the reserve after the fewest reps, and the cap', function (
    Goal $goal, array $limits, string $says,
): void {
    // 6 kg for 8 with 2 left: 8 kg.
    $dosing = dosedWith($goal, $limits, max: OneRepMax::estimate(6000, 8, 2));
    $target = array_values(array_filter($dosing->because, static fn (Reason $r): bool => $r->rule === 'target'))[0];
    expect(MassUnit::Kilogram->render($target->says))->toBe(Made::shown($says));
})->with([
    // Eight reps with two left are ten: 8 kg × 27/36.
    'the reserve' => [Goal::StrengthOlder, [], 'Target 6 kg: leaves 2 in reserve after 8 reps.'],
    // 60 % of 8 kg; ten reps with four left would be 14: more.
    'the goal\'s top' => [Goal::StrengthFirstBlock, [], 'Target 4.8 kg: 60 % of the estimated 1RM.'],
    'a percent cap' => [Goal::StrengthOlder, [[Field::LoadPctMax, 50]], 'Target 4 kg: the cap.'],
    'a lift limit' => [Goal::StrengthOlder, [[Field::LiftMaxG, 5200]], 'Target 5.2 kg: the cap.'],
    'the tighter of two caps' => [
        Goal::StrengthOlder, [[Field::LoadPctMax, 50], [Field::LiftMaxG, 5200]], 'Target 4 kg: the cap.',
    ],
    'the lift limit below the percent' => [
        Goal::StrengthOlder, [[Field::LoadPctMax, 50], [Field::LiftMaxG, 3900]], 'Target 3.9 kg: the cap.',
    ],
    'a cap above everything' => [
        Goal::StrengthOlder, [[Field::LiftMaxG, 9000]], 'Target 6 kg: leaves 2 in reserve after 8 reps.',
    ],
]);

it('takes the nearest load under the cap, then solves the reps for it', function (
    array $ladder, int $loadG, string $reps,
): void {
    $dose = dosedWith(Goal::StrengthOlder, [], $ladder, OneRepMax::estimate(6000, 8, 2))->dose;
    expect($dose?->loadG)->toBe($loadG)->and($dose?->amount->label())->toBe($reps);
})->with([
    // At 6 kg ten are possible: eight with two left, to the top of effort.
    'the target itself' => [[4000, 6000, 7000], 6000, '8'],
    // At 5.5 kg: 30 × (8/5.5 - 1) = 13.6 possible; RPE 6-8 leaves four to two.
    'one below it' => [[4000, 5500, 7000], 5500, '10-11'],
    // At 5 kg eighteen are possible: even twelve stay easy, so twelve it is.
    'one well below it' => [[4000, 5000, 7000], 5000, '12'],
]);

it('says when the kit has nothing, nothing light enough, or only what is too light', function (
    array $ladder, array $limits, bool $dosed, string $finding,
): void {
    $dosing = dosedWith(Goal::StrengthOlder, $limits, $ladder, OneRepMax::estimate(6000, 8, 2));
    expect($dosing->dose !== null)->toBe($dosed)
        ->and(MassUnit::Kilogram->render(implode(' ', $dosing->findings)))->toContain(Made::shown($finding));
})->with([
    'nothing' => [[], [], false, 'add a piece or a carrier'],
    'all over the cap' => [
        [4000], [[Field::LiftMaxG, 3999]], false, 'The lightest you can make here is 4 kg, the cap is 4 kg',
    ],
    'all over the target' => [[7000], [], false, 'Even the lightest load here, 7 kg, overshoots the target of 6 kg'],
    // 2.5 of 8 kg.
    'too light' => [[2500], [], true, 'Too light to change anything: 31 % of the estimated 1RM'],
]);

it('takes forty percent for useful and a gram less for too light', function (int $grams, bool $tooLight): void {
    $dosing = dosedWith(Goal::StrengthOlder, [], [$grams], OneRepMax::estimate(6000, 8, 2));
    expect(str_contains(implode(' ', $dosing->findings), 'Too light'))->toBe($tooLight);
})->with([[3200, false], [3199, true]]);

it('shows the effort that it will really be where few reps are allowed', function (
    int $most, int $grams, string $effort,
): void {
    // 15 reps are possible with 5.4 of 8 kg, 13 with 5.6: what is left over ten is the lightest there is.
    $dosing = dosedWith(Goal::StrengthOlder, [[Field::RepsMax, $most]], [$grams], OneRepMax::estimate(6000, 8, 2));
    expect([$dosing->dose?->amount->label(), $dosing->dose?->effort->label()])->toBe([(string) $most, $effort]);
})->with([[5, 5400, '1'], [6, 5400, '2'], [4, 5600, '2'], [5, 5600, '3']]);

it('calls a load held light only where the cap is under all that the goal asks for', function (
    int $cap, bool $tooLight,
): void {
    // 60 % of 8 kg is the least of this goal; the kit has less than a useful load.
    $dosing = dosedWith(Goal::StrengthOlder, [[Field::LiftMaxG, $cap]], [3000], OneRepMax::estimate(6000, 8, 2));
    expect(str_contains(implode(' ', $dosing->findings), 'Too light'))->toBe($tooLight);
})->with([[4800, true], [4799, false]]);

it('does without an estimate: a load to begin with, fifteen reps and RPE up to five', function (
    array $limits, ?string $reps, int $effortTop,
): void {
    $dosing = dosedWith(Goal::StrengthOlder, $limits);
    expect($dosing->dose?->amount->label())->toBe($reps)
        ->and($dosing->dose?->loadG)->toBe(4000)
        ->and($dosing->dose?->effort->hi)->toBe($effortTop)
        ->and(implode(' ', $dosing->findings))->toContain('No 1RM estimate');
})->with([
    'no cap' => [[], '15', 5],
    'a cap of all of it' => [[[Field::LoadPctMax, 100]], '15', 5],
    'a cap of 99 %' => [[[Field::LoadPctMax, 99]], '15', 5],
    'a cap and at most twelve reps' => [[[Field::LoadPctMax, 60], [Field::RepsMax, 12]], '12', 5],
    'a cap and at least eighteen reps' => [[[Field::LoadPctMax, 60], [Field::RepsMin, 18]], '18', 5],
    'an effort held lower' => [[[Field::EffortMax, 4]], '15', 4],
]);

it('gives no load at all where none is allowed', function (): void {
    expect(dosedWith(Goal::StrengthOlder, [[Field::LoadPctMax, 0]])->dose)->toBeNull()
        ->and(dosedWith(Goal::StrengthOlder, [[Field::LiftMaxG, 3999]])->dose)->toBeNull()
        ->and(dosedWith(Goal::StrengthOlder, [[Field::LiftMaxG, 4000]])->dose?->loadG)->toBe(4000);
});

it('doses a band without a measure blind under a percent cap, freely without one, and not at all at nought', function (
    array $limits, ?string $reps, ?int $effortTop,
): void {
    $rung = Catalogue::standard()->family('band_row')->rung('seated');
    $dose = Made::prescriber(envelopeWith($limits), $rung, Goal::StrengthOlder)->prescribe($rung, 2)->dose;
    expect($dose?->amount->label())->toBe($reps)->and($dose?->effort->hi)->toBe($effortTop);
})->with([
    'no cap' => [[], '8-12', 8],
    'all of it' => [[[Field::LoadPctMax, 100]], '8-12', 8],
    'a cap' => [[[Field::LoadPctMax, 60]], '15', 5],
    'none' => [[[Field::LoadPctMax, 0]], null, null],
]);

it('finds a breach at a limit\'s edge and not within it', function (array $limits, array $with, array $fields): void {
    $dosing = dosedWith(Goal::StrengthOlder, [], max: OneRepMax::estimate(6000, 8, 2));
    $rung = Catalogue::standard()->family('tote_row')->rung('hand_chair');
    $dose = $dosing->dose?->with(...$with);
    $door = new DoseLimits(
        envelopeWith($limits), $rung->demands->scope(), Goal::StrengthOlder, OneRepMax::estimate(6000, 8, 2)->grams,
    );
    $breaches = $door->breaches($dose);
    expect(array_map(static fn (Breach $b): string => $b->limit->field->value, $breaches))->toBe($fields);
})->with([
    'rest at its least' => [[[Field::RestMinS, 90]], ['restS' => 90], []],
    'rest a second short' => [[[Field::RestMinS, 90]], ['restS' => 89], ['rest_min_s']],
    'rest of a single set, before the next exercise' => [
        [[Field::RestMinS, 90]], ['restS' => 10, 'sets' => 1], ['rest_min_s'],
    ],
    'reps at their least' => [[[Field::RepsMin, 8]], [], []],
    'reps below it' => [[[Field::RepsMin, 9]], [], ['reps_min']],
    'reps above the most' => [[[Field::RepsMax, 7]], [], ['reps_max']],
    'a load at its cap' => [[[Field::LiftMaxG, 6000]], ['loadG' => 6000], []],
    'a load over it' => [[[Field::LiftMaxG, 5999]], ['loadG' => 6000], ['lift_max_g']],
    'a load over its percent' => [[[Field::LoadPctMax, 74]], ['loadG' => 6000], ['load_pct_max']],
    'effort over the most' => [[[Field::EffortMax, 7]], [], ['effort_max']],
]);

describe('a wake-up', function (): void {
    it('is light, short and never measured for', function (): void {
        $situation = Made::situation(Made::client(), null, Made::kitchen());
        $draft = (new Drafter($situation))->draft(new Wishes(Aim::WakeUp));
        $waking = array_filter($draft->items, static fn (PlanItem $i): bool => $i->goal === Goal::WakeUp);
        expect(count($waking))->toBeGreaterThan(2);
        foreach ($waking as $item) {
            expect($item->dose->effort->hi)->toBeLessThanOrEqual(3)
                ->and($item->dose->sets)->toBeLessThanOrEqual(2)
                ->and($item->dose->amount->hi)->toBeLessThanOrEqual($item->dose->kind === DoseKind::Reps ? 10 : 60)
                ->and($item->dosing->findings)->toBe([]);
        }
    });

    it('is one set, or five reps, over RPE 3', function (int $sets, int $reps, int $effort, bool $stands): void {
        $here = Made::at(Made::situation(Made::client(), null, Made::kitchen()), 'heel_raise/two_hands');
        $faults = (new DoseFaults($here, Goal::WakeUp))->of(Dose::read(new Bag([
            'sets' => $sets, 'reps' => ['lo' => 5, 'hi' => $reps], 'effort' => ['lo' => 1, 'hi' => $effort],
        ])));
        expect(array_column($faults, 'field'))->toBe($stands ? [] : [DoseField::EffortHi]);
    })->with([[2, 10, 3, true], [2, 10, 4, false], [1, 10, 4, true], [2, 5, 4, true], [2, 6, 4, false]]);

    it('is not progressed', function (): void {
        $here = Made::at(Made::situation(Made::client(), null, Made::kitchen()), 'heel_raise/two_hands');
        $done = static fn (string $on): Performed => Performed::read(new Bag([
            'date' => $on, 'sets' => [['reps' => 10, 'effort' => 2], ['reps' => 10, 'effort' => 2]],
        ]));
        $reviewed = (new Reviewer($here->situation, new Wishes(Aim::WakeUp)))->review(new Exercise(
            $here, Goal::WakeUp, Dose::read(new Bag([
                'sets' => 2, 'reps' => ['lo' => 5, 'hi' => 10], 'effort' => ['lo' => 1, 'hi' => 3],
            ])), [$done('2026-11-20'), $done('2026-11-23')],
        ));
        expect($reviewed->proposal->decision->value)->toBe('stay')->and($reviewed->rung->code)->toBe('two_hands');
    });
});

it('begins a slow rung with the lowering that makes it slow, and any other with the goal\'s', function (): void {
    $slow = [];
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $dose = dosedWith(Goal::StrengthOlder, path: "{$family->code}/{$rung->code}")->dose;
            if ($dose?->kind === DoseKind::Reps && $dose->tempo !== '3-0-2-0') {
                $slow["{$family->code}/{$rung->code}"] = $dose->tempo;
            }
        }
    }
    ksort($slow);
    expect($slow)->toBe([
        'assisted_hang/lower_only' => '5-0-2-0', 'curl/standing' => '4-0-2-0', 'seat_rise/load_slow' => '5-0-2-0',
        'step_up/slow_down' => '5-0-2-0', 'trunk_turn/band_slow' => '5-0-2-0', 'wrist_up/slow' => '5-0-2-0',
    ]);
});
