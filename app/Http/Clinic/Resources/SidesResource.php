<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Vocabulary\Side;

final class SidesResource
{
    /** @param  list<Side>  $sides */
    public static function say(array $sides): string
    {
        return match (true) {
            $sides === [Side::Both] || $sides === [] => '',
            count($sides) === 1 => $sides[0]->value.' side only',
            default => 'each side, '.$sides[0]->value.' first',
        };
    }
}
