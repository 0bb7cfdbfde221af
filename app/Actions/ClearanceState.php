<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Clearance;
use App\Models\Client;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Plan\Situation;

/** Whether the clearance that the limits ask for is on record and still runs. */
final class ClearanceState
{
    public static function current(Client $client, Situation $situation): ?Clearance
    {
        $on = (string) $situation->on;

        return $client->clearances->first(static fn (Clearance $c): bool => $c->given_on <= $on && ($c->until === null || $c->until >= $on));
    }

    /** In words what is missing; null when nothing is. */
    public static function missing(Client $client, Situation $situation): ?string
    {
        $asks = $situation->envelope->word(Field::Clearance);

        return match (true) {
            $asks === 'withheld' => 'Exercise is withheld: an absolute contraindication is entered.',
            $asks === 'none' || self::current($client, $situation) !== null => null,
            $asks === 'advised' => 'Clearance is advised and not recorded.',
            default => 'Clearance is required and not recorded: enter who gave it and when, on Screen.',
        };
    }
}
