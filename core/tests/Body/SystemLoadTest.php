<?php

declare(strict_types=1);

use BuoyantStep\Core\Body\Moves;
use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Tests\Support\Made;

it('counts the body that is lifted, so that a kilogram more in a rise is a small step', function (): void {
    // Body 61 kg: 54.9 kg of it rise; from 1 to 2 kg held is 55.9 to 56.9.
    $rise = SystemLoad::moving(Moves::Rise, 61);
    expect(round($rise->stepPct(1000, 2000), 1))->toBe(1.8)
        ->and($rise->with(1000))->toBe(55_900.0)
        ->and($rise->loadFor(56_900))->toBe(2000.0)
        ->and($rise->loadFor(50_000))->toBeLessThan(0)
        ->and($rise->says(1000))->toBe(Made::said('1 kg held, 55.9 kg moved'))
        ->and($rise->says(null))->toBe(Made::said('54.9 kg of the body moved'));
});

it('counts one in each hand twice, and a pack on the back by its share', function (): void {
    $each = SystemLoad::moving(Moves::Rise, 60, 2);
    // Half of the body on the hands: half of the pack lies there as well.
    $pushUp = SystemLoad::pushUp(30_000, 60);
    expect($each->with(2000))->toBe(58_000.0)
        ->and($each->says(2000))->toBe(Made::said('4 kg held, 58 kg moved'))
        ->and($pushUp->with(2000))->toBe(31_000.0);
});

it('is the load alone where nothing of the body is lifted', function (): void {
    $load = new SystemLoad;
    expect($load->with(5000))->toBe(5000.0)
        ->and($load->with(null))->toBe(0.0)
        ->and($load->stepPct(5000, 5500))->toEqualWithDelta(10.0, 1e-9)
        ->and($load->stepPct(null, 5500))->toBe(INF)
        ->and($load->says(5000))->toBeNull();
});

it('lifts the shares of the published segments', function (Moves $moves, float $share): void {
    expect($moves->share())->toBe($share);
})->with([[Moves::Rise, 0.9], [Moves::StepUp, 0.94], [Moves::HeelRaise, 0.97], [Moves::Bridge, 0.55]]);

it('knows which rungs lift the body', function (string $path, ?float $kg): void {
    $here = Made::at(Made::situation(Made::client(['body_mass_kg' => 60])), $path);
    expect($here->system()->bodyG / 1000)->toEqualWithDelta($kg ?? 0.0, 1e-6);
})->with([
    ['seat_rise/load_close', 54.0], ['seat_rise/hands', null], ['squat/hug_load', 54.0], ['step_up/one_hand', 56.4],
    ['heel_raise/two_hands', 58.2], ['heel_raise/seated', null], ['bridge/two_legs', 33.0], ['curl/one_arm', null],
    ['tote_row/hand_chair', null],
]);
