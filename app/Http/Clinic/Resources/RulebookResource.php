<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Actions\SetFigure;
use App\Http\Clinic\Requests\ProfileRequest;
use App\Models\ClinicFigure;
use App\Models\User;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Progress\Progression;
use BuoyantStep\Core\Progress\SchoolBook;
use DateTimeZone;

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
                        ?? $rule, 'field' => $limit->field->value,
                    'field_label' => $limit->field->label(), 'part' => $limit->scope->label(),
                    'value' => $limit->label(), 'says' => $limit->says, 'source' => $limit->source,
                    'can_set' => is_int($limit->value) && isset(ClinicFigures::RANGES[$limit->field->value]),
                    'clinic' => $figure === null
                        ? null
                        : ['value' => $figure->value, 'loosens' => $figure->loosens, 'reason' => $figure->reason],
                ];
            }
        }

        return [
            'schools' => self::schools($me), 'rows' => $rows, 'can_set' => $me->role === 'lead',
            'mass_unit' => $me->clinic->mass_unit->value, 'mass_units' => Options::units(),
            'profile' => [
                'name' => $me->clinic->name, 'address' => $me->clinic->address ?? '',
                'phone' => $me->clinic->phone ?? '', 'emergency_phone' => $me->clinic->emergency_phone ?? '',
                'timezone' => $me->clinic->timezone, 'locale' => $me->clinic->locale,
            ],
            'words_read' => $me->clinic->hasReadWords(),
            'zones' => DateTimeZone::listIdentifiers(), 'locales' => ProfileRequest::locales(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function schools(User $me): array
    {
        $schools = [];
        foreach (Progression::questions(SchoolBook::all()) as $code => $school) {
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
}
