<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/** What differs between two versions of a plan, exercise by exercise, in words. */
final class PlanDifference
{
    /**
     * @param  list<Planned>  $before
     * @param  list<Planned>  $after
     * @return list<array{exercise: string, kind: 'new'|'gone'|'changed', says: list<string>}> in the order of the later
     *     plan, then what is gone
     */
    public static function between(array $before, array $after): array
    {
        $found = [];
        $then = self::byFamily($before);
        $now = self::byFamily($after);
        foreach ($now as $family => $item) {
            $was = $then[$family] ?? null;
            $says = $was === null ? [self::doseOf($item)] : self::ofOne($was, $item);
            if ($says !== []) {
                $found[] = [
                    'exercise' => $item->rung->name, 'kind' => $was === null ? 'new' : 'changed', 'says' => $says,
                ];
            }
        }
        foreach (array_diff_key($then, $now) as $item) {
            $found[] = ['exercise' => $item->rung->name, 'kind' => 'gone', 'says' => [self::doseOf($item)]];
        }

        return $found;
    }

    /**
     * @param  list<Planned>  $items
     * @return array<string, Planned>
     */
    private static function byFamily(array $items): array
    {
        $by = [];
        foreach ($items as $item) {
            $by[$item->family->code] = $item;
        }

        return $by;
    }

    /** @return list<string> */
    private static function ofOne(Planned $was, Planned $is): array
    {
        $pairs = [
            ['rung', $was->rung->name, $is->rung->name],
            ['goal', $was->goal->label(), $is->goal->label()],
            ['amount', $was->dose->amountLabel(), $is->dose->amountLabel()],
            ['each rep', $was->dose->heldLabel() ?? 'not held', $is->dose->heldLabel() ?? 'not held'],
            ['load', $was->dose->loadLabel() ?? 'none', $is->dose->loadLabel() ?? 'none'],
            ['RPE', $was->dose->effort->label(), $is->dose->effort->label()],
            ['rest', $was->dose->restS.' s', $is->dose->restS.' s'],
            ['tempo', $was->dose->tempo ?: 'free', $is->dose->tempo ?: 'free'],
            ['sides', self::sides($was), self::sides($is)],
            ['changes', self::changes($was), self::changes($is)],
        ];
        $different = array_filter($pairs, static fn (array $p): bool => $p[1] !== $p[2]);

        return array_values(array_map(
            static fn (array $p): string => sprintf('%s: %s, before %s', ucfirst($p[0]), $p[2], $p[1]), $different,
        ));
    }

    private static function doseOf(Planned $item): string
    {
        return implode(', ', array_filter([
            $item->dose->amountLabel(), $item->dose->loadLabel(), 'RPE '.$item->dose->effort->label(),
        ]));
    }

    private static function sides(Planned $item): string
    {
        return implode(' then ', array_map(static fn (Side $s): string => $s->value, $item->sides));
    }

    private static function changes(Planned $item): string
    {
        $says = array_map(static fn (Change $c): string => rtrim(lcfirst($c->says()), '.'), $item->made);

        return $says === [] ? 'none' : implode('; ', $says);
    }
}
