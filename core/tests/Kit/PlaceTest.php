<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\HeldLoad;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\SeatRise;
use BuoyantStep\Core\Kit\StayPut;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Reason;

/** @return list<string> */
function findingsOf(array $place, Kit $kit = new Kit, array $function = ['floor_transfer' => 'alone', 'home' => 'someone_home']): array
{
    return array_map(static fn (Reason $r): string => $r->rule, Place::read(new Bag($place))->findings(FunctionStatus::read(new Bag($function)), $kit));
}

it('takes the usual things for granted until someone has gone through the home, and then only what was ticked', function (): void {
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
    $anchors = array_values(array_filter(Place::read(new Bag($place))->anchors(), static fn (array $a): bool => $a['open']));
    expect(array_map(static fn (array $a): string => explode(' ', $a['name'])[0], $anchors))->toBe($open);
    foreach (Place::read(new Bag($place))->anchors() as $anchor) {
        expect($anchor['open'] || $anchor['why'] !== '')->toBeTrue($anchor['name']);
    }
})->with([
    'not gone through' => [[], ['back', 'round', 'under']],
    'a door that shuts' => [['things' => ['chair', 'door'], 'door' => 'towards'], ['closed', 'over', 'back', 'round', 'under']],
    'a door not tried' => [['things' => ['chair', 'door']], ['closed', 'over', 'back', 'round', 'under']],
    'a door that opens' => [['things' => ['chair', 'door'], 'door' => 'away'], ['back', 'round', 'under']],
    'a post, and a chair that stands free' => [['things' => ['chair', 'post'], 'chair_at_wall' => false], ['fixed', 'under']],
]);

it('serves a row from a post, but no pull from above', function (): void {
    $post = new Place([Thing::Post]);
    expect($post->hasAnchor(fromAbove: false))->toBeTrue()
        ->and($post->hasAnchor(fromAbove: true))->toBeFalse()
        ->and((new Place([Thing::Door], door: 'away'))->hasAnchor(fromAbove: false))->toBeFalse();
});

it('finds what makes a home unsafe to exercise in', function (array $place, string $rule): void {
    $kit = new Kit([], [], [new KitBand('b', 'band', new Band(1200, [[100, 24]]), 'latex', 'flat')]);
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
    expect(findingsOf(['chair_at_wall' => true, 'floor' => 'carpet', 'door' => 'towards', 'things' => ['counter', 'chair']]))->toBe([])
        ->and(findingsOf([], new Kit, ['home' => 'alone', 'floor_transfer' => 'none']))->toContain('place.alone')
        ->and(findingsOf([], new Kit([], Made::kit([], [['id' => 't', 'mass_g' => 150, 'count' => 1, 'max_mass_g' => 14_000, 'max_pieces' => 9, 'grip' => 'hook']])->carriers)))->toContain('place.carrier');
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
        ->and(StayPut::of(100, 0.5, 80, StayPut::SMOOTH)->says()->says)->toContain('chocks of 11')->not->toContain('tip');
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
    // 0.9 × 70 × 9.80665 × (0.825 - 0.45): half the arithmetic of the sit-to-stand power in measures.md.
    expect(round(SeatRise::work(70, 1650, 450), 1))->toBe(231.7)
        ->and(round(SeatRise::lever(1650, 450), 3))->toBe(0.957)
        ->and(SeatRise::work(70, 1650, 900))->toBe(0.0);
    for ($seat = 350; $seat < 800; $seat += SeatRise::CUSHION_MM) {
        expect(SeatRise::work(70, 1650, $seat + SeatRise::CUSHION_MM))->toBeLessThan(SeatRise::work(70, 1650, $seat));
    }
});

it('more than doubles the added moment of a jug moved from 25 to 55 cm, and bends the trunk in a one-sided carry', function (): void {
    expect(HeldLoad::added(3000, 0.55) / HeldLoad::added(3000, 0.25))->toBeGreaterThan(2.0)
        ->and(round(HeldLoad::added(3000, 0.25), 2))->toBe(7.35)
        ->and(round(HeldLoad::atShoulder(70, 1700, 3000, 0.55), 2))->toBe(26.45)
        // 5 kg × 9.80665 × (0.0955 × 1.7 + 0.05)
        ->and(round(HeldLoad::sideBending(1700, 5000), 2))->toBe(10.41);
});
