<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Carrier;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Kit\Piece;
use BuoyantStep\Core\Kit\WornOn;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\GripClass;

/**
 * Every load by trying everything: the yardstick for the dynamic programme.
 *
 * @return array<int, int> load to fewest parts
 */
function bruteForce(Kit $kit, Holding $holding, ?GripClass $gripMax): array
{
    $hands = $holding === Holding::EachHand ? 2 : 1;
    $ok = static function (Piece|Carrier $thing) use ($holding, $gripMax): bool {
        $free = $thing->grip === GripClass::None;
        $onBack = $thing->wornOn === WornOn::Back;

        return match ($holding) {
            Holding::Lap => true,
            Holding::Worn => $free && $onBack,
            Holding::Cuff => $free && ! $onBack,
            // What goes on the back hangs by its loop when a hand takes it.
            default => $gripMax === null
                || ($free && $onBack ? GripClass::Hook : $thing->grip)->rank() <= $gripMax->rank(),
        };
    };
    $found = [];
    $keep = static function (int $load, int $parts) use (&$found): void {
        $found[$load] = min($found[$load] ?? PHP_INT_MAX, $parts);
    };
    foreach ($kit->pieces as $p) {
        if ($p->holdable && intdiv($p->count, $hands) >= 1 && $ok($p)) {
            $keep($p->massG, 1);
        }
    }
    $packable = array_values(array_filter($kit->pieces, static fn (Piece $p): bool => $p->packable && ! $p->isPlate));
    foreach ($kit->carriers as $c) {
        if (intdiv($c->count, $hands) < 1 || ! $ok($c)) {
            continue;
        }
        $try = static function (int $i, int $mass, int $n) use (&$try, $packable, $c, $hands, $keep): void {
            if ($mass > $c->maxMassG || $n > $c->maxPieces) {
                return;
            }
            if ($i === count($packable)) {
                if ($c->massG + $mass >= 10) {
                    $keep($c->massG + $mass, $n + 1);
                }

                return;
            }
            for ($k = 0; $k <= intdiv($packable[$i]->count, $hands); $k++) {
                $try($i + 1, $mass + $k * $packable[$i]->massG, $n + $k);
            }
        };
        $try(0, 0, 0);
    }
    ksort($found);

    return $found;
}

it('finds what trying everything finds, in whole tens of grams', function (): void {
    $made = new Made(21);
    for ($i = 0; $i < 2500; $i++) {
        $kit = $made->randomKit(4);
        $holding = $made->one(Holding::cases());
        $grip = $made->chance(50) ? $made->one(GripClass::cases()) : null;
        $cap = $made->int(1, 12) * 1000;
        $all = bruteForce($kit, $holding, $grip);
        $bins = static fn (array $loads): array => array_values(
            array_unique(array_map(static fn (int $g): int => (int) round($g / 10), $loads)),
        );
        $ladder = MakeableLoads::ladder($kit, $holding, $cap, $grip);
        $expected = $bins(array_values(array_filter(array_keys($all), static fn (int $g): bool => $g <= $cap)));
        if ($bins($ladder->grams($cap)) !== $expected) {
            $this->fail("kit $i: ".json_encode([$kit, $holding, $grip, $cap, $ladder->grams($cap), array_keys($all)]));
        }
        foreach ($ladder->loads as $load) {
            // The recipe really sums, exists in the kit, and no other recipe of that exact load has fewer parts.
            if (
                ($all[$load->loadG] ?? null) !== $load->partCount()
                || sumOf($kit, $load) !== $load->loadG
                || ! isInStock($kit, $load, $holding)
            ) {
                $this->fail("kit $i: recipe ".json_encode($load).' of '.json_encode($kit));
            }
        }
        $above = array_values(array_filter(array_keys($all), static fn (int $g): bool => $g > $cap))[0] ?? null;
        if (
            $above !== null
            && ! in_array(
                (int) round($above / 10),
                $bins(array_map(static fn (Makeable $m): int => $m->loadG, $ladder->loads)),
                true,
            )
        ) {
            $this->fail("kit $i: the first load above the cap, $above, is missing");
        }
    }
    expect($i)->toBe(2500);
});

function sumOf(Kit $kit, Makeable $load): int
{
    $mass = 0;
    foreach ($kit->carriers as $c) {
        $mass += $c->id === $load->carrier ? $c->massG : 0;
    }
    foreach ($kit->pieces as $p) {
        $mass += ($load->parts()[$p->id] ?? 0) * $p->massG;
    }

    return $mass;
}

function isInStock(Kit $kit, Makeable $load, Holding $holding): bool
{
    $hands = $holding === Holding::EachHand ? 2 : 1;
    foreach ($kit->pieces as $p) {
        if (($load->parts()[$p->id] ?? 0) * $hands > $p->count) {
            return false;
        }
    }

    return true;
}

it('makes a tote ladder of half-litre bottles', function (): void {
    $kit = Made::kit(
        [['id' => 'half', 'mass_g' => 520, 'count' => 4, 'holdable' => false]],
        [['id' => 'tote', 'mass_g' => 150, 'max_pieces' => 3]],
    );
    expect(MakeableLoads::ladder($kit, Holding::OneHand, 5000)->grams())->toBe([150, 670, 1190, 1710]);
});

it('halves the count for two equal hands, and needs two like carriers', function (): void {
    $one = Made::kit(
        [['id' => 'half', 'mass_g' => 520, 'count' => 5]], [['id' => 'tote', 'mass_g' => 150, 'count' => 1]],
    );
    $two = Made::kit(
        [['id' => 'half', 'mass_g' => 520, 'count' => 5]], [['id' => 'tote', 'mass_g' => 150, 'count' => 2]],
    );
    expect(MakeableLoads::ladder($one, Holding::EachHand, 5000)->grams())->toBe([520])
        ->and(MakeableLoads::ladder($two, Holding::EachHand, 5000)->grams())->toBe([150, 520, 670, 1190]);
});

it('puts plates on a handle in equal pairs and nowhere else', function (): void {
    $kit = new Kit(
        [
            new Piece('plate', 'plate', 500, 5, GripClass::Pinch, false, true, true),
            new Piece('can', 'can', 480, 4, GripClass::Power, false, true),
        ],
        [
            new Carrier('bar', 'bar', 800, 1, 10000, 8, GripClass::Power, true),
            new Carrier('tote', 'tote', 150, 1, 10000, 2, GripClass::Hook),
        ],
    );
    $ladder = MakeableLoads::ladder($kit, Holding::OneHand, 9000);
    expect($ladder->grams())->toBe([150, 630, 800, 1110, 1800, 2800])
        ->and($ladder->at(2800)?->parts())->toBe(['plate' => 4]);
});

it('leaves out what the hand cannot hold', function (Grip $hand, array $grams): void {
    $kit = Made::kit([
        ['id' => 'cuff', 'mass_g' => 500, 'grip' => 'none'],
        ['id' => 'bag', 'mass_g' => 1990, 'grip' => 'soft'],
        ['id' => 'sack', 'mass_g' => 2000, 'grip' => 'soft'],
        ['id' => 'pail', 'mass_g' => 3000, 'grip' => 'hook'],
        ['id' => 'can', 'mass_g' => 900, 'grip' => 'power'],
        ['id' => 'book', 'mass_g' => 700, 'grip' => 'pinch'],
    ]);
    expect(MakeableLoads::ladder($kit, Holding::OneHand, 9000, null, $hand)->grams())->toBe($grams);
})->with([
    [Grip::None, [500]],
    [Grip::Weak, [500, 1990, 3000]],
    [Grip::Fair, [500, 900, 1990, 2000, 3000]],
    [Grip::Full, [500, 700, 900, 1990, 2000, 3000]],
]);

it('wears and cuffs only what needs no grip, and puts anything in the lap', function (): void {
    $kit = Made::kit(
        [['id' => 'cuff', 'mass_g' => 500, 'grip' => 'none', 'packable' => false], ['id' => 'can', 'mass_g' => 480]],
        [['id' => 'tote', 'mass_g' => 150]],
    );
    expect(MakeableLoads::ladder($kit, Holding::Cuff, 9000)->grams())->toBe([500])
        ->and(MakeableLoads::ladder($kit, Holding::Lap, 9000, GripClass::None)->grams())->toBe([150, 480, 500, 630]);
});

it('takes the nearest load not over the cap, and the lighter of two as near', function (
    int $target, int $cap, ?int $best,
): void {
    $ladder = MakeableLoads::ladder(
        Made::kit([['id' => 'a', 'mass_g' => 1000], ['id' => 'b', 'mass_g' => 2000], ['id' => 'c', 'mass_g' => 3000]]),
        Holding::OneHand,
        9000,
    );
    expect($ladder->best($target, $cap)?->loadG)->toBe($best);
})->with([[1500, 9000, 1000], [1501, 9000, 2000], [2900, 2500, 2000], [500, 900, null], [9000, 9000, 3000]]);

it('answers for forty kinds without counting forever', function (): void {
    $pieces = [];
    for ($i = 0; $i < 40; $i++) {
        $pieces[] = ['id' => "p$i", 'mass_g' => 210 + 10 * $i, 'count' => 6];
    }
    $ladder = MakeableLoads::ladder(
        Made::kit($pieces, [['id' => 'tote', 'mass_g' => 150, 'max_mass_g' => 40000, 'max_pieces' => 60]]),
        Holding::OneHand,
        40000,
    );
    expect(count($ladder->loads))->toBeGreaterThan(3300)->and(max($ladder->grams()))->toBe(33450);
});

it('refuses two things with one id', function (): void {
    Made::kit([['id' => 'a', 'mass_g' => 1000], ['id' => 'a', 'mass_g' => 2000]]);
})->throws(InvalidInput::class, 'used twice');

it('knows the load that was meant by one typed as it was shown', function (int $typed, ?int $meant): void {
    $ladder = MakeableLoads::ladder(
        Made::kit(
            [
                ['id' => 'jar', 'label' => 'Jar', 'mass_g' => 2233, 'count' => 1],
                ['id' => 'jug', 'label' => 'Jug', 'mass_g' => 2241, 'count' => 1],
                ['id' => 'can', 'label' => 'Can', 'mass_g' => 480, 'count' => 1],
            ],
        ),
        Holding::OneHand,
        5000,
    );
    expect($ladder->alike($typed)?->loadG)->toBe($meant);
})->with([
    'the load itself' => [2233, 2233],
    'as the page shows it' => [2230, 2233],
    'nearest of two' => [2238, 2241],
    'at the edge' => [2246, 2241],
    'past the edge' => [2247, null],
    'below the edge' => [2227, null],
    'between' => [1000, null],
]);

/** @return list<int> */
function gramsOf(Kit $kit, Holding $holding, int $topG = 20_000, ?Grip $hand = null): array
{
    return MakeableLoads::ladder($kit, $holding, $topG, null, $hand ?? Grip::Full)->grams();
}

it('fills a carrier to just what it takes, in mass and in number', function (array $carrier, array $grams): void {
    $kit = Made::kit(
        [['id' => 'can', 'mass_g' => 500, 'count' => 3, 'holdable' => false]],
        [['id' => 'bag', 'mass_g' => 100, 'count' => 1, ...$carrier]],
    );
    expect(gramsOf($kit, Holding::OneHand))->toBe($grams);
})->with([
    'all three' => [['max_mass_g' => 1500, 'max_pieces' => 3], [100, 600, 1100, 1600]],
    'a gram short of three' => [['max_mass_g' => 1499, 'max_pieces' => 3], [100, 600, 1100]],
    'room for two' => [['max_mass_g' => 5000, 'max_pieces' => 2], [100, 600, 1100]],
    'room for none' => [['max_mass_g' => 400, 'max_pieces' => 3], [100]],
]);

it('gives each hand the same, of what there are two of', function (array $pieces, array $carriers, array $grams): void {
    expect(gramsOf(Made::kit($pieces, $carriers), Holding::EachHand))->toBe($grams);
})->with([
    'a pair' => [[['id' => 'a', 'mass_g' => 500, 'count' => 2]], [], [500]],
    'three of them are one for each' => [[['id' => 'a', 'mass_g' => 500, 'count' => 3]], [], [500]],
    'one alone' => [[['id' => 'a', 'mass_g' => 500, 'count' => 1]], [], []],
    'two bags, four cans' => [
        [['id' => 'a', 'mass_g' => 500, 'count' => 4, 'holdable' => false]],
        [['id' => 'bag', 'mass_g' => 100, 'count' => 2]],
        [100, 600, 1100],
    ],
    'one bag' => [
        [['id' => 'a', 'mass_g' => 500, 'count' => 4, 'holdable' => false]],
        [['id' => 'bag', 'mass_g' => 100, 'count' => 1]],
        [],
    ],
]);

it('goes to its top and one load further, so that there is a next one to tell of', function (
    int $topG, array $grams, array $within,
): void {
    $kit = Made::kit(
        [['id' => 'a', 'mass_g' => 500, 'count' => 4, 'holdable' => false]],
        [['id' => 'bag', 'mass_g' => 100, 'count' => 1]],
    );
    $ladder = MakeableLoads::ladder($kit, Holding::OneHand, $topG);
    expect($ladder->grams())->toBe($grams)->and($ladder->grams($topG))->toBe($within);
})->with([
    'on a load' => [1100, [100, 600, 1100, 1600], [100, 600, 1100]],
    'just under one' => [1099, [100, 600, 1100], [100, 600]],
    'under all' => [99, [100], []],
]);

it('lets a weak hand carry a soft bag only below two kilograms, filled or not', function (): void {
    $kit = Made::kit(
        [['id' => 'rice', 'mass_g' => 1000, 'count' => 3, 'grip' => 'soft']],
        [['id' => 'sack', 'mass_g' => 100, 'count' => 1, 'grip' => 'soft']],
    );
    expect(gramsOf($kit, Holding::OneHand, hand: Grip::Weak))->toBe([100, 1000, 1100])
        ->and(gramsOf($kit, Holding::OneHand, hand: Grip::Fair))->toBe([100, 1000, 1100, 2100, 3100]);
});

it('merges loads that nobody can tell apart into the one of fewest parts', function (): void {
    $kit = Made::kit(
        [
            ['id' => 'one', 'mass_g' => 1001, 'count' => 1],
            ['id' => 'half', 'mass_g' => 450, 'count' => 2, 'holdable' => false],
        ],
        [['id' => 'bag', 'mass_g' => 102, 'count' => 1]],
    );
    $ladder = MakeableLoads::ladder($kit, Holding::OneHand, 1500);
    // 1001 g in one part, 102 + 2 × 450 = 1002 g in three.
    expect($ladder->at(1001)?->recipe($kit))->not->toBeNull()->and($ladder->at(1002))->toBeNull()
        // 995 g and 1004 g are both "1 kg" to ten grams; 1005 g is not.
        ->and(
            MakeableLoads::ladder(
                Made::kit(
                    [['id' => 'a', 'mass_g' => 995], ['id' => 'b', 'mass_g' => 1004], ['id' => 'c', 'mass_g' => 1005]],
                ),
                Holding::OneHand,
                2000,
            )->grams(),
        )->toBe([995, 1005]);
});

it('never straps a backpack to an ankle nor wears a cuff on the back', function (): void {
    $kit = Made::kit(
        [
            ['id' => 'cuff', 'mass_g' => 500, 'grip' => 'none', 'packable' => false],
            ['id' => 'vest', 'mass_g' => 3000, 'grip' => 'none', 'packable' => false, 'worn_on' => 'back'],
            ['id' => 'sand', 'mass_g' => 200, 'grip' => 'soft', 'holdable' => false],
        ],
        [
            ['id' => 'backpack', 'mass_g' => 700, 'grip' => 'none'],
            ['id' => 'pocket', 'mass_g' => 100, 'grip' => 'none', 'worn_on' => 'limb', 'max_mass_g' => 300],
        ],
    );
    $loads = static fn (Holding $holding, ?GripClass $most = null): array => MakeableLoads::ladder(
        $kit, $holding, 5000, $most,
    )->grams();

    expect($loads(Holding::Cuff))->toBe([100, 300, 500])
        ->and($loads(Holding::Worn))->toBe([700, 900, 3000])
        // A hand that cannot close takes what goes round the wrist, not what hangs by a loop.
        ->and($loads(Holding::OneHand, GripClass::None))->toBe([100, 300, 500])
        ->and($loads(Holding::OneHand, GripClass::Hook))->toBe([100, 300, 500, 700, 900, 3000])
        ->and($loads(Holding::Lap, GripClass::None))->toBe([100, 300, 500, 700, 900, 3000]);
});
