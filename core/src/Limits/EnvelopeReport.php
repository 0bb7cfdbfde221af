<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Watch;

/**
 * The envelope written out field by field, with everyone who asked for each value and the winner marked: the form that
 * the command line prints and the Limits page shows.
 *
 * @phpstan-type Because array{rule: string, says: string, source: string, wins: bool}
 * @phpstan-type Value int|string|bool|list<string>|list<array{what: string, when: string, binding?: true}>|null
 * @phpstan-type Scoped array{region: string, side: string, value: Value, because: list<Because>, binds?: string}
 * @phpstan-type FieldReport array{value: Value, because: list<Because>, scoped?: list<Scoped>}
 */
final class EnvelopeReport
{
    /** @return array<string, FieldReport> */
    public static function of(Envelope $envelope): array
    {
        $report = [];
        foreach (Field::cases() as $field) {
            $row = [
                'value' => self::value($envelope, $field, new Scope),
                'because' => self::because($envelope, $field, new Scope),
            ];
            $scoped = self::scoped($envelope, $field);
            if ($scoped !== []) {
                $row['scoped'] = $scoped;
            }
            $report[$field->value] = $row;
        }

        return $report;
    }

    /** The value of a field in words; what holds where no rule asked for one. */
    public static function say(Envelope $envelope, Field $field, Scope $scope = new Scope): string
    {
        $labels = array_map(
            static fn (Limit $l): string => $l->label(),
            $field->isList() ? $envelope->binding($field, $scope) : array_filter([$envelope->tightest($field, $scope)]),
        );

        return match (true) {
            $labels !== [] => implode(', ', array_unique($labels)),
            $field === Field::HeartRateValid => 'yes',
            default => $field->freest()?->label() ?? 'not limited',
        };
    }

    /** @return list<Scoped> the parts of the body for which this field is tighter than for everything */
    private static function scoped(Envelope $envelope, Field $field): array
    {
        $scopes = [];
        foreach ($envelope->all() as $limit) {
            if ($limit->field === $field && ! $limit->scope->isEverything()) {
                $scopes[$limit->scope->key()] = $limit->scope;
            }
        }
        ksort($scopes);
        $rows = self::bound($envelope, $field);
        foreach ($scopes as $scope) {
            $value = self::value($envelope, $field, $scope);
            if ($value !== self::value($envelope, $field, new Scope)) {
                $rows[] = [
                    'region' => $scope->region->value, 'side' => $scope->side->value, 'value' => $value,
                    'because' => self::because($envelope, $field, $scope),
                ];
            }
        }

        return $rows;
    }

    /** @return list<Scoped> what holds for some exercises only: those done standing, those that challenge balance */
    private static function bound(Envelope $envelope, Field $field): array
    {
        $rows = [];
        foreach (Binds::cases() as $binds) {
            $limits = array_values(
                array_filter($envelope->binding($field), static fn (Limit $l): bool => $l->binds === $binds),
            );
            if ($limits !== []) {
                usort(
                    $limits,
                    static fn (
                        Limit $a, Limit $b,
                    ): int => $field->tightness($b->value) <=> $field->tightness($a->value),
                );
                $rows[] = [
                    'region' => Region::Any->value, 'side' => Side::Both->value, 'binds' => $binds->value,
                    'value' => $limits[0]->plain(),
                    'because' => array_map(static fn (Limit $l): array => [
                        'rule' => $l->rule, 'says' => $l->says, 'source' => $l->source,
                        'wins' => $l->value === $limits[0]->value,
                    ], $limits),
                ];
            }
        }

        return $rows;
    }

    /** @return Value */
    private static function value(Envelope $envelope, Field $field, Scope $scope): int|string|bool|array|null
    {
        if ($field === Field::Watches) {
            return array_map(static fn (Watch $w): array => $w->jsonSerialize(), $envelope->watches());
        }

        return match (true) {
            $field->isList() => $envelope->words($field, $scope),
            $field->freest() !== null => $envelope->word($field, $scope),
            $field === Field::HeartRateValid => $envelope->flag($field, $scope),
            default => $envelope->number($field, $scope),
        };
    }

    /** @return list<Because> */
    private static function because(Envelope $envelope, Field $field, Scope $scope): array
    {
        $tightest = $envelope->tightest($field, $scope);

        return array_map(static fn (Limit $l): array => [
            'rule' => $l->rule,
            'says' => $l->says,
            'source' => $l->source,
            'wins' => $field->isList() || $l->value === $tightest?->value,
        ], $envelope->binding($field, $scope));
    }
}
