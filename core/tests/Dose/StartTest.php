<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\LoadCap;
use BuoyantStep\Core\Dose\Start;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Tests\Support\Made;

function rack(): Kit
{
    $pieces = [];
    foreach (range(1, 80) as $n) {
        $pieces[] = ['id' => "p$n", 'mass_g' => 100 * $n, 'grip' => $n % 2 ? 'soft' : 'none', 'count' => 2];
    }

    return Made::kit($pieces, [['id' => 'tote', 'mass_g' => 150, 'count' => 2, 'max_mass_g' => 9000]]);
}

/** The load that an unmeasured rung begins with, grams. */
function startOf(string $path, array $client = [], ?int $capG = null, ?Kit $kit = null): ?int
{
    $here = Made::at(Made::situation(Made::client(['body_mass_kg' => 70, ...$client]), kit: $kit ?? rack()), $path);

    $ladder = $here->ladder() ?? new Ladder($here->rung->work->holding, []);

    return Start::of($here)->load($ladder, new LoadCap($capG))?->loadG;
}

it('begins near a share of body mass', function (string $path, int $grams): void {
    expect(startOf($path))->toBe($grams);
})->with([
    'two hands lift, 5 %' => ['hinge/seat_lift', 3500], 'held in a rise, 3 %' => ['seat_rise/load_close', 2100],
    'a carry, 4 % a hand' => ['suitcase_carry/short', 2800], 'a row, 2 %' => ['tote_row/hand_chair', 1400],
    'a press, 1.5 %' => ['overhead_press/one_hand', 1050], 'a curl, 1.5 %' => ['curl/one_arm', 1050],
    'a raise, 0.7 %' => ['shoulder_blade_pull/rear_raise', 500], 'a cuff, 0.5 %' => ['knee_extension/cuff', 400],
]);

it('begins with half of it for a weak hand or a fragile client, inside the cap', function (
    array $client, ?int $capG, ?int $grams,
): void {
    expect(startOf('tote_row/hand_chair', $client, $capG))->toBe($grams);
})->with([
    'as it is' => [[], null, 1400],
    'eighty' => [['birth_date' => '1940-01-01'], null, 700],
    'capped' => [[], 900, 900],
    'nothing light enough' => [[], 50, null],
    'a heart: the lightest' => [['conditions' => [['code' => 'coronary_disease']]], null, 100],
    'a fistula: the lightest' => [['conditions' => [['code' => 'dialysis_fistula', 'side' => 'left']]], null, 100],
]);

it('never begins with an empty bag where a hand can do more', function (
    array $pieces, array $client, int $grams,
): void {
    $kit = Made::kit($pieces, [['id' => 'tote', 'mass_g' => 150, 'count' => 1, 'max_mass_g' => 9000]]);
    expect(startOf('tote_row/hand_chair', $client, kit: $kit))->toBe($grams);
})->with([
    'a bottle in it, near the floor' => [[['id' => 'b', 'mass_g' => 1200, 'packable' => true]], [], 1350],
    'a bottle, though the bag is lighter' => [
        [['id' => 'b', 'mass_g' => 400]], ['conditions' => [['code' => 'coronary_disease']]], 400,
    ],
    'a weak hand may' => [
        [['id' => 'b', 'mass_g' => 1900]], ['function' => ['grip' => ['left' => 'weak', 'right' => 'weak']]], 150,
    ],
    'nothing else is near' => [[['id' => 'b', 'mass_g' => 9000]], [], 150],
    // The floor is 1,400 g: up to twice as much is near.
    'twice the floor' => [[['id' => 'b', 'mass_g' => 2800]], [], 2800],
    'a little more' => [[['id' => 'b', 'mass_g' => 2801]], [], 150],
]);
