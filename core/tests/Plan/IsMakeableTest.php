<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Carrier;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Piece;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\GripClass;

/** A load is makeable exactly when it stands on the whole ladder, for any kit, hand and rung. */
it('says of every load what the whole ladder says', function (): void {
    $made = new Made(41);
    $catalogue = Catalogue::standard();
    $asked = $makeable = 0;
    for ($i = 0; $i < 40; $i++) {
        $pieces = array_map(
            static fn (int $n): Piece => new Piece(
                "p$n", "p$n", $made->int(180, 2600), $made->int(1, 6), $made->one(GripClass::cases()),
                $made->chance(80), $made->chance(80),
            ),
            range(1, $made->int(1, 5)),
        );
        $kit = new Kit($pieces, [new Carrier('tote', 'tote', $made->int(90, 400), 2, 9_000, 8, GripClass::Hook)]);
        $client = Profile::read(new Bag($made->randomForm()));
        $situation = static fn (): Situation => Made::situation($client, new MeasureSet([]), $kit);
        [$whole, $partly] = [$situation(), $situation()];
        foreach (['tote_row', 'curl', 'suitcase_carry', 'seat_rise'] as $family) {
            foreach ($catalogue->family($family)->rungs as $rung) {
                $some = $partly->at($catalogue->family($family), $rung);
                $all = $whole->at($catalogue->family($family), $rung);
                if ($rung->work->holding === null) {
                    expect($some->makes(1000))->toBeFalse();

                    continue;
                }
                $loads = $all->ladder()->grams(8_000);
                foreach ([
                    ...array_slice($loads, 0, 12),
                    ...array_map(static fn (int $g): int => $g + $made->int(1, 9), array_slice($loads, -6)), 150_000,
                ] as $load) {
                    $is = $all->ladder()->at($load) !== null;
                    expect($some->makes($load))->toBe($is, "$family/$rung->code $load g");
                    $asked++;
                    $makeable += $is ? 1 : 0;
                }
            }
        }
    }
    expect($asked)->toBeGreaterThan(1000)->and($makeable)->toBeGreaterThan(300)->toBeLessThan($asked);
});
