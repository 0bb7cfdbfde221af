<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\EnvelopeReport;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Mass;

/**
 * The whole envelope, field by field, each with everyone who asked for it and the winner marked.
 *
 * @phpstan-import-type Because from EnvelopeReport
 */
final class LimitsResource
{
    /** @return array<string, mixed> */
    public static function of(Situation $situation, RuleBook $rules): array
    {
        $labels = $rules->labels();
        $fields = [];
        foreach (EnvelopeReport::of($situation->envelope) as $field => $row) {
            $fields[] = [
                'field' => $field,
                'value' => self::say($field, $row['value']),
                'because' => self::because($row['because'], $labels),
                'scoped' => array_map(
                    static fn (array $s): array => [
                        'part' => trim(($s['side'] === 'both' ? '' : $s['side'].' ').$s['region']),
                        'value' => self::say($field, $s['value']),
                        'because' => self::because($s['because'], $labels),
                    ],
                    $row['scoped'] ?? [],
                ),
            ];
        }

        $facts = new Facts($situation->client, $situation->on, $situation->measures);

        return [
            'fields' => $fields,
            'waiting' => array_map(
                static fn (Crossing $c): array => ['rule' => $c->rule, 'date' => $c->date->label(), 'says' => $c->says],
                $rules->waiting($facts),
            ),
            'crossings' => array_map(
                static fn (Crossing $c): array => [
                    'date' => $c->date->label(), 'days' => $situation->on->daysTo($c->date), 'says' => $c->says,
                    'tightens' => $c->tightens, 'label' => $labels[$c->rule] ?? $c->rule,
                ],
                $rules->crossings($facts),
            ),
        ];
    }

    /**
     * @param  list<Because>  $rows
     * @param  array<string, string>  $labels
     * @return list<array<string, mixed>>
     */
    private static function because(array $rows, array $labels): array
    {
        return array_map(static fn (array $b): array => [...$b, 'label' => $labels[$b['rule']] ?? $b['rule']], $rows);
    }

    /** @param  int|string|bool|list<string>|list<array{what: string, when: string}>|null  $value */
    private static function say(string $field, int|string|bool|array|null $value): string
    {
        if (is_array($value)) {
            return implode(
                ', ',
                array_map(
                    static fn (string|array $v): string => is_array($v)
                        ? $v['what'].' '.$v['when']
                        : str_replace('_', ' ', $v),
                    $value,
                ),
            );
        }

        return match (true) {
            $value === null => 'not limited',
            is_int($value) && $field === Field::LiftMaxG->value => Mass::say($value),
            is_bool($value) => $value ? 'yes' : 'no',
            default => str_replace('_', ' ', (string) $value),
        };
    }
}
