<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/** What differs between two versions of a plan, exercise by exercise, in words. */
final class PlanDifference
{
    /**
     * @param  list<Planned>  $before
     * @param  list<Planned>  $after
     * @return list<array{exercise: string, kind: 'new'|'gone'|'changed', says: list<string>, was: string|null}> in the
     *     order of the later plan, then what is gone; with family and rung of the earlier
     */
    public static function between(array $before, array $after): array
    {
        $found = [];
        [$then, $now] = self::paired($before, $after);
        foreach ($now as $key => $item) {
            $was = $then[$key] ?? null;
            $says = $was === null ? [self::doseOf($item)] : self::ofOne($was, $item);
            if ($says !== []) {
                $found[] = [
                    'exercise' => $item->rung->name, 'kind' => $was === null ? 'new' : 'changed', 'says' => $says,
                    'was' => $was === null ? null : self::code($was),
                ];
            }
        }
        foreach (array_diff_key($then, $now) as $item) {
            $found[] = [
                'exercise' => $item->rung->name, 'kind' => 'gone', 'says' => [self::doseOf($item)],
                'was' => self::code($item),
            ];
        }

        return $found;
    }

    /**
     * What is the same exercise in both has the same key: of several of a family those on the same rung first, then in
     * their order.
     *
     * @param  list<Planned>  $before
     * @param  list<Planned>  $after
     * @return array{array<string, Planned>, array<string, Planned>}
     */
    private static function paired(array $before, array $after): array
    {
        $then = $now = $rest = [];
        foreach ($before as $item) {
            $then[$item->family->code][$item->rung->code] = $item;
        }
        $before = [];
        foreach ($after as $item) {
            [$family, $rung] = [$item->family->code, $item->rung->code];
            if (isset($then[$family][$rung])) {
                [$before["$family/$rung"], $now["$family/$rung"]] = [$then[$family][$rung], $item];
                unset($then[$family][$rung]);
            } else {
                $now["$family/$rung"] = $item;
                $rest[] = $item;
            }
        }
        foreach ($rest as $item) {
            $family = $item->family->code;
            $rung = array_key_first($then[$family] ?? []);
            if ($rung !== null) {
                $before[$family.'/'.$item->rung->code] = $then[$family][$rung];
                unset($then[$family][$rung]);
            }
        }
        foreach ($then as $family => $left) {
            foreach ($left as $rung => $item) {
                $before["$family/$rung gone"] = $item;
            }
        }

        return [$before, $now];
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

    private static function code(Planned $item): string
    {
        return $item->family->code.'/'.$item->rung->code;
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
        $says = array_map(static fn (Change $c): string => rtrim(Phrase::within($c->says()), '.'), $item->made);

        return $says === [] ? 'none' : implode('; ', $says);
    }
}
