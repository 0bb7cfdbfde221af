<?php

declare(strict_types=1);

use BuoyantStep\Core\Body\Segment;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Figures\Bounds;
use BuoyantStep\Core\Exercises\Figures\Figure;
use BuoyantStep\Core\Exercises\Figures\Frame;
use BuoyantStep\Core\Exercises\Figures\Props;
use BuoyantStep\Core\Exercises\Figures\Skeleton;
use BuoyantStep\Core\Exercises\Figures\Vec;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Support;

/** @return list<array{string, Figure}> */
function everyFigure(): array
{
    $all = [];
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $all[] = [$family->code.'/'.$rung->code, $rung->figure];
        }
    }

    return $all;
}

function skeleton(array $body, array $arms = ['both' => ['drop' => [0, -0.38]]]): Skeleton
{
    return new Skeleton(new Bag($body), new Bag($arms));
}

it('stands a person up: segment by segment to a body height', function (): void {
    $s = skeleton(['hip' => [0, 0.529], 'trunk' => 0, 'near' => ['angles' => [0, 0]], 'far' => ['angles' => [0, 0]]]);
    expect(round($s->joints['near_ankle']->y, 3))->toBe(0.038)
        ->and(round($s->joints['shoulder']->y, 3))->toBe(0.817)
        ->and($s->joints['head']->y + Skeleton::HEAD)->toBeGreaterThan(0.97)->toBeLessThan(1.01);
});

it('puts knees forward, elbows back, and keeps the lengths of limbs whatever they are planted on', function (): void {
    $s = skeleton(
        ['hip' => [0, 0.4], 'trunk' => 10, 'near' => ['foot' => [0.05, 0]], 'far' => ['foot' => [-0.05, 0]]],
        ['both' => ['hand' => [0.2, 0.55]]],
    );
    foreach (['near', 'far'] as $side) {
        expect($s->joints[$side.'_knee']->x)->toBeGreaterThan(
            max($s->joints[$side.'_hip']->x, $s->joints[$side.'_ankle']->x),
        )
            ->and(
                $s->joints[$side.'_hip']->to($s->joints[$side.'_knee'])->length(),
            )->toEqualWithDelta(Segment::THIGH, 1e-6)
            ->and(
                $s->joints[$side.'_knee']->to($s->joints[$side.'_ankle'])->length(),
            )->toEqualWithDelta(Segment::SHANK, 1e-6)
            ->and(
                $s->joints[$side.'_shoulder']->to($s->joints[$side.'_elbow'])->length(),
            )->toEqualWithDelta(Segment::UPPER_ARM, 1e-6);
    }
    expect($s->joints['near_elbow']->x)->toBeLessThan($s->joints['near_hand']->x)->and($s->strain)->toBe(0.0);
});

it('says how far a limb would have to stretch', function (): void {
    expect(
        skeleton(['hip' => [0, 0.9], 'trunk' => 0, 'near' => ['foot' => [0, 0]], 'far' => ['foot' => [0, 0]]])->strain,
    )->toEqualWithDelta(0.9 - 0.039 - 0.491, 1e-6);
});

it('stands on the toes or on the heel with the other end in the air', function (): void {
    $toes = skeleton(
        ['hip' => [0, 0.55], 'trunk' => 0, 'near' => ['foot' => [0, 0], 'pitch' => 30], 'far' => ['foot' => [0, 0]]],
    );
    $heel = skeleton(
        ['hip' => [0, 0.5], 'trunk' => 0, 'near' => ['foot' => [0, 0], 'pitch' => -20], 'far' => ['foot' => [0, 0]]],
    );
    expect($toes->joints['near_toe']->y)->toEqualWithDelta(0.0, 1e-9)
        ->and($toes->joints['near_heel']->y)->toBeGreaterThan(0.03)
        ->and($heel->joints['near_heel']->y)->toEqualWithDelta(0.0, 1e-9)
        ->and($heel->joints['near_toe']->y)->toBeGreaterThan(0.03);
});

it('draws every rung honestly: no limb stretched, nothing through the floor', function (): void {
    foreach (everyFigure() as [$at, $figure]) {
        $drawing = $figure->draw();
        expect($drawing->strain())->toBeLessThan(0.015, $at);
        foreach ($drawing->frames as $frame) {
            foreach ($frame->skeleton->joints as $joint => $point) {
                expect($point->y)->toBeGreaterThan(-0.015, "$at: $joint below the floor");
            }
        }
    }
});

it('rests each hand that is on something on that thing', function (string $prop, float $top, float $left): void {
    $seen = 0;
    foreach (everyFigure() as [$at, $figure]) {
        foreach (array_filter([$figure->start, $figure->end]) as $i => [$body, $arms]) {
            if ($arms === $prop && in_array($prop, $figure->props, true)) {
                $hand = $figure->draw()->frames[$i]->skeleton->joints['near_hand'];
                expect($hand->y)->toEqualWithDelta($top, 0.03, $at)
                    ->and($hand->x)->toBeGreaterThan($left - 0.02, $at);
                $seen++;
            }
        }
    }
    expect($seen)->toBeGreaterThan(5);
})->with([['counter', 0.53, 0.22], ['rail', 0.62, 0.1]]);

it('moves something visible between start and end, but for what is too small to draw', function (): void {
    $small = [];
    foreach (everyFigure() as [$at, $figure]) {
        $drawing = $figure->draw();
        if (count($drawing->frames) === 2 && $drawing->moves() === null) {
            $small[] = $at;
        }
    }
    // Squeezes, toe curls and presses without movement look the same at both ends.
    expect(count($small))->toBeLessThanOrEqual(12)
        ->and(
            array_diff(
                $small,
                [
                    'curl_up/nod', 'anti_turn/seated', 'anti_turn/standing', 'towel_gather/cloth',
                    'towel_gather/weight', 'towel_gather/arch', 'elbow_extension/table_press', 'forearm_turn/roll',
                    'squeeze/fist', 'squeeze/soft',
                ],
            ),
        )->toBe([]);
});

it('marks where something happens that is too small to see, and nowhere else', function (): void {
    foreach (everyFigure() as [$at, $figure]) {
        $drawing = $figure->draw();
        $isSmall = count($drawing->frames) === 2 && $drawing->moves() === null;
        $mark = json_decode((string) json_encode($drawing), true)['mark'];
        expect($mark !== null)->toBe($isSmall, $at);
        if ($mark !== null) {
            expect($mark)->toBe($drawing->frames[1]->skeleton->joints[(string) $figure->mark]->rounded(), $at);
        }
    }
});

it('keeps a band taut between its two ends', function (): void {
    $seen = 0;
    foreach (everyFigure() as [$at, $figure]) {
        if (in_array('band_front', $figure->props, true)) {
            foreach ($figure->draw()->frames as $frame) {
                $band = array_values(array_filter($frame->shapes, static fn ($s): bool => $s->role === 'band'))[0];
                expect($band->points[0])->toEqual($frame->skeleton->joints['near_hand'], $at)
                    ->and($band->points[0]->to($band->points[1])->length())->toBeGreaterThan(0.3, $at);
                $seen++;
            }
        }
    }
    expect($seen)->toBeGreaterThan(4);
});

it('lifts whoever lies on a bed to its height', function (): void {
    expect(Props::surface('bed'))->toBe(Props::BED)->and(Props::surface('mat', 'chair'))->toBe(0.0);
    $figure = Catalogue::standard()->family('bridge')->rung('short')->figure;
    expect($figure->draw()->frames[0]->skeleton->joints['hip']->y)->toBeGreaterThan(Props::BED);
});

it('goes out as whole numbers in a window that holds all of it', function (): void {
    foreach (everyFigure() as [$at, $figure]) {
        $data = json_decode((string) json_encode($figure->draw()), true);
        foreach ($data['frames'] as $shapes) {
            foreach ($shapes as $shape) {
                foreach ($shape['points'] as [$x, $y]) {
                    expect(
                        $x >= $data['left']
                            && $x <= $data['left'] + $data['width']
                            && $y >= $data['bottom']
                            && $y <= $data['bottom'] + $data['height'],
                    )->toBeTrue("$at: $x,$y outside");
                }
            }
        }
    }
});

it('names a posture, a prop or a load that does not exist', function (array $spec): void {
    Figure::read(new Bag($spec))->draw();
})->with([
    [['start' => ['body' => 'float'], 'props' => []]],
    [['start' => ['body' => 'sit', 'arms' => 'wings'], 'props' => []]],
    [['start' => ['body' => 'sit'], 'props' => ['throne']]],
    [['start' => ['body' => 'sit'], 'props' => [], 'load' => 'anvil']],
])->throws(UnknownCode::class);

it('measures steps and turns as plain geometry', function (): void {
    expect(round(Vec::down(90, 2)->x, 6))->toBe(2.0)
        ->and(round(Vec::up(0, 2)->y, 6))->toBe(2.0)
        ->and((new Vec(0, 1))->right()->x)->toBe(1.0)
        ->and((new Vec(3, 4))->length())->toBe(5.0)
        ->and((new Vec(1, 2))->mirrored()->x)->toBe(-1.0)
        ->and((new Vec(0.1234, 0.5))->rounded())->toBe([123, 500]);
    expect(
        (
            new Frame(
                [],
                skeleton(['hip' => [0, 0.5], 'trunk' => 0, 'near' => ['foot' => [0, 0]], 'far' => ['foot' => [0, 0]]]),
            )
        )->bounds(),
    )->toEqual(new Bounds);
});

it('draws the hand on the counter that a change asks for, on every rung that takes it', function (): void {
    $shown = 0;
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            if (! in_array(ChangeKind::HoldOn, $rung->demands->changes ?? [], true)) {
                continue;
            }
            $now = $rung->figure->changed([Change::holdOn(Support::OneHand)])->draw();
            expect($now->strain())->toBeLessThanOrEqual(0.02, "{$family->code}/{$rung->code}")
                ->and(count($now->frames))->toBe(count($rung->figure->draw()->frames));
            if (json_encode($now) === json_encode($rung->figure->draw())) {
                // It holds already: a counter, a rail, a chair, a post or a wall stands in the picture.
                expect(implode(' ', [...$rung->figure->start, ...$rung->figure->props]))
                    ->toMatch('/counter|rail|chair|post|wall/', "{$family->code}/{$rung->code}");

                continue;
            }
            $shown++;
            foreach ($now->frames as $frame) {
                // A counter is 90 cm high beside somebody of middling height.
                expect($frame->skeleton->joints['far_hand']->y)->toEqualWithDelta(0.545, 0.03);
            }
        }
    }
    expect($shown)->toBeGreaterThan(40);
});

it('puts the trunk on a wedge, and leaves the legs where they are', function (): void {
    $figure = Catalogue::standard()->family('dead_bug')->rung('arms')->figure;
    $flat = $figure->draw()->frames[0];
    $raised = $figure->changed([Change::of(ChangeKind::WedgeTrunk)])->draw()->frames[0];
    $lift = static fn (Frame $f): float => rad2deg(atan2(
        $f->skeleton->joints['shoulder']->y - $f->skeleton->joints['hip']->y,
        abs($f->skeleton->joints['shoulder']->x - $f->skeleton->joints['hip']->x),
    ));
    expect($lift($flat))->toEqualWithDelta(0.0, 0.1)->and($lift($raised))->toBeGreaterThanOrEqual(30.0)
        ->and($raised->skeleton->joints['near_ankle'])->toEqual($flat->skeleton->joints['near_ankle']);
});

it('draws what no picture can show as it was', function (): void {
    $rungs = Catalogue::standard()->family('suitcase_carry');
    $figure = $rungs->rung('short')->figure;
    foreach ([
        [], [Change::of(ChangeKind::EyesOpen)], [Change::holdOn(Support::TwoHands)],
        [Change::of(ChangeKind::WedgeTrunk)],
    ] as $made) {
        expect(json_encode($figure->changed($made)->draw()))->toBe(json_encode($figure->draw()));
    }
});
