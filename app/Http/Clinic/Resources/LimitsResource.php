<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\EnvelopeReport;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;

/**
 * The whole envelope, field by field, each with everyone who asked for it and the winner marked.
 *
 * @phpstan-import-type Because from EnvelopeReport
 * @phpstan-import-type Scoped from EnvelopeReport
 */
final class LimitsResource
{
    /** @return array<string, mixed> */
    public static function of(Situation $situation, RuleBook $rules): array
    {
        $labels = $rules->labels();
        $facts = $situation->facts();

        return [
            'fields' => self::fields($situation->envelope, $labels),
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
     * @param  array<string, string>  $labels
     * @return list<array<string, mixed>>
     */
    private static function fields(Envelope $envelope, array $labels): array
    {
        $fields = [];
        foreach (EnvelopeReport::of($envelope) as $code => $row) {
            $field = Field::from($code);
            $fields[] = [
                'field' => $code, 'label' => $field->label(), 'value' => EnvelopeReport::say($envelope, $field),
                'because' => self::because($row['because'], $labels),
                'scoped' => array_map(
                    static fn (array $part): array => self::part($part, $envelope, $field, $labels), $row['scoped']
                        ?? [],
                ),
            ];
        }

        return $fields;
    }

    /**
     * @param  Scoped  $part
     * @param  array<string, string>  $labels
     * @return array<string, mixed>
     */
    private static function part(array $part, Envelope $envelope, Field $field, array $labels): array
    {
        $scope = new Scope(Region::from($part['region']), Side::from($part['side']));
        if (isset($part['binds'])) {
            $word = is_string($part['value']) ? $part['value'] : '';

            return [
                'part' => ucfirst(Binds::from($part['binds'])->label()),
                'value' => (Support::tryFrom($word) ?? Supervision::tryFrom($word))?->label() ?? $word,
                'because' => self::because($part['because'], $labels),
            ];
        }

        return [
            'part' => $scope->label(), 'value' => EnvelopeReport::say($envelope, $field, $scope),
            'because' => self::because($part['because'], $labels),
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
}
