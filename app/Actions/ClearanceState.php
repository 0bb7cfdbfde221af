<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Clearance;
use App\Models\Client;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Units\Day;

/** Whether the clearance that the limits ask for is on record, still runs, and was given for what asks for it. */
final class ClearanceState
{
    /** The newest that runs today and is not older than what it has to clear. */
    public static function current(Client $client, Situation $situation): ?Clearance
    {
        $on = $situation->on;
        $begins = self::begins($situation);

        // Read as days: a clearance of the year 226 is a stored fault, and clears nothing.
        return $client->clearances->first(static function (Clearance $c) use ($on, $begins): bool {
            $given = Day::of($c->given_on);

            return ! $given->isAfter($on) && ($c->until === null || ! Day::of($c->until)->isBefore($on)) && ($begins === null || ! $given->isBefore($begins));
        });
    }

    /** In words what is missing; null when nothing is. */
    public static function missing(Client $client, Situation $situation): ?string
    {
        $asks = $situation->envelope->word(Field::Clearance);
        if ($asks === 'withheld') {
            return 'Exercise is withheld: an absolute contraindication is entered.';
        }
        if ($asks === 'none' || self::current($client, $situation) !== null) {
            return null;
        }

        return sprintf('Clearance is %s and %s%s.', $asks, self::why($client, $situation), $asks === 'advised' ? '' : ': enter who gave it and when, on Screen');
    }

    private static function why(Client $client, Situation $situation): string
    {
        $latest = $client->clearances->first(static fn (Clearance $c): bool => $c->given_on <= (string) $situation->on);
        $begins = self::begins($situation);

        return match (true) {
            $latest === null => 'not recorded',
            $latest->until !== null && $latest->until < (string) $situation->on => 'the one on record ended on '.Day::of($latest->until)->label(),
            $begins !== null => sprintf('the one on record, of %s, is older than what it has to clear (since %s)', Day::of($latest->given_on)->label(), $begins->label()),
            default => 'not recorded',
        };
    }

    /** When the latest of what asks most began, as far as that is known: nobody clears what has not happened yet. */
    private static function begins(Situation $situation): ?Day
    {
        $client = $situation->client;
        $asks = $situation->envelope->word(Field::Clearance);
        $latest = null;
        foreach ($situation->envelope->binding(Field::Clearance) as $limit) {
            $since = match ($limit->rule) {
                'postpartum' => $client->postpartum?->birthDate,
                'pregnancy' => $client->dueDate?->plus(-Profile::PREGNANCY_DAYS),
                default => $client->condition($limit->rule)?->since,
            };
            if ($limit->value === $asks && $since !== null && ($latest === null || $since->isAfter($latest))) {
                $latest = $since;
            }
        }

        return $latest;
    }
}
