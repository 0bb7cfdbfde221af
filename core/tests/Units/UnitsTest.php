<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Span;

it('refuses dates that do not exist', function (string $text): void {
    Day::of($text, '/on');
})->with(
    ['2026-02-30', '2026-13-01', '25.11.2026', '', '2026-1-2', '1066-10-14', 'today'],
)->throws(InvalidInput::class, 'for example 2026-11-25');

it('counts days across the end of a year and a leap day', function (): void {
    expect(Day::of('2027-12-30')->daysTo(Day::of('2028-03-01')))->toBe(62)
        ->and((string) Day::of('2028-02-28')->plus(1))->toBe('2028-02-29')
        ->and((string) Day::of('1899-12-31')->plus(1))->toBe('1900-01-01')
        ->and(Day::of('2026-11-25')->weekday())->toBe(3);
});

it('turns a year older on the birthday and not the day before', function (): void {
    expect(Day::of('1946-11-25')->yearsTo(Day::of('2026-11-24')))->toBe(79)
        ->and(Day::of('1946-11-25')->yearsTo(Day::of('2026-11-25')))->toBe(80);
});

it('says a mass the way people do', function (int $grams, string $label): void {
    expect(Mass::grams($grams)->label())->toBe(Made::said($label));
})->with(
    [
        [0, '0 g'], [999, '999 g'], [1000, '1 kg'], [2230, '2.23 kg'], [2500, '2.5 kg'], [10000, '10 kg'],
        [20000, '20 kg'],
    ],
);

it('refuses a mass below zero or above a tonne', function (int $grams): void {
    Mass::grams($grams);
})->with([-1, 1_000_001])->throws(InvalidInput::class);

it('keeps a span in order', function (): void {
    expect((new Span(8, 12))->contains(8))->toBeTrue()
        ->and((new Span(8, 12))->contains(13))->toBeFalse()
        ->and((new Span(5, 5))->label())->toBe('5');
    new Span(12, 8);
})->throws(InvalidInput::class);

it('reads a mass as a form writes it, and writes it back the same', function (mixed $typed, ?int $grams): void {
    $mass = Mass::typed($typed);
    expect($mass?->grams)->toBe($grams);
    if ($mass !== null) {
        expect(Mass::typed(MassUnit::Kilogram->render(Mass::field($mass->grams)))?->grams)->toBe($grams);
    }
})->with([
    ['0.52', 520], ['2.231675', 2232], [68.5, 68_500], ['0', 0], ['', null], [null, null], ['two', null],
    ['1e2', 100_000],
]);

it('takes no mass below nothing or above a tonne', function (string $typed): void {
    expect(static fn () => Mass::typed($typed))->toThrow(InvalidInput::class);
})->with(['-0.1', '1000.1', '1e300']);
