<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Scale;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Word;

/**
 * The envelope as short sentences for people, one line a field and part of the body, with who set it. Defaults that
 * limit nothing are left out.
 */
final class LimitLines
{
    private const IMPACT = ['no impact', 'stamps and heel drops at most', 'hops at most', 'jumps allowed'];

    /** Longer sets of words are shown on the Limits page; the margin keeps to what shapes the plan. */
    private const NOT_IN_LINES = [Field::StopSigns, Field::Notes];

    /**
     * @param  array<string, string>  $labels  rule id to the name a clinician knows it by
     * @return list<LimitLine>
     */
    public static function of(Envelope $envelope, array $labels): array
    {
        $lines = [];
        foreach (Field::cases() as $field) {
            if (in_array($field, self::NOT_IN_LINES, true)) {
                continue;
            }
            foreach (self::scopes($envelope, $field) as $scope) {
                foreach ([null, ...Binds::cases()] as $binds) {
                    $line = self::line($envelope, $field, $scope, $binds, $labels);
                    if ($line !== null) {
                        $lines[] = $line;
                    }
                }
            }
        }

        return $lines;
    }

    /** One limit by itself in the same words: "RPE up to 4 of 10"; by its field and value where it limits nothing. */
    public static function one(Limit $limit): string
    {
        $field = $limit->field;
        $says = $field->isList() ? self::listed($field, [$limit]) : self::limited($field, $limit->value);

        return ucfirst($says ?? $field->label().': '.$limit->label());
    }

    /** @return list<Scope> */
    private static function scopes(Envelope $envelope, Field $field): array
    {
        $scopes = ['' => new Scope];
        foreach ($envelope->all() as $limit) {
            if ($limit->field === $field && ! $limit->scope->isEverything()) {
                $scopes[$limit->scope->key()] = $limit->scope;
            }
        }

        return array_values($scopes);
    }

    /** @param  array<string, string>  $labels */
    private static function line(
        Envelope $envelope,
        Field $field,
        Scope $scope,
        ?Binds $binds,
        array $labels,
    ): ?LimitLine {
        // Only what was asked for at exactly this scope: what binds everything has its own line.
        $own = array_values(array_filter(
            $envelope->binding($field, $scope),
            static fn (Limit $l): bool => $l->scope->key() === $scope->key() && $l->binds === $binds
                && $l->rule !== 'default',
        ));
        if ($own === []) {
            return null;
        }
        $tightest = $own[0];
        foreach ($own as $limit) {
            if (! $field->isList() && $field->tightness($limit->value) > $field->tightness($tightest->value)) {
                $tightest = $limit;
            }
        }
        $winners = $field->isList()
            ? $own
            : array_values(array_filter($own, static fn (Limit $l): bool => $l->value === $tightest->value));
        $title = $field->isList() ? self::listed($field, $own) : self::limited($field, $tightest->value);
        if ($title === null) {
            return null;
        }
        $for = $binds === null ? '' : $binds->label().': ';

        return new LimitLine($field, $scope, $for.$title, $winners, $labels);
    }

    /** @param  list<Limit>  $own  one at least */
    private static function listed(Field $field, array $own): string
    {
        $labels = [];
        foreach ($own as $limit) {
            $labels[(string) $limit->plain()] = $limit->value instanceof Word ? $limit->value->label() : '';
        }
        if ($field === Field::AvoidParts) {
            // An arm or a leg is named by its scope already.
            $rest = array_diff_key($labels, [Part::Arm->value => 1, Part::Leg->value => 1]);

            return $rest === [] ? 'cannot be used' : 'not by itself: '.implode(', ', $rest);
        }
        $before = match ($field) {
            Field::AvoidPositions => 'not ',
            Field::AvoidMotions, Field::AvoidMaterial => 'no ',
            default => '',
        };

        // Each position is denied by itself: "not on the floor, not arms overhead".
        return $before.implode($field === Field::AvoidPositions ? ', '.$before : ', ', $labels);
    }

    /** A field with one value, in words; null when that value limits nothing. */
    private static function limited(Field $field, int|string|bool|Word $value): ?string
    {
        if ($value instanceof Scale) {
            $of = $field === Field::SpineLoadMax ? 'load on the spine: ' : '';

            return $value === $field->freest() ? null : $of.$value->label();
        }
        $n = is_int($value) ? $value : 0;

        return match ($field) {
            Field::EffortMax => sprintf('RPE up to %d of 10', $n),
            Field::LoadPctMax => sprintf('load up to %d %% of 1RM', $n),
            Field::LiftMaxG => sprintf('lift %s in all at most', Mass::say($n)),
            Field::RepsMin => $n > 1 ? sprintf('%d reps or more', $n) : null,
            Field::RepsMax => sprintf($n === 1 ? '%d rep at most' : '%d reps at most', $n),
            Field::HoldMaxS => sprintf('hard holds of %d s at most', $n),
            Field::ImpactMax => self::IMPACT[$n] ?? null,
            Field::StepPctMax => sprintf('load steps of %d %% at most', $n),
            Field::SessionsBetweenSteps => sprintf('%d good sessions before a step', $n),
            Field::RestMinS => $n > 0 ? sprintf('rest %d s or more', $n) : null,
            Field::HoursBetweenSameMuscle => sprintf('%d h between work for the same muscles', $n),
            Field::HeartRateValid => $value === false ? 'heart rate misleads: use RPE and talking' : null,
            default => null,
        };
    }
}
