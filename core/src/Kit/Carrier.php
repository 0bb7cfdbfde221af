<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\GripClass;

/**
 * A thing that takes packable pieces and adds its own mass: tote, bucket, backpack, pocket cuff. A dumbbell handle
 * takes plates only, and in equal pairs, one for each end. One that no hand has to hold is worn on the back unless it
 * says that it is strapped to a limb.
 */
final readonly class Carrier
{
    public const MAX_PIECES = 60;

    public function __construct(
        public string $id,
        public string $label,
        public int $massG,
        public int $count,
        public int $maxMassG,
        public int $maxPieces,
        public GripClass $grip,
        public bool $takesPlates = false,
        public WornOn $wornOn = WornOn::Back,
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->string('id'),
            $bag->optString('label') ?? $bag->string('id'),
            $bag->int('mass_g', 0, Piece::MAX_MASS_G),
            $bag->int('count', 0, Piece::MAX_COUNT),
            $bag->int('max_mass_g', 0, Piece::MAX_MASS_G),
            $bag->int('max_pieces', 0, self::MAX_PIECES),
            $bag->enum('grip', GripClass::class),
            wornOn: $bag->optEnum('worn_on', WornOn::class) ?? WornOn::Back,
        );
    }

    /** How many of this piece go in as one step: plates go on two at a time. */
    public function batch(): int
    {
        return $this->takesPlates ? 2 : 1;
    }

    public function takes(Piece $piece): bool
    {
        return $piece->packable && $piece->isPlate === $this->takesPlates;
    }
}
