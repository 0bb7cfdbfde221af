<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Input\Bag;

/** Lying on the back with the trunk on a wedge. */
final class Raised
{
    /** From flat, degrees; a wedge under the trunk lifts it by 30 at least (limits in pregnancy). */
    private const DEGREES = 38;

    public static function body(Bag $body): Bag
    {
        return $body->with(trunk: $body->signed('trunk') + self::DEGREES);
    }

    /** What is said of the arms in the room turns with the trunk. */
    public static function arms(Bag $arms): Bag
    {
        $turned = [];
        foreach ($arms->keys() as $side) {
            $arm = $arms->bag($side);
            $turned[$side] = $arm->has('offsets') ? ['offsets' => array_map(self::turned(...), $arm->pairs('offsets'))]
                : $arm->all();
        }

        return new Bag($turned);
    }

    /**
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    private static function turned(array $at): array
    {
        $turn = deg2rad(-self::DEGREES);

        return [$at[0] * cos($turn) - $at[1] * sin($turn), $at[0] * sin($turn) + $at[1] * cos($turn)];
    }

    /**
     * @param  list<string>  $props
     * @return list<string>
     */
    public static function props(array $props): array
    {
        return array_values(array_unique([...$props, 'wedge_bed']));
    }
}
