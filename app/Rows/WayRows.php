<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Client;
use App\Models\PlanItem;
use BuoyantStep\Core\Vocabulary\Way;

/** The ways that were chosen, as they are stored. */
final class WayRows
{
    /** @return list<Way> for this exercise first, then for this client */
    public static function chosen(PlanItem $item, Client $client): array
    {
        return [...self::read($item->ways), ...self::read($client->ways)];
    }

    /**
     * @param  list<string>|null  $stored
     * @return list<Way> a word that is no way any more is left out
     */
    public static function read(?array $stored): array
    {
        return array_values(array_filter(array_map(Way::tryFrom(...), $stored ?? [])));
    }

    /**
     * One way for its choice in place of the one before.
     *
     * @param  list<string>|null  $stored
     * @return list<string>
     */
    public static function with(?array $stored, Way $way): array
    {
        $others = array_filter(self::read($stored), static fn (Way $w): bool => $w->of() !== $way->of());

        return [...array_map(static fn (Way $w): string => $w->value, array_values($others)), $way->value];
    }
}
