<?php

declare(strict_types=1);

use BuoyantStep\Core\Body\Limb;
use BuoyantStep\Core\Body\PushUp;
use BuoyantStep\Core\Cli\CommandLine;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Tests\Support\Made;

function goldenBand(): Band
{
    return new Band(1200, [[25, 9], [50, 15], [100, 24], [150, 32]]);
}

it('meets the golden figures of the band', function (): void {
    $band = goldenBand();
    expect(round($band->elongationPct(1300), 3))->toBe(8.333)
        ->and(round((float) $band->force(1300), 3))->toBe(3.0)
        ->and(round((float) $band->force(2100), 3))->toBe(19.5)
        ->and(round((float) $band->mean(1300, 2100), 3))->toBe(12.469);
});

it('has no force when slack and no figure past the last point', function (): void {
    $band = goldenBand();
    expect($band->force(1100))->toBe(0.0)
        ->and($band->force(3000))->toBe(32.0)
        ->and($band->force(3001))->toBeNull()
        ->and($band->mean(1300, 3001))->toBeNull();
});

it('multiplies with strands and with folding', function (): void {
    $single = goldenBand();
    $double = new Band(1200, [[25, 9], [50, 15]], strands: 2);
    $folded = new Band(600, [[25, 9], [50, 15]], strands: 2);
    expect($double->force(1500))->toBe(2 * (float) $single->force(1500))
        ->and($folded->force(750))->toBe(2 * (float) $single->force(1500));
});

it('refuses points that do not rise', function (array $points): void {
    new Band(1200, $points);
})->with([[[[25, 9], [25, 10]]], [[[25, 9], [50, 8]]], [[[0, 5]]]])->throws(InvalidInput::class, 'Measure it again');

it('grows with length, keeps the mean between start and end, and inverts within a millimetre', function (): void {
    $made = new Made(111);
    $inverted = 0;
    for ($i = 0; $i < 3000; $i++) {
        $points = [];
        $force = $elongation = 0.0;
        for ($n = $made->int(1, 5); $n > 0; $n--) {
            $points[] = [$elongation += $made->int(5, 60), $force += $made->int(1, 40)];
        }
        $band = new Band($made->int(300, 2500), $points, $made->int(1, 3));
        $known = $band->knownToMm();
        $before = 0.0;
        for ($length = $band->restMm; $length <= $known; $length += ($known - $band->restMm) / 17) {
            $now = (float) $band->force($length);
            if ($now < $before - 1e-9) {
                $this->fail("band $i: force falls at $length mm");
            }
            $before = $now;
        }
        $start = $band->restMm + $made->int(0, 40) / 100 * ($known - $band->restMm);
        $end = $start + $made->int(1, 100) / 100 * ($known - $start);
        $mean = (float) $band->mean($start, $end);
        if ($mean < (float) $band->force($start) - 1e-6 || $mean > (float) $band->force($end) + 1e-6) {
            $this->fail("band $i: mean $mean outside its travel");
        }
        if ($band->elongationPct($end) <= $band->maxElongationPct) {
            foreach (['end' => (float) $band->force($end), 'mean' => $mean] as $at => $target) {
                if (abs($band->startFor($end - $start, $at, $target) - $start) > 1) {
                    $this->fail("band $i: inverse by $at misses the start of $start mm");
                }
                $inverted++;
            }
        }
    }
    expect($inverted)->toBeGreaterThan(2000);
});

it('says which forces are reachable when one is not', function (): void {
    expect(fn () => goldenBand()->startFor(800, 'end', 60))->toThrow(InvalidInput::class, 'is not reachable')
        ->and(fn () => goldenBand()->startFor(2500, 'end', 10))->toThrow(InvalidInput::class, 'cannot travel');
});

it('meets the golden figures of the limbs', function (): void {
    $leg = Limb::Leg->torque(70, 1.70);
    $added = Limb::Leg->addedTorque(1.70, 1000, false);
    $arm = Limb::Arm->torque(70, 1.70);
    expect(round($leg, 2))->toBe(41.24)
        ->and(round($added, 2))->toBe(8.19)
        ->and(round($added / $leg * 100, 1))->toBe(19.9)
        ->and(round($arm, 2))->toBe(10.27)
        ->and(round(Limb::Arm->addedTorque(1.70, 1000, true) / $arm * 100, 1))->toBe(62.7);
});

it('adds less at the near joint than at the far one', function (): void {
    expect(Limb::Shank->addedTorque(1.7, 1000, false))->toBeLessThan(Limb::Leg->addedTorque(1.7, 1000, false))
        ->and(Limb::Forearm->addedTorque(1.7, 1000, true))->toBeLessThan(Limb::Arm->addedTorque(1.7, 1000, true))
        ->and(Limb::Leg->handAt())->toBeNull();
});

it('meets the measured push-up table within 0.03', function (
    string $from, int $hands, float $model, float $measured,
): void {
    $fraction = (float) PushUp::onFloor(1750, $from, $hands);
    expect($fraction)->toEqualWithDelta($model, 0.001)
        ->and(abs($fraction - $measured))->toBeLessThanOrEqual(0.03);
})->with([['toes', 0, 0.640, 0.64], ['toes', 305, 0.550, 0.55], ['toes', 610, 0.388, 0.41], ['knees', 0, 0.490, 0.49]]);

it('gets lighter as the hands go up and heavier as the feet go back', function (): void {
    for ($hands = 0; $hands < 700; $hands += 50) {
        expect(PushUp::onFloor(1750, 'toes', $hands + 50))->toBeLessThan((float) PushUp::onFloor(1750, 'toes', $hands));
    }
    for ($feet = 600; $feet < 1900; $feet += 50) {
        expect(PushUp::atWall(1750, 'toes', $feet + 50))->toBeGreaterThan((float) PushUp::atWall(1750, 'toes', $feet));
    }
});

it('has no figure outside both forms', function (): void {
    expect(PushUp::onFloor(1750, 'toes', 900))->toBeNull()
        ->and(PushUp::atWall(1750, 'toes', 400))->toBeNull()
        ->and(PushUp::atWall(1750, 'toes', 2600))->toBeNull();
});

it('answers on the command line, and says what is wrong', function (
    string $verb, array $input, array|string $expected,
): void {
    [$code, $text] = CommandLine::run([$verb], static fn (): string => (string) json_encode($input));
    $answer = json_decode($text, true);
    if (is_string($expected)) {
        expect($code)->toBe(2)->and($answer['error']['pointer'])->toBe($expected);
    } else {
        expect($code)->toBe(0)->and(array_intersect_key($answer, $expected))->toEqual($expected);
    }
})->with([
    'band' => [
        'band',
        [
            'rest_length_mm' => 1200,
            'points' => [
                ['elongation_pct' => 25, 'force_n' => 9], ['elongation_pct' => 50, 'force_n' => 15],
                ['elongation_pct' => 100, 'force_n' => 24], ['elongation_pct' => 150, 'force_n' => 32],
            ],
            'start_mm' => 1300,
            'end_mm' => 2100,
        ],
        ['start_n' => 3.0, 'end_n' => 19.5, 'mean_n' => 12.469, 'taut' => true, 'within_limit' => true],
    ],
    'band, slack start' => [
        'band',
        [
            'rest_length_mm' => 1200, 'points' => [['elongation_pct' => 50, 'force_n' => 15]], 'start_mm' => 1000,
            'end_mm' => 1500,
        ],
        ['taut' => false, 'start_n' => 0.0],
    ],
    'band, inverse' => [
        'band',
        [
            'rest_length_mm' => 1200,
            'points' => [['elongation_pct' => 50, 'force_n' => 15], ['elongation_pct' => 100, 'force_n' => 24]],
            'travel_mm' => 600,
            'target' => ['at' => 'end', 'force_n' => 19.5],
        ],
        ['start_mm' => 1500.0, 'end_mm' => 2100.0],
    ],
    'band, both ways' => [
        'band',
        [
            'rest_length_mm' => 1200, 'points' => [['elongation_pct' => 50, 'force_n' => 15]], 'start_mm' => 1300,
            'travel_mm' => 100,
        ],
        '/start_mm',
    ],
    'band, end before start' => [
        'band',
        [
            'rest_length_mm' => 1200, 'points' => [['elongation_pct' => 50, 'force_n' => 15]], 'start_mm' => 1300,
            'end_mm' => 1200,
        ],
        '/end_mm',
    ],
    'limb' => [
        'limb',
        ['body_mass_kg' => 70, 'height_mm' => 1700, 'segment' => 'leg', 'added_g' => 1000],
        ['limb_torque_nm' => 41.24, 'added_torque_nm' => 8.19, 'added_pct' => 19.9],
    ],
    'limb, a leg has no hand' => [
        'limb',
        ['body_mass_kg' => 70, 'height_mm' => 1700, 'segment' => 'leg', 'added_g' => 1000, 'at' => 'hand'],
        '/at',
    ],
    'pushup' => ['pushup', ['height_mm' => 1750, 'from' => 'knees', 'hands_mm' => 0], ['fraction' => 0.4905]],
    'pushup, outside' => ['pushup', ['height_mm' => 1750, 'from' => 'toes', 'hands_mm' => 900], ['fraction' => null]],
    'pushup, neither' => ['pushup', ['height_mm' => 1750, 'from' => 'toes'], '/hands_mm'],
]);

it('counts each segment by its own mass, lever and length', function (
    Limb $limb, float $own, float $atEnd, ?float $inHand,
): void {
    // 70 kg, 1.70 m: mass share × 70 × 9.80665 × centre share × length share × 1.70; 9.80665 × length share ×
    // 1.70 for a kilogram.
    expect(round($limb->torque(70, 1.70), 2))->toBe($own)
        ->and(round($limb->addedTorque(1.70, 1000, false), 2))->toBe($atEnd)
        ->and($limb->handAt() === null ? null : round($limb->addedTorque(1.70, 1000, true), 2))->toBe($inHand)
        // Where no hand is, what is "in the hand" acts at the end.
        ->and($limb->addedTorque(1.70, 1000, true))->toBeGreaterThanOrEqual($limb->addedTorque(1.70, 1000, false));
})->with([
    'leg' => [Limb::Leg, 41.24, 8.19, null],
    'shank' => [Limb::Shank, 10.61, 4.1, null],
    'arm' => [Limb::Arm, 10.27, 5.53, 6.44],
    'forearm' => [Limb::Forearm, 2.56, 2.43, 3.33],
]);

it('grows with each gram and each centimetre', function (): void {
    foreach (Limb::cases() as $limb) {
        expect($limb->addedTorque(1.70, 501, false))->toBeGreaterThan($limb->addedTorque(1.70, 500, false))
            ->and($limb->addedTorque(1.71, 500, false))->toBeGreaterThan($limb->addedTorque(1.70, 500, false))
            ->and($limb->torque(71, 1.70))->toBeGreaterThan($limb->torque(70, 1.70))
            ->and($limb->addedTorque(1.70, 0, false))->toBe(0.0);
    }
});
