<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Side;

/* A dose as it is read: each field from end to end, what is refused where, and what two sides make together. */

const A_DOSE = ['sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 4, 'hi' => 6]];

function readDose(array $with, array $without = []): Dose
{
    return Dose::read(new Bag(array_diff_key([...A_DOSE, ...$with], array_flip($without))));
}

it('takes each field from end to end and no further', function (string $field, int $least, int $most): void {
    expect(readDose([$field => $least]))->toBeInstanceOf(Dose::class)
        ->and(readDose([$field => $most]))->toBeInstanceOf(Dose::class)
        ->and(fn () => readDose([$field => $least - 1]))->toThrow(InvalidInput::class)
        ->and(fn () => readDose([$field => $most + 1]))->toThrow(InvalidInput::class);
})->with([
    ['sets', 1, 10], ['load_g', 1, 200_000], ['rest_s', 0, 900], ['days_a_week', 1, 7], ['hold_s', 1, 60],
    ['pause_s', 1, 30], ['pull_n', 1, 1000],
]);

it('counts from one to its most, by an effort up to ten', function (array $with, ?string $pointer): void {
    $read = static function () use ($with): ?string {
        try {
            readDose($with);
        } catch (InvalidInput $e) {
            return $e->pointer;
        }

        return null;
    };
    expect($read())->toBe($pointer);
})->with([
    [['reps' => ['lo' => 1, 'hi' => 1]], null],
    [['reps' => ['lo' => 0, 'hi' => 8]], '/reps/lo'],
    [['reps' => ['lo' => 1, 'hi' => 1800]], null],
    [['reps' => ['lo' => 1, 'hi' => 1801]], '/reps/hi'],
    [['effort' => ['lo' => 0, 'hi' => 10]], null],
    [['effort' => ['lo' => 0, 'hi' => 11]], '/effort/hi'],
    [['left' => ['reps' => ['lo' => 1, 'hi' => 4]]], null],
    [['left' => ['reps' => ['lo' => 0, 'hi' => 4]]], '/left/reps/lo'],
    [['right' => ['load_g' => 1]], null],
    [['right' => ['load_g' => 0]], '/right/load_g'],
    [['right' => ['pull_n' => 1]], null],
    [['right' => ['pull_n' => 0]], '/right/pull_n'],
]);

it('has a value for what was not said', function (): void {
    $dose = readDose([]);
    expect([$dose->restS, $dose->daysAWeek, $dose->tempo, $dose->loadG, $dose->holdS, $dose->pauseS, $dose->pullN])
        ->toBe([0, 2, '', null, null, null, null])
        ->and($dose->isApart())->toBeFalse();
});

it('gives each side its own, and the whole to who asks of both', function (): void {
    $dose = readDose(['load_g' => 3000, 'left' => ['load_g' => 2000, 'reps' => ['lo' => 6, 'hi' => 8]]]);
    expect($dose->isApart())->toBeTrue()
        ->and($dose->on(Side::Left)->loadG)->toBe(2000)->and($dose->on(Side::Left)->amount->label())->toBe('6-8')
        ->and($dose->on(Side::Right)->loadG)->toBe(3000)->and($dose->on(Side::Right)->amount->label())->toBe('8-12')
        ->and($dose->on(Side::Left)->isApart())->toBeFalse()
        ->and($dose->on(Side::Both))->toBe($dose)
        ->and(readDose(['right' => ['load_g' => 2000]])->isApart())->toBeTrue();
    $same = readDose(['load_g' => 3000]);
    expect($same->on(Side::Left))->toBe($same);
});

it('makes of two sides the gentler of both', function (array $left, array $right, array $joined): void {
    $dose = Dose::joined(readDose($left), readDose($right));
    $back = Dose::joined(readDose($right), readDose($left));
    foreach ($joined as $field => $value) {
        expect($dose->{$field})->toBe($value)->and($back->{$field})->toBe($value);
    }
})->with([
    'sets' => [['sets' => 2], ['sets' => 3], ['sets' => 2]],
    'load' => [['load_g' => 2000], ['load_g' => 3000], ['loadG' => 2000]],
    'a load on one side' => [['load_g' => 2000], [], ['loadG' => 2000]],
    'no load' => [[], [], ['loadG' => null]],
    'rest' => [['rest_s' => 60], ['rest_s' => 90], ['restS' => 90]],
    'days' => [['days_a_week' => 2], ['days_a_week' => 3], ['daysAWeek' => 2]],
    'a hold' => [['hold_s' => 5], ['hold_s' => 10], ['holdS' => 5]],
    'a hold on one side is none' => [['hold_s' => 5], [], ['holdS' => null]],
    'a pause' => [['pause_s' => 5], ['pause_s' => 10], ['pauseS' => 10]],
    'a pause on one side' => [['pause_s' => 5], [], ['pauseS' => 5]],
    'a pull' => [['pull_n' => 20], ['pull_n' => 30], ['pullN' => 20]],
    'a pull on one side' => [['pull_n' => 20], [], ['pullN' => 20]],
]);
