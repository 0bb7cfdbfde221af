<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/**
 * What most homes have, with masses as labelled or typical: a start to edit, each to be weighed when in doubt.
 * A packed bottle weighs its content plus about 20-40 g of plastic; a 400 g can about 80 g of tin.
 *
 * @phpstan-type Starter array{
 *     room: string, label: string, mass_g: int, grip: string, holdable: bool, packable: bool, plate?: bool
 * }
 * @phpstan-type StarterCarrier array{
 *     room: string, label: string, mass_g: int, max_mass_g: int, max_pieces: int, grip: string, plates?: bool
 * }
 */
final class StarterKit
{
    /** @return list<Starter> */
    public static function pieces(): array
    {
        return [
            [
                'room' => 'kitchen', 'label' => 'Water bottle 0.5 L', 'mass_g' => 520, 'grip' => 'power',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Water bottle 1 L', 'mass_g' => 1030, 'grip' => 'power',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Water bottle 1.5 L', 'mass_g' => 1540, 'grip' => 'power',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Jug 4 L', 'mass_g' => 4100, 'grip' => 'hook', 'holdable' => true,
                'packable' => false,
            ],
            [
                'room' => 'kitchen', 'label' => 'Can 400 g', 'mass_g' => 480, 'grip' => 'power', 'holdable' => true,
                'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Bag of rice 500 g', 'mass_g' => 500, 'grip' => 'soft',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Bag of beans 1 kg', 'mass_g' => 1000, 'grip' => 'soft',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Bag of flour 2 kg', 'mass_g' => 2000, 'grip' => 'soft',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'laundry', 'label' => 'Detergent 2 L', 'mass_g' => 2150, 'grip' => 'power',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Bag of sugar 1 kg', 'mass_g' => 1010, 'grip' => 'soft',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'kitchen', 'label' => 'Bag of pasta 500 g', 'mass_g' => 505, 'grip' => 'soft',
                'holdable' => true, 'packable' => true,
            ],
            [
                'room' => 'exercise things', 'label' => 'Kettlebell 4 kg', 'mass_g' => 4000, 'grip' => 'power',
                'holdable' => true, 'packable' => false,
            ],
            [
                'room' => 'exercise things', 'label' => 'Medicine ball 2 kg', 'mass_g' => 2000, 'grip' => 'soft',
                'holdable' => true, 'packable' => false,
            ],
            [
                'room' => 'living room', 'label' => 'Book', 'mass_g' => 800, 'grip' => 'pinch', 'holdable' => true,
                'packable' => true,
            ],
            [
                'room' => 'exercise things', 'label' => 'Dumbbell 1 kg', 'mass_g' => 1000, 'grip' => 'power',
                'holdable' => true, 'packable' => false,
            ],
            [
                'room' => 'exercise things', 'label' => 'Dumbbell 2 kg', 'mass_g' => 2000, 'grip' => 'power',
                'holdable' => true, 'packable' => false,
            ],
            [
                'room' => 'exercise things', 'label' => 'Dumbbell 3 kg', 'mass_g' => 3000, 'grip' => 'power',
                'holdable' => true, 'packable' => false,
            ],
            [
                'room' => 'exercise things', 'label' => 'Dumbbell plate 0.5 kg', 'mass_g' => 500, 'grip' => 'pinch',
                'holdable' => false, 'packable' => true, 'plate' => true,
            ],
            [
                'room' => 'exercise things', 'label' => 'Cuff 0.5 kg', 'mass_g' => 500, 'grip' => 'none',
                'holdable' => true, 'packable' => false,
            ],
            [
                'room' => 'exercise things', 'label' => 'Cuff 1 kg', 'mass_g' => 1000, 'grip' => 'none',
                'holdable' => true, 'packable' => false,
            ],
        ];
    }

    /** @return list<StarterCarrier> */
    public static function carriers(): array
    {
        return [
            [
                'room' => 'kitchen', 'label' => 'Tote', 'mass_g' => 150, 'max_mass_g' => 12000, 'max_pieces' => 12,
                'grip' => 'hook',
            ],
            [
                'room' => 'laundry', 'label' => 'Bucket', 'mass_g' => 600, 'max_mass_g' => 10000, 'max_pieces' => 12,
                'grip' => 'hook',
            ],
            [
                'room' => 'hall', 'label' => 'Backpack', 'mass_g' => 700, 'max_mass_g' => 15000, 'max_pieces' => 14,
                'grip' => 'none',
            ],
            [
                'room' => 'laundry', 'label' => 'Laundry basket', 'mass_g' => 1200, 'max_mass_g' => 15000,
                'max_pieces' => 20, 'grip' => 'power',
            ],
            [
                'room' => 'exercise things', 'label' => 'Dumbbell handle', 'mass_g' => 800, 'max_mass_g' => 10000,
                'max_pieces' => 8, 'grip' => 'power', 'plates' => true,
            ],
        ];
    }
}
