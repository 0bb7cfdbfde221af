<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\PlanItem;
use App\Rows\WayRows;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Ways;
use BuoyantStep\Core\Vocabulary\Choice;
use BuoyantStep\Core\Vocabulary\Way;

/** What may be chosen inside an exercise of a plan, and how it is done now. */
final class WaysResource
{
    /** @return list<array{code: string, label: string, value: string, options: list<array{string, string}>}> */
    public static function of(PlanItem $item, Client $client, RungHere $here): array
    {
        $ways = new Ways($here);
        /** @var array<string, string> $now */
        $now = [];
        foreach ($ways->in(WayRows::chosen($item, $client)) as $way) {
            $now[$way->of()->value] = $way->value;
        }

        return array_map(static fn (Choice $c): array => [
            'code' => $c->value, 'label' => $c->label(), 'value' => $now[$c->value] ?? '',
            'options' => array_map(static fn (Way $w): array => [$w->value, $w->label()], $ways->open($c)),
        ], $ways->choices());
    }

    /** @return list<string> to the client, where it is not the usual way */
    public static function say(PlanItem $item, Client $client, RungHere $here): array
    {
        return array_values(array_filter(array_map(
            static fn (Way $w): ?string => $w->says(), (new Ways($here))->in(WayRows::chosen($item, $client)),
        )));
    }
}
