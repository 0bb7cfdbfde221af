<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFault;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Tests\Support\Made;

it('names the field that keeps a dose out', function (array $with, array $fields): void {
    $here = Made::at(Made::situation(Made::client(), kit: Made::kitchen()), 'heel_raise/two_hands');
    $dose = Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 60, ...$with,
    ]));
    $faults = (new DoseFaults($here, Goal::StrengthOlder))->of($dose);
    expect(array_map(static fn (DoseFault $f): string => $f->field->value, $faults))->toBe($fields);
})->with([
    'nothing' => [[], []],
    'reps past all sense' => [['reps' => ['lo' => 8, 'hi' => 61]], ['amount_hi']],
    'a load that it does not take' => [['load_g' => 500], ['load']],
    'counted in another way' => [['reps' => null, 'hold' => ['lo' => 8, 'hi' => 12]], ['amount_lo']],
]);

it('names the loads nearest to one that the kit does not make', function (int $loadG, string $says): void {
    $kit = Made::kit([['id' => 'one', 'mass_g' => 1000], ['id' => 'two', 'mass_g' => 2000]]);
    $here = Made::at(Made::situation(Made::client(), kit: $kit), 'curl/one_arm');
    $dose = Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7], 'load_g' => $loadG,
    ]));
    $told = array_map(
        static fn (DoseFault $f): string => $f->says, (new DoseFaults($here, Goal::StrengthOlder))->of($dose),
    );
    expect($told)->toContain(Made::said($says));
})->with([
    'between two' => [1500, '1.5 kg cannot be made here. Nearest: 1 kg or 2 kg.'],
    'under all' => [500, '500 g cannot be made here. Nearest: 1 kg.'],
    'over all' => [2500, '2.5 kg cannot be made here. Nearest: 2 kg.'],
]);

it('lets a dose stand only with a load that the kit makes', function (?int $loadG, bool $stands): void {
    $kit = Made::kit([['id' => 'one', 'mass_g' => 1000], ['id' => 'two', 'mass_g' => 2000]]);
    $here = Made::at(Made::situation(Made::client(), kit: $kit), 'curl/one_arm');
    $dose = Dose::read(new Bag(array_filter([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7], 'load_g' => $loadG,
    ])));
    expect((new DoseFaults($here, Goal::StrengthOlder))->stands($dose))->toBe($stands);
})->with(['made' => [1000, true], 'not made' => [1500, false], 'none' => [null, false]]);

it('judges each side by its own load where they differ', function (int $left, int $right, array $fields): void {
    $kit = Made::kit([['id' => 'one', 'mass_g' => 1000], ['id' => 'two', 'mass_g' => 2000]]);
    $here = Made::at(Made::situation(Made::client(), kit: $kit), 'curl/one_arm');
    $dose = Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7], 'load_g' => $left,
        'left' => ['reps' => ['lo' => 8, 'hi' => 12], 'load_g' => $left],
        'right' => ['reps' => ['lo' => 8, 'hi' => 12], 'load_g' => $right],
    ]));
    $faults = new DoseFaults($here, Goal::StrengthOlder);
    expect(array_map(static fn (DoseFault $f): string => $f->field->value, $faults->of($dose)))->toBe($fields)
        ->and($faults->stands($dose))->toBe($fields === []);
})->with([
    'both made' => [1000, 2000, []], 'left not' => [1500, 2000, ['left_load']],
    'right not' => [1000, 1500, ['right_load']], 'neither' => [1500, 2500, ['left_load', 'right_load']],
]);

it('says nothing of nearest loads to a home that makes none', function (): void {
    $kit = Made::kit([['id' => 'vest', 'mass_g' => 1000, 'grip' => 'none', 'worn_on' => 'back']]);
    $here = Made::at(Made::situation(Made::client(), kit: $kit), 'knee_extension/cuff');
    $dose = Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7], 'load_g' => 1000,
    ]));
    $told = array_map(
        static fn (DoseFault $f): string => $f->says, (new DoseFaults($here, Goal::StrengthOlder))->of($dose),
    );
    expect($told)->toContain(Made::said('1 kg cannot be made here.'));
});

it('reads a load of a gram, and none of nothing', function (): void {
    $dose = static fn (int $g): Dose => Dose::read(new Bag([
        'sets' => 1, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 7], 'load_g' => $g,
    ]));
    expect($dose(1)->loadG)->toBe(1)->and(static fn () => $dose(0))->toThrow(InvalidInput::class);
});
