<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Client;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Needs\DailyGoals;
use BuoyantStep\Core\Plan\Preferences;

/** What a client's programme is to hold. Goals that nobody has chosen are those that the screen speaks of. */
final class WishRows
{
    public static function preferences(Client $client, Catalogue $catalogue): Preferences
    {
        $wishes = $client->wishes ?? [];
        if (! array_key_exists('goals', $wishes)) {
            $wishes['goals'] = array_map(
                static fn (Purpose $p): string => $p->value, DailyGoals::in($client->wants ?? ''),
            );
        }

        return Preferences::read(new Bag(array_filter($wishes, static fn (mixed $v): bool => $v !== null)), $catalogue);
    }
}
