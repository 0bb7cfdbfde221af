<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Then;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Change;

/** The plan of a date ahead beside today's, exercise by exercise. */
final class ThenResource
{
    /** @return array{on: string, says: list<string>, changed: list<array{today: string, then: string|null}>} */
    public static function of(Then $then): array
    {
        return [
            'on' => $then->date->label(), 'says' => $then->says,
            'changed' => array_map(static fn (array $pair): array => [
                'today' => self::today($pair[0]), 'then' => $pair[1] === null ? null : self::then($pair[1]),
            ], $then->changed),
        ];
    }

    private static function today(Planned $item): string
    {
        return implode(', ', array_filter([
            $item->rung->name, $item->dose->amountLabel(), $item->dose->loadLabel(),
            'RPE '.$item->dose->effort->label(), ...array_map(self::change(...), $item->made),
        ]));
    }

    private static function then(PlanItem $item): string
    {
        return implode(', ', array_filter([
            $item->rung->name, $item->dose->amountLabel(), $item->dose->loadLabel(),
            'RPE '.$item->dose->effort->label(), ...array_map(self::change(...), $item->changes),
        ]));
    }

    private static function change(Change $change): string
    {
        return Phrase::within(rtrim($change->says(), '.'));
    }
}
