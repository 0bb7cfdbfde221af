<?php

declare(strict_types=1);

use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Tests\Support\Made;

/** Verdict on a rung, written family/rung, for a client with these conditions. */
function verdictFor(string $path, array $conditions, array $with = []): string
{
    $situation = Made::situation(Made::client(['conditions' => $conditions, ...$with]), Made::measures([]), new Kit);

    return array_values(Made::at($situation, $path)->verdicts())[0]->verdict;
}

it('keeps the weight of the body off the hands where a lift limit is lower', function (string $rung): void {
    // 4.5 kg after a sternotomy: even the wall carries more, and an armrest has no figure.
    expect(verdictFor($rung, [['code' => 'sternotomy', 'since' => '2026-10-20']]))->toBe('out')
        ->and(verdictFor($rung, []))->toBe('fits');
})->with(
    [
        'wall_counter_push/wall', 'wall_counter_push/counter', 'floor_push/knees', 'chair_push_off/press',
        'seat_rise/hands', 'four_point/slide',
    ],
);

it('lets the hands carry what is known to be within the limit', function (): void {
    // 13 % of 66 kg is 8.6 kg: within an ordered 15 kg, not within 5 kg. The armrest press has no figure, so it stays
    // out.
    $hernia = static fn (int $grams): array => [['code' => 'hernia', 'detail' => 'lift_g:'.$grams]];
    expect(verdictFor('wall_counter_push/wall', $hernia(15_000)))->toBe('fits')
        ->and(verdictFor('wall_counter_push/wall', $hernia(5_000)))->toBe('out')
        ->and(verdictFor('wall_counter_push/sofa', $hernia(15_000)))->toBe('out')
        ->and(verdictFor('chair_push_off/press', $hernia(15_000)))->toBe('out');
});

it('leaves other ways to push and to rise open after a sternotomy', function (): void {
    $chest = [['code' => 'sternotomy', 'since' => '2026-10-20']];
    expect(verdictFor('seat_rise/no_hands', $chest))->toBe('fits')
        // A press takes the load away from the trunk.
        ->and(verdictFor('floor_press/one_hand', $chest))->toBe('out')
        ->and(verdictFor('curl/one_arm', $chest))->toBe('fits');
});

it('pads a cuff on skin that cannot feel, and refuses latex that no pad can mend', function (): void {
    $skin = [['code' => 'insensate_skin', 'detail' => 'legs']];
    expect(verdictFor('knee_extension/cuff', $skin, ['insensate' => ['legs']]))->toBe('changes')
        ->and(verdictFor('band_side_step/seated', [['code' => 'latex_allergy']]))->toBe('out');
});
