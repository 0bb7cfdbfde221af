<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\OwnLimit;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Word;

/** Limits that were set for one client: a letter's restrictions, or the clinician's own. They only ever narrow. */
final class OwnLimits
{
    public const RULE = 'own';

    /** @return list<Field> the fields that may be set by hand */
    public static function fields(): array
    {
        return [
            Field::EffortMax, Field::LoadPctMax, Field::LiftMaxG, Field::RepsMin, Field::RepsMax, Field::HoldMaxS,
            Field::RestMinS, Field::ImpactMax, Field::Breath, Field::SupportMin, Field::SpineLoadMax,
            Field::AvoidPositions, Field::AvoidMotions,
        ];
    }

    /** What a number may be; null for a field that takes a word. */
    public static function range(Field $field): ?Range
    {
        return match ($field) {
            Field::EffortMax => new Range(0, 10),
            Field::LoadPctMax => new Range(0, 100),
            Field::LiftMaxG => new Range(0, 100_000),
            Field::RepsMin, Field::RepsMax => new Range(1, 60),
            Field::HoldMaxS, Field::RestMinS => new Range(0, 600),
            Field::ImpactMax => new Range(0, 3),
            default => null,
        };
    }

    /** @return list<Word> the words that a field takes, without the one that limits nothing; none for a number */
    public static function words(Field $field): array
    {
        $words = match ($field) {
            Field::Breath => Breath::cases(),
            Field::SupportMin => Support::cases(),
            Field::SpineLoadMax => SpineLoad::cases(),
            Field::AvoidPositions => Position::cases(),
            Field::AvoidMotions => Motion::cases(),
            default => [],
        };

        return array_values(array_filter($words, static fn (Word $w): bool => $w !== $field->freest()));
    }

    /** What is set, in the words of the margin: "RPE up to 4 of 10". */
    public static function says(Field $field, string $value): string
    {
        $words = array_column(array_map(static fn (Word $w): array => [$w->code(), $w], self::words($field)), 1, 0);

        return LimitLines::one(new Limit($field, $words[$value] ?? (int) $value, self::RULE, '', ''));
    }

    /**
     * @return list<Limit>
     *
     * @throws UnknownCode|InvalidInput naming the field
     */
    public static function of(Profile $client): array
    {
        return array_map(self::limit(...), $client->ownLimits);
    }

    /** @return list<Crossing> the days ahead up to which a limit was ordered */
    public static function crossings(Facts $facts): array
    {
        $crossings = [];
        foreach ($facts->client->ownLimits as $own) {
            if ($own->until !== null && ! $own->until->isBefore($facts->on)) {
                $limit = self::limit($own);
                $crossings[] = new Crossing($own->until, self::RULE, sprintf(
                    '%s: may end (%s). It holds until you end it.', LimitLines::one($limit), $own->by,
                ), false);
            }
        }

        return $crossings;
    }

    /** @throws UnknownCode|InvalidInput naming the field */
    private static function limit(OwnLimit $own): Limit
    {
        $field = Field::tryFrom($own->field);
        if ($field === null || ! in_array($field, self::fields(), true)) {
            throw UnknownCode::of('limit', $own->field, array_column(self::fields(), 'value'), $own->pointer);
        }

        $scope = new Scope($own->region, $own->side);
        $limit = new Limit($field, self::value($field, $own), self::RULE, '', $own->by, $scope);
        $says = sprintf('%s. %s', LimitLines::one($limit), $own->why);

        return new Limit($field, $limit->value, self::RULE, $says, $own->by, $scope);
    }

    /** @throws UnknownCode|InvalidInput naming the field */
    private static function value(Field $field, OwnLimit $own): int|Word
    {
        $range = self::range($field);
        if ($range !== null) {
            $number = filter_var($own->value, FILTER_VALIDATE_INT);
            if ($number === false || $number < $range->min || $number > $range->max) {
                throw InvalidInput::at($own->pointer, sprintf(
                    '%s must be a whole number from %d to %d, for example %d.', $field->label(), $range->min,
                    $range->max, (int) (($range->min + $range->max) / 2),
                ));
            }

            return $number;
        }
        $words = self::words($field);
        foreach ($words as $word) {
            if ($word->code() === $own->value) {
                return $word;
            }
        }
        $codes = array_map(static fn (Word $w): string => $w->code(), $words);
        throw UnknownCode::of('word', $own->value, $codes, $own->pointer);
    }
}
