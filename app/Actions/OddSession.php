<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Plan;
use BuoyantStep\Core\Units\Day;

/** A session that breaks sense is asked about once, and kept when it is said to be right. */
final class OddSession
{
    /** In words; null where nothing is odd. */
    public static function says(Client $client, Plan $plan, Day $on): ?string
    {
        $issued = $plan->issued_on === null ? null : Day::of(substr($plan->issued_on, 0, 10));

        return match (true) {
            $issued !== null && $on->isBefore($issued) => sprintf(
                'Version %d was issued on %s, after that day.', $plan->version, $issued->label(),
            ),
            $client->logs()->where('done_on', (string) $on)->whereNull('skipped')->exists() => sprintf(
                'A session of %s is logged already.', $on->label(),
            ),
            default => null,
        };
    }

    public static function assertNone(Client $client, Plan $plan, Day $on): void
    {
        $says = self::says($client, $plan, $on);
        if ($says !== null) {
            throw Refusal::at('confirmed', $says.' Tick that it is right, and save again.');
        }
    }
}
