<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Clearance;
use App\Models\Client;
use BuoyantStep\Core\Limits\ClearanceGiven;
use BuoyantStep\Core\Limits\ClearanceState;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;

/** Between the clearances on record and the core. */
final class ClearanceRows
{
    public static function state(Client $client, Situation $situation): ClearanceState
    {
        return new ClearanceState(
            $situation->envelope, $situation->facts(), app(RuleBook::class), self::given($client),
        );
    }

    /** @return list<ClearanceGiven> newest first */
    public static function given(Client $client): array
    {
        return array_values($client->clearances->map(static fn (Clearance $c): ClearanceGiven => new ClearanceGiven(
            Day::of($c->given_on), $c->until === null ? null : Day::of($c->until),
        ))->all());
    }

    /** In words what is missing; null when nothing is. */
    public static function missing(Client $client, Situation $situation): ?string
    {
        return self::state($client, $situation)->missing();
    }

    /** The clearance that counts today. */
    public static function current(Client $client, Situation $situation): ?Clearance
    {
        $at = self::state($client, $situation)->current();

        return $at === null ? null : $client->clearances->values()->get($at);
    }
}
