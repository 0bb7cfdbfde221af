<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Home;

/**
 * What a phone does with the rows of a card, and nothing else: hold them against the answers, keep those that speak.
 */
final class LooksUp
{
    /**
     * @param  list<array{if: list<list<mixed>>, verdict: string, rule: string, again: int|null}>  $rows  as they
     *     are sent
     * @param  array<string, mixed>  $answers
     * @return list<array{if: list<list<mixed>>, verdict: string, rule: string, again: int|null}>
     */
    public static function of(array $rows, array $answers): array
    {
        return array_values(array_filter($rows, static function (array $row) use ($answers): bool {
            foreach ($row['if'] as $when) {
                if (! self::holds($when, $answers)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * @param  list<mixed>  $when
     * @param  array<string, mixed>  $answers
     */
    private static function holds(array $when, array $answers): bool
    {
        [$kind, $field] = $when;
        $of = array_slice($when, 2);
        $answer = $answers[$field] ?? null;

        return match ($kind) {
            'within' => $answer !== null && $answer >= $of[0] && $answer <= $of[1],
            'is' => $answer === $of[0],
            'open' => $answer === null,
            'told' => $answer !== null,
            'any' => array_intersect($answer ?? [], $of) !== [],
            'none' => array_intersect($answer ?? [], $of) === [],
            'below' => $answer !== null && isset($answers[$of[0]]) && $of[1] <= $answers[$of[0]] - $answer,
        };
    }
}
