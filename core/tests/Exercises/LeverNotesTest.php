<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\LeverNotes;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Reason;

function notesOn(
    string $path,
    array $client = ['body_mass_kg' => 70, 'height_mm' => 1700],
    ?int $loadG = null,
    int $stepPct = 10,
): string {
    [$family, $rung] = explode('/', $path);
    $ladder = $loadG === null ? null : new Ladder(Holding::Cuff, [new Makeable($loadG, null, ['c' => 1])]);

    return implode(
        ' ',
        array_map(
            static fn (Reason $r): string => $r->says,
            LeverNotes::of(
                Catalogue::standard()->family($family)->rung($rung), Made::client($client), $ladder, $stepPct,
            ),
        ),
    );
}

it('says that one kilogram at the ankle is a big step, and how to make it smaller', function (): void {
    expect(notesOn('back_kick/cuff', loadG: 1000))->toContain('41.2 N·m')->toContain(
        Made::said('1 kg at the ankle, is +20 %'),
    )->toContain('just above the knee (+10 %)')->toContain(Made::said('stay at about 500 g'));
});

it('says what a weight adds when it is within a step, and what half a kilogram would when there is '
    .'none', function (): void {
        expect(notesOn('back_kick/cuff', loadG: 400))->toContain('+8 %')->not->toContain('more than a step')
            ->and(notesOn('scaption/free'))->toContain('10.3 N·m')->toContain(
                Made::said('Each 500 g in the hand would add 31 %'),
            );
    });

it('says how much of the body a push carries, and that it has no figure where none was measured', function (): void {
    expect(
        notesOn('floor_push/floor', ['body_mass_kg' => 70, 'height_mm' => 1750]),
    )->toContain('64 % of body weight')->toContain(Made::said('44.8 kg'))
        ->and(notesOn('floor_push/knees', ['body_mass_kg' => 70, 'height_mm' => 1750]))->toContain('49 %')
        ->and(notesOn('wall_counter_push/counter'))->toContain('No figure')
        ->and(notesOn('wall_counter_push/wall'))->toContain('13 %')
        ->and(notesOn('wall_counter_push/wall_far'))->toContain('26 %');
});

it('counts the rise, the side bend and the load held out', function (): void {
    expect(
        notesOn('seat_rise/hands', ['body_mass_kg' => 70, 'height_mm' => 1650]),
    )->toContain('232 J')->toContain('takes off 13 %')
        ->and(notesOn('suitcase_carry/hold', loadG: 5000))->toContain('10.4 N·m')
        ->and(notesOn('lap_carry/lap_shelf', loadG: 3000))->toContain(
            'adds 7.4 N·m there; at 55 cm it adds 16.2',
        )->toContain('26.4')
        ->and(notesOn('march/seated'))->toBe('');
});

it('says what a weight adds at the edge of a step, on either side', function (int $grams, bool $big): void {
    // The straight leg is 41.24 N·m; a kilogram at the ankle 8.19: ten and a half percent are 529 g.
    expect(str_contains(notesOn('back_kick/cuff', loadG: $grams), 'more than a step'))->toBe($big);
})->with([[528, false], [540, true]]);

it('says so when even fifty grams are more than a step', function (): void {
    expect(notesOn('back_kick/cuff', loadG: 1000, stepPct: 0))->toContain('use the limb alone, with a slower lowering')
        ->and(notesOn('back_kick/cuff', loadG: 1000, stepPct: 5))->toContain(Made::said('stay at about 250 g'));
});

it('counts with a kilogram where nothing is there to carry, and with the lightest there is', function (): void {
    // 1 kg × 9.80665 × (0.0955 × 1.7 + 0.05).
    expect(notesOn('suitcase_carry/hold'))->toContain(Made::said('1 kg at one side bends the trunk with 2.1 N·m'))
        ->and(notesOn('suitcase_carry/hold', loadG: 2500))->toContain(
            Made::said('2.5 kg at one side bends the trunk with 5.2 N·m'),
        );
});

it('says nothing of a rise from a seat as high as the hip', function (): void {
    // Half of 900 mm is 450 mm: no way left from a seat of 450 mm.
    expect(notesOn('seat_rise/hands', ['body_mass_kg' => 60, 'height_mm' => 900]))->toBe('')
        ->and(
            notesOn('seat_rise/hands', ['body_mass_kg' => 60, 'height_mm' => 1650]),
        )->toContain('One rise from 450 mm is 199 J, the seat at 96 % of knee height');
});
