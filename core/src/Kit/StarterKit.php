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
    /**
     * Room, label, mass in grams, the grip it takes, and whether it is held in the hand, packed into a carrier, or
     * both.
     */
    private const PIECES = [
        ['kitchen', 'Water bottle 0.5 L', 520, 'power', 'both'],
        ['kitchen', 'Water bottle 1 L', 1030, 'power', 'both'],
        ['kitchen', 'Water bottle 1.5 L', 1540, 'power', 'both'],
        ['kitchen', 'Jug 4 L', 4100, 'hook', 'hold'],
        ['kitchen', 'Can 400 g', 480, 'power', 'both'],
        ['kitchen', 'Bag of rice 500 g', 500, 'soft', 'both'],
        ['kitchen', 'Bag of beans 1 kg', 1000, 'soft', 'both'],
        ['kitchen', 'Bag of flour 2 kg', 2000, 'soft', 'both'],
        ['laundry', 'Detergent 2 L', 2150, 'power', 'both'],
        ['kitchen', 'Bag of sugar 1 kg', 1010, 'soft', 'both'],
        ['kitchen', 'Bag of pasta 500 g', 505, 'soft', 'both'],
        ['exercise things', 'Kettlebell 4 kg', 4000, 'power', 'hold'],
        ['exercise things', 'Medicine ball 2 kg', 2000, 'soft', 'hold'],
        ['living room', 'Book', 800, 'pinch', 'both'],
        ['exercise things', 'Dumbbell 1 kg', 1000, 'power', 'hold'],
        ['exercise things', 'Dumbbell 2 kg', 2000, 'power', 'hold'],
        ['exercise things', 'Dumbbell 3 kg', 3000, 'power', 'hold'],
        ['exercise things', 'Dumbbell plate 0.5 kg', 500, 'pinch', 'plate'],
        ['exercise things', 'Cuff 0.5 kg', 500, 'none', 'hold'],
        ['exercise things', 'Cuff 1 kg', 1000, 'none', 'hold'],
    ];

    /** @return list<Starter> */
    public static function pieces(): array
    {
        $rows = [];
        foreach (self::PIECES as [$room, $label, $massG, $grip, $use]) {
            $row = [
                'room' => $room, 'label' => $label, 'mass_g' => $massG, 'grip' => $grip,
                'holdable' => in_array($use, ['hold', 'both'], true), 'packable' => $use !== 'hold',
            ];
            $rows[] = $use === 'plate' ? [...$row, 'plate' => true] : $row;
        }

        return $rows;
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
