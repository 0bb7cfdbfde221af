<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Labelled;

/**
 * Where a thing goes that no hand has to hold: a cuff on a limb, a backpack or a vest on the trunk. The two cannot
 * stand in for each other: a backpack round an ankle and a cuff on the back are not loads that anybody can set up.
 */
enum WornOn: string implements Labelled
{
    case Limb = 'limb';
    case Back = 'back';

    public function label(): string
    {
        return match ($this) {
            self::Limb => 'on limb',
            self::Back => 'on back',
        };
    }

    /**
     * What the hand must do to take such a thing for this way of holding; null where it cannot be taken so at all. A
     * backpack in the hand hangs by its loop; a cuff goes round the wrist and asks nothing of the fingers.
     *
     * @param  self  $on  where the thing goes when its grip class is none; of no account otherwise
     */
    public static function gripFor(Holding $holding, GripClass $grip, self $on): ?GripClass
    {
        if ($grip !== GripClass::None) {
            return $holding->needsNoGrip() ? null : $grip;
        }

        return match ($holding) {
            Holding::Worn => $on === self::Back ? $grip : null,
            Holding::Cuff => $on === self::Limb ? $grip : null,
            Holding::Lap => $grip,
            default => $on === self::Back ? GripClass::Hook : $grip,
        };
    }
}
