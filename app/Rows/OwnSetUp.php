<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Client;

/**
 * How an exercise is set up for this client, in the clinician's words: how far from the wall, how many cushions, how
 * high the handle. Kept per client and rung, so that it comes back with the rung; a plan holds its own copy.
 */
final class OwnSetUp
{
    public const LONGEST = 160;

    /** @return array{own_set_up: string|null} what a plan starts with when this rung comes into it */
    public static function row(Client $client, string $family, string $rung): array
    {
        return ['own_set_up' => $client->set_ups["$family/$rung"] ?? null];
    }

    /** @return array<string, string> all that the client has, with this one as it is said now; without it where null */
    public static function with(Client $client, string $family, string $rung, ?string $says): array
    {
        $all = $client->set_ups ?? [];
        unset($all["$family/$rung"]);

        return $says === null ? $all : [...$all, "$family/$rung" => $says];
    }
}
