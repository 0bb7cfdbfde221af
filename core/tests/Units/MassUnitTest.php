<?php

declare(strict_types=1);

use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\MassUnit;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('says a mass in pounds', function (int $grams, string $label): void {
    // 453.59237 g are one pound.
    expect(MassUnit::Pound->say($grams))->toBe(Made::shown($label))
        ->and(MassUnit::Pound->render(Mass::say($grams)))->toBe(Made::shown($label));
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
    expect(MassUnit::Pound->render($sentence))->toBe(
        Made::shown(
            'Build to 16 with 11.02 lb, then 13.23 lb for 8: 2 × Bag of sugar ',
        ).'1 kg and a can of 400 g, 112 W, 1.9 W/kg, +20 %.',
    )
        ->and(MassUnit::Kilogram->render($sentence))->toStartWith(Made::shown('Build to 16 with 5 kg, then 6 kg for 8'))
        // What is no mass between the marks stays as it is.
        ->and(MassUnit::Pound->render('{{g:}} {{x:5}} {{ {{g:5'))->toBe('{{g:}} {{x:5}} {{ {{g:5')
        ->and(MassUnit::Pound->render('No load.'))->toBe('No load.');
});

it('is within a hundredth of a pound of what is meant, and never says the same sentence twice over', function (): void {
    $luck = new Randomizer(new Mt19937(45));
    for ($i = 0; $i < 5000; $i++) {
        $grams = $luck->getInt(0, 400_000);
        $said = MassUnit::Pound->say($grams);
        expect(abs((float) $said - $grams / Mass::GRAMS_PER_POUND))->toBeLessThanOrEqual(
            0.0051,
        )
            ->and(MassUnit::Pound->render($said))->toBe($said);
    }
});

it('says a pull as a luggage scale shows it', function (): void {
    expect(MassUnit::Kilogram->render(Mass::sayForce(9.80665)))->toBe(Made::shown('1.0 kg'))
        ->and(MassUnit::Kilogram->render(Mass::sayForce(24.5)))->toBe(Made::shown('2.5 kg'))
        ->and(MassUnit::Pound->render(Mass::sayForce(44.48)))->toBe(Made::shown('10.0 lb'));
});

it('does not round a mass out of its unit', function (): void {
    expect(MassUnit::Kilogram->say(999.4))->toBe(Made::shown('999 g'))
        ->and(MassUnit::Kilogram->say(999.6))->toBe(Made::shown('1 kg'));
});

it('cuts a sentence without cutting a mass', function (): void {
    $sentence = 'From '.Mass::say(5000).' to '.Mass::say(6000).' é.';
    foreach (range(1, mb_strlen($sentence)) as $most) {
        $cut = Mass::cut($sentence, $most);
        $shown = MassUnit::Pound->render($cut);
        expect(mb_strlen($cut))->toBeLessThanOrEqual($most)
            ->and(strpbrk($shown, '{}'))->toBeFalse()
            ->and(MassUnit::Pound->render($sentence))->toStartWith($shown);
    }
    expect(Mass::cut($sentence, 29))->toBe('From '.Mass::say(5000).' to '.Mass::say(6000));
});

it('gives the box of a form the number as its reader types it', function (int $grams, string $kg, string $lb): void {
    expect(MassUnit::Kilogram->render(Mass::field($grams)))->toBe($kg)
        ->and(MassUnit::Pound->render(Mass::field($grams)))->toBe($lb)
        // Three decimals of a pound are less than half a gram.
        ->and((int) round(MassUnit::Pound->grams((float) $lb)))->toBe($grams);
})->with([[0, '0', '0 lb'], [1, '0.001', '0.002 lb'], [520, '0.52', '1.146 lb'], [100_000, '100', '220.462 lb']]);
