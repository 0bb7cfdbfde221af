<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Actions\SetFigure;
use App\Models\ClinicFigure;
use App\Models\User;
use BuoyantStep\Core\Client\Schools;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Word;

/** Every rule in force, by condition, with its source and what the clinic has made of it. */
final class RulebookResource
{
    public function __construct(private readonly RuleBook $rules)
    {
    }

    /** @return array<string, mixed> */
    public function of(User $me): array
    {
        $labels = $this->rules->labels();
        $figures = $me->clinic->figures()->get()->keyBy(static fn (ClinicFigure $f): string => $f->rule.'|'.$f->field);
        $rows = [];
        foreach ($this->rules->catalogue(SetFigure::anyone($me->clinic->today())) as $rule => $limits) {
            foreach ($limits as $limit) {
                $figure = $figures->get($rule.'|'.$limit->field->value);
                $rows[] = [
                    'key' => $limit->key(), 'rule' => $rule, 'label' => $labels[$rule]
                        ?? $rule, 'field' => $limit->field->value, 'part' => $limit->scope->label(),
                    'value' => self::say($limit), 'says' => $limit->says, 'source' => $limit->source,
                    'can_set' => is_int($limit->value) && isset(ClinicFigures::RANGES[$limit->field->value]),
                    'clinic' => $figure === null
                        ? null
                        : ['value' => $figure->value, 'loosens' => $figure->loosens, 'reason' => $figure->reason],
                ];
            }
        }

        return [
            'schools' => self::schools($me), 'rows' => $rows, 'can_set' => $me->role === 'lead',
            'mass_unit' => $me->clinic->mass_unit->value,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function schools(User $me): array
    {
        $schools = [];
        foreach (Schools::ALL as $code => $school) {
            $schools[] = [
                'code' => $code, 'ask' => $school['ask'], 'default' => $school['choices'][$school['default']]
                    ?? $school['default'], 'reason' => $school['reason'], 'chosen' => $me->clinic->schools[$code]
                    ?? null,
                'choices' => array_map(
                    static fn (string $c, string $text): array => ['code' => $c, 'text' => $text],
                    array_keys($school['choices']),
                    $school['choices'],
                ),
            ];
        }

        return $schools;
    }

    private static function say(Limit $limit): string
    {
        if (is_int($limit->value) && $limit->field === Field::LiftMaxG) {
            return Mass::say($limit->value);
        }

        return match (true) {
            $limit->value instanceof Word => $limit->value->label(),
            is_bool($limit->value) => $limit->value ? 'yes' : 'no',
            default => (string) $limit->value,
        };
    }
}
