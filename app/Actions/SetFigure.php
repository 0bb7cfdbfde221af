<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Clinic;
use App\Models\ClinicFigure;
use App\Models\Decision;
use App\Models\User;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\Sex;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Phrase;
use Illuminate\Support\Facades\DB;

/**
 * Sets or takes back a clinic's figure. Tighter is the lead's to say; looser needs a reason and is marked where it
 * acts.
 */
final class SetFigure
{
    public function __construct(private readonly RuleBook $rules)
    {
    }

    /** @param  int|null  $seen  the clinic's figure as the page showed it */
    public function run(
        Clinic $clinic,
        User $by,
        string $rule,
        string $field,
        ?int $value,
        ?string $reason,
        ?int $seen,
    ): void {
        $limits = $this->limits($clinic, $rule, $field);
        if ($value === null) {
            $this->toDefault($clinic, $by, $rule, $field, $seen);

            return;
        }
        [$min, $max] = ClinicFigures::RANGES[$field] ?? throw Refusal::at('field', 'This field has no number to set.');
        if ($value < $min || $value > $max) {
            throw Refusal::at('value', sprintf('This figure must be from %d to %d.', $min, $max));
        }
        $loosens = self::loosens($limits, $value, $reason);
        DB::transaction(function () use ($clinic, $by, $rule, $field, $value, $loosens, $reason, $seen): void {
            self::assertAsSeen($clinic, $rule, $field, $seen);
            Decision::record(
                $by,
                $clinic,
                $loosens ? 'rulebook.loosened' : 'rulebook.tightened',
                sprintf('%s: %d.', self::named($rule, $field), $value),
                ['rule' => $rule, 'field' => $field, 'value' => $value],
                $reason,
            );
            ClinicFigure::query()->updateOrCreate(
                ['clinic_id' => $clinic->id, 'rule' => $rule, 'field' => $field],
                ['user_id' => $by->id, 'value' => $value, 'loosens' => $loosens, 'reason' => $reason],
            );
        });
    }

    private function toDefault(Clinic $clinic, User $by, string $rule, string $field, ?int $seen): void
    {
        DB::transaction(function () use ($clinic, $by, $rule, $field, $seen): void {
            self::assertAsSeen($clinic, $rule, $field, $seen);
            ClinicFigure::query()->where(['clinic_id' => $clinic->id, 'rule' => $rule, 'field' => $field])->delete();
            Decision::record($by, $clinic, 'rulebook.default', self::named($rule, $field).': back to the default.');
        });
    }

    /** The figure as a clinician knows it: the condition and the field, in words. */
    private static function named(string $rule, string $field): string
    {
        $label = Phrase::within(Field::from($field)->label());

        return sprintf('%s, %s', RuleBook::standard()->labels()[$rule] ?? $rule, $label);
    }

    /** @param  list<Limit>  $limits */
    private static function loosens(array $limits, int $value, ?string $reason): bool
    {
        // A rule may limit a field in steps. A figure that tightens one of them is a tightening, and the core then
        // leaves the tighter steps alone; one that only loosens is a loosening.
        $tightens = array_filter(
            $limits, static fn (Limit $l): bool => $l->value !== $value && ! ClinicFigures::loosens($l, $value),
        ) !== [];
        $loosens = ! $tightens
            && array_filter($limits, static fn (Limit $l): bool => ClinicFigures::loosens($l, $value)) !== [];
        if ($loosens && ($reason === null || mb_strlen(trim($reason)) < 10)) {
            throw Refusal::at(
                'reason',
                'Loosening a figure needs a reason that the record can stand on, for example the protocol and its '
                    .'date.',
            );
        }

        return $loosens;
    }

    /** One writer of the rulebook at a time, and none over a figure that somebody else has set since. */
    private static function assertAsSeen(Clinic $clinic, string $rule, string $field, ?int $seen): void
    {
        Clinic::query()->lockForUpdate()->findOrFail($clinic->id);
        $now = ClinicFigure::query()->where(['clinic_id' => $clinic->id, 'rule' => $rule, 'field' => $field])->first();
        if ($now?->value !== $seen) {
            throw Refusal::at('value', $now === null
                ? 'Somebody took this figure back to the default meanwhile. The page shows it now; set yours again if '
                .'it still holds.'
                : sprintf(
                    'Somebody set %d meanwhile%s. The page shows it now; set yours again if it still holds.',
                    $now->value,
                    $now->reason === null ? '' : ' (“'.$now->reason.'”)',
                ));
        }
    }

    /** @return non-empty-list<Limit> every numbered limit that the rule sets on the field */
    private function limits(Clinic $clinic, string $rule, string $field): array
    {
        $found = array_values(array_filter(
            $this->rules->catalogue(self::anyone($clinic->today()))[$rule] ?? [],
            static fn (Limit $l): bool => $l->field->value === $field && is_int($l->value),
        ));

        return $found === [] ? throw Refusal::at('field', 'This rule has no such figure.') : $found;
    }

    /**
     * Facts about nobody in particular, to read the book with: pregnant in her 30th week, so that every week's rule
     * shows.
     */
    public static function anyone(Day $today): Facts
    {
        return new Facts(
            new Profile($today->plus(-30 * 365), Sex::Female, 65, 1650, dueDate: $today->plus(70)), $today,
        );
    }
}
