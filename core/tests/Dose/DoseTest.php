<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Bridge;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Per;
use BuoyantStep\Core\Vocabulary\Tempo;

function doseOf(
    string $family,
    string $rung,
    Goal $goal,
    ?Envelope $envelope = null,
    ?OneRepMax $max = null,
    ?Kit $kit = null,
): Dosing {
    $found = Catalogue::standard()->family($family)->rung($rung);
    $ladder = $found->work->holding === null
        ? null
        : MakeableLoads::ladder($kit ?? Made::kitchen(), $found->work->holding, 20000);

    return Made::prescriber($envelope ?? Made::envelope([]), $found, $goal, $max)->prescribe($found, 2, $ladder);
}

it('meets the golden figures of the bridge', function (int $to, int $reps, bool $reachable): void {
    $bridge = Bridge::between(5000, $to, 8, 2);
    expect($bridge->reps)->toBe($reps)
        ->and($bridge->reachable)->toBe($reachable)
        ->and($bridge->trialFirst)->toBeTrue();
})->with([[6000, 16, true], [7500, 28, false]]);

it('says the bridge in words', function (): void {
    expect(Bridge::between(5000, 6000, 8, 2)->says())->toContain(Made::said('Build to 16 with 5 kg, then 6 kg for 8'))
        ->and(Bridge::between(5000, 5600, 8, 2)->trialFirst)->toBeFalse()
        ->and(Bridge::between(5000, 6000, 8, 2, repsMax: 15)->reachable)->toBeFalse();
});

it('draws the loads of the goal between its two percents of the 1RM', function (): void {
    // 6 kg, 8 reps and 2 left are a 1RM of 8 kg; strength of an older adult asks for 60 to 80 % of it.
    $goal = doseOf('tote_row', 'hand_chair', Goal::StrengthOlder, max: OneRepMax::estimate(6000, 8, 2))->goalLoad;
    expect([$goal?->lo, $goal?->hi])->toBe([4800, 6400]);
});

it('bridges from a single rep with nothing left as well', function (): void {
    // One rep with none left is the 1RM itself, 6 kg; 37 - 36 / 1.2 = 7 reps with 5 kg make the same.
    expect(Bridge::between(5000, 6000, 1, 0)->reps)->toBe(7);
});

it('solves the smallest number of reps that crosses', function (): void {
    $made = new Made(31);
    for ($i = 0; $i < 2000; $i++) {
        [$from, $lo, $q] = [$made->int(5, 80) * 100, $made->int(5, 15), $made->int(0, 5)];
        $to = $from + $made->int(1, 40) * 100;
        // Brzycki up to ten reps, Epley past them.
        $max = static fn (int $w, int $n): float => $n <= 10 ? 36 * $w / (37 - $n) : $w * (1 + $n / 30);
        $crosses = static fn (int $r): bool => $max($from, $r + $q) >= $max($to, $lo + $q) - 1e-6;
        $reps = Bridge::between($from, $to, $lo, $q)->reps;
        expect($crosses($reps) && ! $crosses($reps - 1))->toBeTrue("$from to $to at $lo, $q left: $reps");
    }
});

it('takes load from the measure, the nearest the kit makes under the cap, and solves the reps '
    .'again', function (): void {
        // 1RM 8 kg; 60-80 %: 4.8-6.4 kg. Eight reps with two left is n = 10: 6 kg.
        $kit = Made::kit(
            [['id' => 'a', 'mass_g' => 5000], ['id' => 'b', 'mass_g' => 5900], ['id' => 'c', 'mass_g' => 7000]],
        );
        $dosing = doseOf(
            'tote_row', 'hand_chair', Goal::StrengthOlder, max: OneRepMax::estimate(6000, 8, 2), kit: $kit,
        );
        expect($dosing->dose?->loadG)->toBe(5900)
            ->and($dosing->dose?->amount->label())->toBe('8')
            ->and($dosing->findings)->toBe([])
            ->and(
                array_map(static fn ($r): string => $r->from, $dosing->because),
            )->toBe(['goal', 'measure', 'goal', 'kit', 'rule']);
    });

it('lets the envelope win over the goal, and says which rule', function (): void {
    $dosing = doseOf(
        'tote_row',
        'hand_chair',
        Goal::StrengthOlder,
        Made::envelope(
            [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture'], ['code' => 'hypertension_controlled']],
        ),
        OneRepMax::estimate(6000, 8, 2),
    );
    expect($dosing->dose?->loadG)->toBeLessThanOrEqual(4800)
        ->and($dosing->dose?->effort->hi)->toBe(7)
        ->and($dosing->cap->grams)->toBe(4800)
        ->and(
            array_map(static fn ($r): string => $r->rule, $dosing->because),
        )->toContain('osteoporosis', 'hypertension_controlled');
});

it('is never uncapped: with a load cap and no estimate it is a load to begin with, fifteen reps, effort '
    .'five', function (): void {
        $dosing = doseOf(
            'tote_row', 'hand_chair', Goal::StrengthFirstBlock, Made::envelope([['code' => 'older_adult_new']]),
        );
        expect($dosing->dose?->amount->label())->toBe('15')
            ->and($dosing->dose?->effort->hi)->toBe(5);
    });

it('says when a load is too light to change anything, and not when a limit holds it light', function (): void {
    $light = Made::kit([['id' => 'can', 'mass_g' => 500]]);
    $max = OneRepMax::estimate(9000, 8, 2);
    expect(
        implode(' ', doseOf('tote_row', 'hand_chair', Goal::StrengthOlder, max: $max, kit: $light)->findings),
    )->toContain('Too light to change anything')
        ->and(
            implode(' ', doseOf('tote_row', 'hand_chair', Goal::StrengthOlder, liftLimit(600), $max, $light)->findings),
        )->not->toContain('Too light');
});

function liftLimit(int $grams): Envelope
{
    return Made::envelope([])->merge(
        new Envelope([new Limit(Field::LiftMaxG, $grams, 'order', 'Surgeon\'s order.', 'order')]),
    );
}

it('halves a lift limit for each hand', function (): void {
    $limits = new DoseLimits(liftLimit(4500));
    expect($limits->cap(Per::Hand)->grams)->toBe(2250)
        ->and($limits->cap(Per::Total)->grams)->toBe(4500);
});

it('says what the lightest is when even that is over the cap', function (): void {
    $dosing = doseOf(
        'tote_row', 'hand_chair', Goal::StrengthOlder, liftLimit(1500), OneRepMax::estimate(6000, 8, 2),
        Made::kit([['id' => 'a', 'mass_g' => 2100]]),
    );
    expect($dosing->dose)->toBeNull()
        ->and($dosing->findings[0])->toContain(Made::said('lightest you can make here is 2.1 kg, the cap is 1.5 kg'));
});

it('reports crossed rep limits as a conflict and gives no dose', function (): void {
    $crossed = Made::envelope([['code' => 'hypertension_controlled']])->merge(
        new Envelope([new Limit(Field::RepsMax, 6, 'order', 'Six at most.', 'order')]),
    );
    expect(doseOf('heel_raise', 'seated', Goal::StrengthOlder, $crossed)->dose)->toBeNull();
});

it('shortens hard holds but not balance stances', function (): void {
    $envelope = Made::envelope([['code' => 'hypertension_controlled']]);
    expect(doseOf('brace', 'seated_press', Goal::Isometric, $envelope)->dose?->amount->hi)->toBe(10)
        ->and(doseOf('stance_balance', 'together', Goal::Balance, $envelope)->dose?->amount->hi)->toBe(30);
});

it('reads and writes a dose in the open form', function (): void {
    $form = [
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'load_g' => 5000,
        'per' => 'hand', 'rest_s' => 60, 'tempo' => '3-0-2-0', 'days_a_week' => 2,
    ];
    expect(Dose::read(new Bag($form))->jsonSerialize())->toEqual($form)
        ->and(Dose::read(new Bag($form))->amountLabel())->toBe('2 × 8-12');
});

it('is done on two days a week where it does not say', function (): void {
    $dose = ['sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7]];
    expect(Dose::read(new Bag($dose))->daysAWeek)->toBe(2)
        ->and(Dose::read(new Bag([...$dose, 'days_a_week' => 3]))->daysAWeek)->toBe(3);
});

it('refuses a dose that counts nothing, or two things', function (array $amount): void {
    Dose::read(new Bag(['sets' => 2, 'effort' => ['lo' => 5, 'hi' => 6], ...$amount]));
})->with(
    [
        [[]],
        [['reps' => ['lo' => 5, 'hi' => 8], 'hold' => ['lo' => 5, 'hi' => 8]]],
        [['reps' => ['lo' => 9, 'hi' => 8]]],
        [['reps' => ['lo' => 0, 'hi' => 8]]],
    ],
)->throws(InvalidInput::class);

it('says minutes as minutes', function (): void {
    expect(
        Dose::read(
            new Bag(['sets' => 1, 'seconds' => ['lo' => 180, 'hi' => 300], 'effort' => ['lo' => 2, 'hi' => 4]]),
        )->amountLabel(),
    )->toBe('3-5 min');
});

it('reads a tempo of two figures, says each part that is there, and slows the lowering alone', function (): void {
    expect(Tempo::read('10-0-2-0')->lowerS)->toBe(10)
        ->and(Tempo::read('3-1-2-4')->says())->toBe('lower for 3 s, pause for 1 s, lift for 2 s, hold the top for 4 s')
        ->and(Tempo::read('3-0-fast-0')->says())->toBe('lower for 3 s, lift fast')
        ->and((string) Tempo::read('3-1-2-4')->slower())->toBe('4-1-2-4');
});

it('asks for the RPE range of a dose that counts something and has none', function (): void {
    $dose = ['sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'rest_s' => 60];
    expect(fn () => Dose::read(new Bag($dose)))->toThrow(InvalidInput::class, 'A dose needs an RPE range');
});
