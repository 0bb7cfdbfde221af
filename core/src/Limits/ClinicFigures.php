<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Mass;

/**
 * Figures that a clinic has set in place of the defaults. A tighter one is simply one limit more, so it can only
 * narrow. A looser one replaces the default's value, needs a reason, and says so wherever it acts.
 *
 * @phpstan-type Figure array{rule: string, field: string, value: int, loosens: bool, reason: string|null}
 */
final readonly class ClinicFigures
{
    /** Fields with a number that a clinic may set, and the values that make sense for it. */
    public const RANGES = [
        'effort_max' => [0, 10], 'load_pct_max' => [0, 100], 'lift_max_g' => [0, 50_000], 'reps_min' => [1, 30],
        'reps_max' => [1, 50], 'hold_max_s' => [1, 120], 'impact_max' => [0, 3],
        'step_pct_max' => [1, 20], 'sessions_between_steps' => [1, 10], 'rest_min_s' => [0, 600],
        'hours_between_same_muscle' => [24, 120],
    ];

    /** @param  list<Figure>  $figures */
    public function __construct(private array $figures = [])
    {
    }

    /**
     * @param  list<Limit>  $limits
     * @return list<Limit>
     */
    public function applyTo(array $limits): array
    {
        if ($this->figures === []) {
            return $limits;
        }
        $out = [];
        foreach ($limits as $limit) {
            array_push($out, ...$this->figured($limit));
        }

        return $out;
    }

    /** @return list<Limit> the limit with what the clinic has made of it */
    private function figured(Limit $limit): array
    {
        $figure = $this->for($limit);
        $loosens = $figure !== null && self::loosens($limit, $figure['value']);
        // One rule may limit a field in steps (by week, by detail): a figure meant to tighten one step loosens none.
        if ($figure === null || ($loosens && ! $figure['loosens'])) {
            return [$limit];
        }
        $now = self::say($limit, $figure['value']);
        if ($loosens) {
            $says = sprintf('%s Loosened by the clinic to %s: %s', $limit->says, $now, $figure['reason'] ?? '');

            return [
                new Limit($limit->field, $figure['value'], $limit->rule, $says, $limit->source, $limit->scope),
            ];
        }
        $says = sprintf(
            '%s Tightened by the clinic to %s.%s', $limit->says, $now,
            $figure['reason'] === null ? '' : ' '.$figure['reason'],
        );

        return [
            $limit,
            new Limit($limit->field, $figure['value'], $limit->rule, $says, 'Clinic rulebook', $limit->scope),
        ];
    }

    private static function say(Limit $limit, int $value): string
    {
        return $limit->field === Field::LiftMaxG ? Mass::say($value) : (string) $value;
    }

    public static function loosens(Limit $limit, int $value): bool
    {
        return is_int($limit->value) && $limit->field->tightness($value) < $limit->field->tightness($limit->value);
    }

    /** @return Figure|null */
    private function for(Limit $limit): ?array
    {
        foreach ($this->figures as $figure) {
            if (
                $figure['rule'] === $limit->rule
                && $figure['field'] === $limit->field->value
                && is_int($limit->value)
                && $figure['value'] !== $limit->value
            ) {
                return $figure;
            }
        }

        return null;
    }
}
