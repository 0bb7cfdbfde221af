<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Side;

/** What each arm and leg can do. What was not asked about is null. */
final readonly class Limbs
{
    public function __construct(
        public ?LimbUse $armLeft = null,
        public ?LimbUse $armRight = null,
        public ?LimbUse $legLeft = null,
        public ?LimbUse $legRight = null,
    ) {
    }

    public static function read(?Bag $bag): self
    {
        return new self(
            $bag?->optEnum('arm_left', LimbUse::class), $bag?->optEnum('arm_right', LimbUse::class),
            $bag?->optEnum('leg_left', LimbUse::class), $bag?->optEnum('leg_right', LimbUse::class),
        );
    }

    /**
     * @param  Part  $limb  arm or leg
     * @param  Side  $side  left or right
     */
    public function use(Part $limb, Side $side): ?LimbUse
    {
        return match (true) {
            $limb === Part::Arm => $side === Side::Left ? $this->armLeft : $this->armRight,
            $limb === Part::Leg => $side === Side::Left ? $this->legLeft : $this->legRight,
            default => null,
        };
    }
}
