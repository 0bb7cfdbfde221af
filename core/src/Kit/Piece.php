<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\GripClass;

/**
 * A thing with a mass, and how many of it there are. Mass is gross: content and package. One that no hand has to hold
 * is a cuff unless it says that it is worn on the back, as a vest is.
 */
final readonly class Piece
{
    public const MAX_MASS_G = 100_000;

    public const MAX_COUNT = 99;

    public function __construct(
        public string $id,
        public string $label,
        public int $massG,
        public int $count,
        public GripClass $grip,
        public bool $holdable,
        public bool $packable,
        public bool $isPlate = false,
        public WornOn $wornOn = WornOn::Limb,
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->string('id'),
            $bag->optString('label') ?? $bag->string('id'),
            $bag->int('mass_g', 1, self::MAX_MASS_G),
            $bag->int('count', 0, self::MAX_COUNT),
            $bag->enum('grip', GripClass::class),
            $bag->bool('holdable'),
            $bag->bool('packable'),
            wornOn: $bag->optEnum('worn_on', WornOn::class) ?? WornOn::Limb,
        );
    }
}
