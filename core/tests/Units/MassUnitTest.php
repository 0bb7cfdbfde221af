<?php

declare(strict_types=1);

use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\MassUnit;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('says a mass in pounds', function (int $grams, string $label): void {
    // 453.59237 g are one pound.
    expect(MassUnit::Pound->say($grams))->toBe(Made::said($label))
        ->and(MassUnit::Kilogram->say($grams))->toBe(Mass::say($grams));
})->with(
    [
        [0, '0 lb'], [150, '0.33 lb'], [454, '1 lb'], [1030, '2.27 lb'], [2270, '5 lb'], [3630, '8 lb'],
        [4500, '9.92 lb'], [45_360, '100 lb'],
    ],
);

it('puts the masses of a sentence into pounds and leaves everything else', function (): void {
    $sentence = 'Build to 16 with '
        .Mass::say(5000)
        .', then '
        .Mass::say(6000)
        .' for 8: 2 × Bag of sugar 1 kg and a can of 400 g, 112 W, 1.9 W/kg, +20 %.';
    expect(MassUnit::Pound->inWords($sentence))->toBe(
        Made::said(
            'Build to 16 with 11.02 lb, then 13.23 lb for 8: 2 × Bag of sugar ',
        ).'1 kg and a can of 400 g, 112 W, 1.9 W/kg, +20 %.',
    )
        ->and(MassUnit::Kilogram->inWords($sentence))->toBe($sentence)
        ->and(MassUnit::Pound->inWords('No load.'))->toBe('No load.');
});

it('is within a hundredth of a pound of what is meant, and never says the same sentence twice over', function (): void {
    $luck = new Randomizer(new Mt19937(45));
    for ($i = 0; $i < 5000; $i++) {
        $grams = $luck->getInt(0, 400_000);
        $said = MassUnit::Pound->say($grams);
        // Kilograms are said to ten grams, grams to one; pounds to a hundredth.
        expect(abs((float) $said - $grams / Mass::GRAMS_PER_POUND))->toBeLessThanOrEqual(
            0.0051 + ($grams < 1000 ? 0 : 5 / Mass::GRAMS_PER_POUND),
        )
            ->and(MassUnit::Pound->inWords($said))->toBe($said);
    }
});

it('says a pull as a luggage scale shows it', function (): void {
    expect(Mass::sayForce(9.80665))->toBe(Made::said('1.0 kg'))
        ->and(Mass::sayForce(24.5))->toBe(Made::said('2.5 kg'))
        ->and(MassUnit::Pound->inWords(Mass::sayForce(44.48)))->toBe(Made::said('9.92 lb'));
});

it('does not round a mass out of its unit', function (): void {
    expect(Mass::say(999.4))->toBe(Made::said('999 g'))->and(Mass::say(999.6))->toBe(Made::said('1 kg'));
});
