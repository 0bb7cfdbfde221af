<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Client;
use App\Models\Plan;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Needs\DailyGoals;
use BuoyantStep\Core\Plan\Preferences;
use BuoyantStep\Core\Plan\Session\Shape;

/** What a client's programme is to hold. Goals that nobody has chosen are those that the screen speaks of. */
final class WishRows
{
    public static function preferences(Client $client, Catalogue $catalogue): Preferences
    {
        $wishes = array_diff_key($client->wishes ?? [], ['session' => true]);
        if (! array_key_exists('goals', $wishes)) {
            $wishes['goals'] = array_map(
                static fn (Purpose $p): string => $p->value, DailyGoals::in($client->wants ?? ''),
            );
        }

        return Preferences::read(new Bag(array_filter($wishes, static fn (mixed $v): bool => $v !== null)), $catalogue);
    }

    /** Which parts the sessions of a plan have; plans of before that was asked have none but warm-up and main part. */
    public static function shapeOf(Plan $plan): Shape
    {
        return $plan->session === null ? new Shape(ramp: false, coolDown: false) : Shape::read(new Bag($plan->session));
    }

    /** The same for the next draft: as it was chosen last. */
    public static function shape(Client $client): Shape
    {
        $chosen = $client->wishes['session'] ?? null;

        return is_array($chosen) ? Shape::read(new Bag($chosen)) : new Shape;
    }
}
