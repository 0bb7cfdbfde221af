<?php

declare(strict_types=1);

use BuoyantStep\Core\Body\HeldLoad;
use BuoyantStep\Core\Body\SeatRise;
use BuoyantStep\Core\Body\StayPut;
use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Door;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Reason;

/** @return list<string> */
function findingsOf(
    array $place,
    Kit $kit = new Kit,
    array $function = ['floor_transfer' => 'alone', 'home' => 'someone_home'],
): array {
    return array_map(
        static fn (Reason $r): string => $r->rule,
        Place::read(new Bag($place))->findings(FunctionStatus::read(new Bag($function)), $kit),
    );
}

it('takes the usual things for granted until someone has gone through the home, and then only what was '
    .'ticked', function (): void {
        $unknown = new Place;
        $ticked = new Place([Thing::Armchair, Thing::Step]);
        expect($unknown->has(Thing::Table))->toBeTrue()->and($unknown->has(Thing::Step))->toBeFalse()
            ->and($ticked->has(Thing::Table))->toBeFalse()->and($ticked->has(Thing::Step))->toBeTrue()
            ->and($ticked->has(Thing::Chair))->toBeTrue('a chair with arms is a chair')
            ->and($ticked->has(Thing::Wall))->toBeTrue();
    });

it('names every thing, its room and what serves as well', function (): void {
    foreach (Thing::cases() as $thing) {
        expect($thing->label())->not->toBe('')
            ->and($thing->room())->not->toBe('')
            ->and($thing->substitute())->not->toBe('');
    }
    expect(Thing::Band->isTicked())->toBeFalse()->and(Thing::Chair->isTicked())->toBeTrue();
});

it('anchors a band only where the pull cannot open it', function (array $place, array $open): void {
    $anchors = array_values(
        array_filter(Place::read(new Bag($place))->anchors(), static fn (array $a): bool => $a['open']),
    );
    expect(array_map(static fn (array $a): string => explode(' ', $a['name'])[0], $anchors))->toBe($open);
    foreach (Place::read(new Bag($place))->anchors() as $anchor) {
        expect($anchor['open'] || $anchor['why'] !== '')->toBeTrue($anchor['name']);
    }
})->with([
    'not gone through' => [[], ['back', 'round', 'under']],
    'a door that shuts' => [
        ['things' => ['chair', 'door'], 'door' => 'towards'], ['closed', 'over', 'back', 'round', 'under'],
    ],
    'a door not tried' => [['things' => ['chair', 'door']], ['closed', 'over', 'back', 'round', 'under']],
    'a door that opens' => [['things' => ['chair', 'door'], 'door' => 'away'], ['back', 'round', 'under']],
    'a post, and a chair that stands free' => [
        ['things' => ['chair', 'post'], 'chair_at_wall' => false], ['fixed', 'under'],
    ],
]);

it('serves a row from a post, but no pull from above', function (): void {
    $post = new Place([Thing::Post]);
    expect($post->hasAnchor(fromAbove: false))->toBeTrue()
        ->and($post->hasAnchor(fromAbove: true))->toBeFalse()
        ->and((new Place([Thing::Door], door: Door::Away))->hasAnchor(fromAbove: false))->toBeFalse();
});

it('finds what makes a home unsafe to exercise in', function (array $place, string $rule): void {
    $kit = new Kit(
        [], [], [new KitBand('b', 'band', new Band(1200, [[100, 24]]), BandMaterial::Latex, BandForm::Flat)],
    );
    expect(findingsOf($place, $kit))->toContain('place.'.$rule);
})->with([
    'a chair that stands free' => [['chair_at_wall' => false], 'chair'],
    'on a smooth floor' => [['chair_at_wall' => false, 'floor' => 'smooth'], 'chair'],
    'a smooth floor' => [['floor' => 'smooth'], 'floor'],
    'a door that opens' => [['door' => 'away'], 'door'],
    'no door' => [['door' => 'none'], 'door'],
    'a door not asked about' => [[], 'door'],
    'nothing fixed to hold' => [['things' => ['chair']], 'support'],
]);

it('says nothing about a home in order', function (): void {
    expect(
        findingsOf(
            ['chair_at_wall' => true, 'floor' => 'carpet', 'door' => 'towards', 'things' => ['counter', 'chair']],
        ),
    )->toBe([])
        ->and(findingsOf([], new Kit, ['home' => 'alone', 'floor_transfer' => 'none']))->toContain('place.alone')
        ->and(
            findingsOf(
                [],
                new Kit(
                    [],
                    Made::kit(
                        [],
                        [
                            [
                                'id' => 't', 'mass_g' => 150, 'count' => 1, 'max_mass_g' => 14_000, 'max_pieces' => 9,
                                'grip' => 'hook',
                            ],
                        ],
                    )->carriers,
                ),
            ),
        )->toContain('place.carrier');
});

it('refuses words it does not know, at the field', function (array $place): void {
    Place::read(new Bag($place));
})->with([[['things' => ['piano']]], [['floor' => 'ice']], [['door' => 'ajar']]])->throws(InvalidInput::class);

it('holds a chair by friction with a factor of one and a half', function (): void {
    // 80 kg on a floor of 0.5, half of it braked, holds 196 N; a pull of 100 N needs 150.
    $still = StayPut::of(100, 0.5, 80);
    expect(round($still->holdsN, 2))->toBe(196.13)
        ->and($still->slides)->toBeFalse()
        ->and($still->chockKg)->toBe(0.0);
    // A free wheelchair is held by chocks alone: 100 / (9.80665 × 0.5) × 1.5.
    expect(round(StayPut::chock(100), 3))->toBe(30.591)
        ->and(round(StayPut::of(100, 0.5, 80, brakedShare: 0.0)->chockKg, 3))->toBe(30.591)
        ->and(StayPut::of(100, 0.5, 80, StayPut::SMOOTH)->slides)->toBeTrue()
        ->and(
            MassUnit::Kilogram->render(StayPut::of(100, 0.5, 80, StayPut::SMOOTH)->says()->says),
        )->toContain('chocks of 11')->not->toContain('tip');
});

it('tips sooner the higher the pull, and backwards sooner than forwards', function (): void {
    // 80 kg × 9.80665 × 0.20 m / (1.0 m × 1.5) = 104.6 N.
    expect(round(StayPut::of(100, 1.0, 80)->tipsFromN, 1))->toBe(104.6)
        ->and(StayPut::of(105, 1.0, 80)->tips)->toBeTrue()
        ->and(StayPut::of(105, 1.0, 80)->says()->says)->toContain('could tip from 104 N')
        ->and(StayPut::of(50, 1.0, 80, backwards: true)->tips)->toBeTrue()
        ->and(StayPut::of(50, 0.0, 80)->tips)->toBeFalse();
    for ($height = 0.2; $height < 1.4; $height += 0.2) {
        expect(StayPut::of(50, $height + 0.2, 70)->tipsFromN)->toBeLessThan(StayPut::of(50, $height, 70)->tipsFromN);
    }
});

it('refuses a pull on nothing', function (): void {
    StayPut::of(50, 0.5, 0);
})->throws(InvalidInput::class, 'total_kg');

it('counts the work of a rise, less with each cushion, none when the seat is as high as the hip', function (): void {
    // 0.9 × 70 × 9.80665 × (0.825 - 0.45): half the arithmetic of the sit-to-stand power in Alcazar 2018.
    expect(round(SeatRise::work(70, 1650, 450), 1))->toBe(231.7)
        ->and(round(SeatRise::lever(1650, 450), 3))->toBe(0.957)
        ->and(SeatRise::work(70, 1650, 900))->toBe(0.0);
    for ($seat = 350; $seat < 800; $seat += SeatRise::CUSHION_MM) {
        expect(SeatRise::work(70, 1650, $seat + SeatRise::CUSHION_MM))->toBeLessThan(SeatRise::work(70, 1650, $seat));
    }
});

it('more than doubles the added moment of a jug moved from 25 to 55 cm, and bends the trunk in a one-sided '
    .'carry', function (): void {
        expect(HeldLoad::added(3000, 0.55) / HeldLoad::added(3000, 0.25))->toBeGreaterThan(2.0)
            ->and(round(HeldLoad::added(3000, 0.25), 2))->toBe(7.35)
            ->and(round(HeldLoad::atShoulder(70, 1700, 3000, 0.55), 2))->toBe(26.45)
            // 5 kg × 9.80665 × (0.0955 × 1.7 + 0.05)
            ->and(round(HeldLoad::sideBending(1700, 5000), 2))->toBe(10.41);
    });

it('takes each figure of a pull up to its end and refuses it past that, at its field', function (
    array $with, ?string $field,
): void {
    $values = [
        'pullN' => 100.0, 'heightM' => 0.5, 'totalKg' => 80.0, 'friction' => 0.5, 'brakedShare' => 0.5, ...$with,
    ];
    try {
        StayPut::of(...$values);
        $found = null;
    } catch (InvalidInput $e) {
        $found = $e->pointer;
    }
    expect($found)->toBe($field);
})->with([
    [['pullN' => 0.0], null], [['pullN' => -0.1], '/pull_n'], [['pullN' => 2000.0], null],
    [['pullN' => 2000.1], '/pull_n'],
    [['heightM' => 0.0], null], [['heightM' => -0.01], '/height_m'], [['heightM' => 2.0], null],
    [['heightM' => 2.01], '/height_m'],
    [['totalKg' => 1.0], null], [['totalKg' => 0.9], '/total_kg'], [['totalKg' => 600.0], null],
    [['totalKg' => 600.1], '/total_kg'],
    [['friction' => 0.05], null], [['friction' => 0.04], '/friction'], [['friction' => 1.5], null],
    [['friction' => 1.51], '/friction'],
    [['brakedShare' => 0.0], null], [['brakedShare' => -0.1], '/braked_share'], [['brakedShare' => 1.0], null],
    [['brakedShare' => 1.1], '/braked_share'],
]);

it('holds up to just what it holds, and tips from just where it tips', function (): void {
    // 80 kg × 9.80665 × 0.5 × 0.5 = 196.133 N, over the factor of 1.5.
    $edge = 80 * 9.80665 * 0.5 * 0.5 / 1.5;
    expect(StayPut::of($edge - 0.001, 0.1, 80)->slides)->toBeFalse()
        ->and(StayPut::of($edge + 0.001, 0.1, 80)->slides)->toBeTrue();
    // Backwards: 80 kg × 9.80665 × 0.08 m / (0.9 m × 1.5).
    $tips = 80 * 9.80665 * 0.08 / (0.9 * 1.5);
    expect(StayPut::of(10, 0.9, 80, backwards: true)->tipsFromN)->toEqualWithDelta($tips, 1e-9)
        ->and(StayPut::of($tips - 0.001, 0.9, 80, backwards: true)->tips)->toBeFalse()
        ->and(StayPut::of($tips + 0.001, 0.9, 80, backwards: true)->tips)->toBeTrue();
});

it('says what to do in the words of a chair on wheels and of one on legs', function (
    bool $wheels, float $pull, float $height, string $says,
): void {
    expect(MassUnit::Kilogram->render(StayPut::of($pull, $height, 80)->says($wheels)->says))->toBe(Made::shown($says));
})->with([
    'braked and still' => [true, 100, 0.5, 'Brakes on: the chair stays put at this pull.'],
    'on legs and still' => [false, 100, 0.5, 'The chair stays put at this pull.'],
    // (225 - 196.133) / (9.80665 × 0.5) = 5.887 kg, said up to the next 100 g.
    'braked and moving' => [
        true, 150, 0.4, 'The chair would move: add chocks of 5.9 kg in all in front of the wheels, or pull less.',
    ],
    'on legs and moving' => [
        false, 150, 0.4, 'The chair would slide: set its front legs against something fixed, or pull less.',
    ],
    'braked and tipping' => [
        true,
        120,
        1.0,
        'Brakes on: the chair stays put at this pull. It could tip from 104 N at this height: lower the anchor, fit '
            .'anti-tip bars, or pull less.',
    ],
    'on legs and tipping' => [
        false,
        120,
        1.0,
        'The chair stays put at this pull. It could tip from 104 N at this height: lower the anchor, or pull less.',
    ],
]);

it('warns of a carrier that may be filled past twelve kilograms, and of no other', function (
    array $carrier, bool $warns,
): void {
    $carriers = Made::kit(
        [], [['id' => 't', 'mass_g' => 150, 'count' => 1, 'max_pieces' => 9, 'grip' => 'hook', ...$carrier]],
    )->carriers;
    expect(
        in_array(
            'place.carrier', findingsOf(['chair_at_wall' => true, 'floor' => 'carpet'], new Kit([], $carriers)), true,
        ),
    )->toBe($warns);
})->with([
    'twelve in all' => [['max_mass_g' => 11_850], false],
    'a gram more' => [['max_mass_g' => 11_851], true],
]);

it('says why an anchor is not open, and what each is for', function (array $place, array $open): void {
    $anchors = Place::read(new Bag($place))->anchors();
    expect(array_column(array_filter($anchors, static fn (array $a): bool => $a['open']), 'name'))->toBe($open);
    foreach ($anchors as $anchor) {
        expect($anchor['serves'])->not->toBe('')
            ->and($anchor['open'] || $anchor['why'] !== '')->toBeTrue($anchor['name'].' is closed without a reason');
    }
})->with([
    'a door that closes, a post, a chair at the wall' => [
        ['things' => ['door', 'post', 'chair'], 'door' => 'towards', 'chair_at_wall' => true],
        [
            'closed door, chest height', 'over the top of a closed door', 'fixed post or rail', 'back leg of the chair',
            'round the backrest', 'under the whole width of the shoe',
        ],
    ],
    'a door that would open' => [
        ['things' => ['door'], 'door' => 'away'],
        ['back leg of the chair', 'round the backrest', 'under the whole width of the shoe'],
    ],
    'a chair that stands free' => [
        ['things' => ['chair'], 'chair_at_wall' => false], ['under the whole width of the shoe'],
    ],
]);

it('tells the door that opens from the one that was never tried', function (?string $door, string $why): void {
    $place = Place::read(new Bag(['things' => ['door'], ...($door === null ? [] : ['door' => $door])]));
    expect($place->anchors()[0]['why'])->toContain($why)
        ->and($place->friction())->toBe(StayPut::RULE)
        ->and(Place::read(new Bag(['floor' => 'smooth']))->friction())->toBe(StayPut::SMOOTH);
})->with([['away', 'would open it'], ['none', 'would open it'], [null, 'try it first'], ['towards', '']]);

it('finds an armchair good enough to sit on, and a wall in every home', function (): void {
    $place = new Place([Thing::Armchair]);
    expect($place->has(Thing::Chair))->toBeTrue()
        ->and($place->has(Thing::Wall))->toBeTrue()
        ->and($place->has(Thing::Step))->toBeFalse()
        ->and((new Place([]))->has(Thing::Chair))->toBeFalse();
});
