<?php

declare(strict_types=1);

namespace App\Http\Requests;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** The shape of an intake. What the figures mean together is the core's to judge. */
final class ScreenRequest extends FormRequest
{
    private const USUAL = ['sbp' => [50, 260], 'dbp' => [30, 160], 'heart_rate' => [25, 220], 'spo2' => [50, 100], 'weight_kg' => [20, 350]];

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $grip = ['nullable', Rule::in(['none', 'weak', 'fair', 'full'])];

        return [
            'given_name' => ['required', 'string', 'max:80'],
            'family_name' => ['required', 'string', 'max:80'],
            'birth_date' => ['required', 'date_format:Y-m-d', 'after:1905-01-01', 'before_or_equal:today'],
            'sex' => ['required', Rule::in(['female', 'male', 'other'])],
            'mass_unit' => ['nullable', Rule::enum(MassUnit::class)],
            'body_mass_kg' => ['required', 'numeric', 'between:'.implode(',', Profile::MASS_KG)],
            'height_cm' => ['required', 'numeric', 'between:'.Profile::HEIGHT_MM[0] / 10 .','.Profile::HEIGHT_MM[1] / 10],
            'due_date' => ['nullable', 'date_format:Y-m-d'],
            'birth_given_on' => ['nullable', 'date_format:Y-m-d', 'before_or_equal:today'],
            'birth_kind' => ['nullable', 'required_with:birth_given_on', Rule::in(['vaginal', 'caesarean'])],
            'birth_symptoms' => ['nullable', 'array', 'max:10'],
            'birth_symptoms.*' => ['string', Rule::in(['heaviness', 'leaking', 'doming', 'pain', 'symptom_free_screen'])],
            'medicines' => ['nullable', 'array', 'max:20'],
            'medicines.*' => ['string', 'max:60'],
            'insensate' => ['nullable', 'array', 'max:20'],
            'insensate.*' => ['string', 'max:60'],
            'usual' => ['nullable', 'array'],
            ...array_combine(array_map(static fn (string $k): string => "usual.$k", array_keys(self::USUAL)), array_map(static fn (array $r): array => ['nullable', 'numeric', "between:$r[0],$r[1]"], array_values(self::USUAL))),
            'conditions' => ['present', 'array', 'max:60'],
            'conditions.*.code' => ['required', 'string', 'distinct', Rule::in(array_map(static fn (ConditionAbout $a): string => $a->code, RuleBook::standard()->conditions()))],
            'conditions.*.side' => ['nullable', Rule::in(['left', 'right', 'both'])],
            'conditions.*.since' => ['nullable', 'date_format:Y-m-d'],
            'conditions.*.until' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:conditions.*.since'],
            'conditions.*.details' => ['present', 'array', 'max:20'],
            'conditions.*.details.*' => ['string', 'max:60'],
            'conditions.*.numbers' => ['nullable', 'array'],
            'conditions.*.numbers.lift_kg' => ['nullable', 'numeric', 'between:0.1,50'],
            'conditions.*.numbers.count' => ['nullable', 'integer', 'between:0,1000'],
            'grip_left' => $grip,
            'grip_right' => $grip,
            'standing' => ['nullable', Rule::in(['none', 'supported', 'free'])],
            'floor_transfer' => ['nullable', Rule::in(['none', 'helped', 'alone'])],
            'home' => ['nullable', Rule::in(['alone', 'someone_home', 'carer'])],
            'training_level' => ['nullable', Rule::in(['new', 'returning', 'trained'])],
            'training_since' => ['nullable', 'date_format:Y-m-d', 'before_or_equal:today'],
            'usual_pain' => ['nullable', 'integer', 'between:0,10'],
            'pain_where' => ['nullable', 'string', 'max:200'],
            'pain_school' => ['nullable', Rule::in(['none', 'up_to_3', 'up_to_5'])],
            'supine_school' => ['nullable', Rule::in(['from_16', 'from_20'])],
            'bone_school' => ['nullable', Rule::in(['moderate', 'light_many'])],
            'days' => ['required', 'array', 'min:1', 'max:7'],
            'days.*' => ['integer', 'between:1,7', 'distinct'],
            'minutes' => ['required', 'integer', 'between:5,120'],
            'aim' => ['required', Rule::in(['strength', 'endurance', 'learn'])],
            'structure' => ['required', Rule::in(['circuit', 'straight'])],
            'wants' => ['nullable', 'string', 'max:300'],
            'clearance' => ['nullable', 'array'],
            'clearance.given_by' => ['nullable', 'string', 'max:120'],
            'clearance.given_on' => ['required_with:clearance.given_by', 'nullable', 'date_format:Y-m-d', 'before_or_equal:today'],
            'clearance.until' => ['nullable', 'date_format:Y-m-d', 'after:clearance.given_on'],
            'clearance.restrictions' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'given_name.required' => 'Enter a given name.',
            'family_name.required' => 'Enter a family name.',
            'birth_date.*' => 'This birth date does not work; write it as year-month-day, for example 1944-03-02, up to today.',
            'sex.*' => 'Choose female, male or other: the norms depend on it.',
            'body_mass_kg.*' => sprintf('Body mass must be from %s to %s, for example %s.', Mass::say(Profile::MASS_KG[0] * 1000), Mass::say(Profile::MASS_KG[1] * 1000), Mass::say(68_500)),
            'height_cm.*' => 'Height must be from 90 to 230 cm, for example 165.',
            'due_date.*' => 'Write the due date as year-month-day, for example 2027-03-15.',
            'birth_given_on.*' => 'The day of the birth must be a date up to today, for example 2026-09-30.',
            'birth_kind.*' => 'Choose how the birth was: vaginal or caesarean.',
            'usual.*.*' => 'This usual value is not plausible; leave it empty when it is not known.',
            'conditions.*.code.distinct' => 'This condition is entered twice.',
            'conditions.*.until.after_or_equal' => 'The end lies before the start; give a later day or leave it empty.',
            'conditions.*.code.*' => 'There are no rules for this condition yet.',
            'conditions.*.since.*' => 'Write the date as year-month-day, for example 2026-09-01.',
            'conditions.*.until.*' => 'Write the date as year-month-day, for example 2026-12-01.',
            'conditions.*.numbers.lift_kg.*' => sprintf('An ordered lift limit is from %s to %s, for example %s; leave it empty when none was given.', Mass::say(100), Mass::say(50_000), Mass::say(4500)),
            'conditions.*.numbers.count.*' => 'A count is a whole number from 0 to 1000, for example 45; leave it empty when it is not known.',
            'mass_unit.*' => 'Choose kg or lb, or the clinic\'s unit.',
            'training_since.*' => 'Training cannot have begun after today; for example 2026-10-01.',
            'days.*' => 'Choose at least one day.',
            'minutes.*' => 'Minutes must be from 5 to 120, for example 30.',
            'usual_pain.*' => 'Pain goes from 0 to 10.',
            'clearance.given_on.*' => 'Enter the day the clearance was given, up to today, for example 2026-11-20.',
            'clearance.until.*' => 'The end must be after the day it was given.',
        ];
    }

    protected function prepareForValidation(): void
    {
        // Values come as text; what is empty is not known, and numbers are kept as numbers.
        $usual = array_map(static fn (mixed $v): mixed => is_numeric($v) ? (float) $v : ($v === '' ? null : $v), (array) $this->input('usual', []));
        $this->merge(['usual' => $usual === [] ? null : $usual]);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $sided = [];
            foreach (RuleBook::standard()->conditions() as $about) {
                $sided[$about->code] = $about->sided;
            }
            $conditions = $this->input('conditions', []);
            foreach (is_array($conditions) ? $conditions : [] as $i => $condition) {
                if (! is_array($condition) || ! is_string($condition['code'] ?? null)) {
                    continue;
                }
                if (($sided[$condition['code']] ?? false) && ($condition['side'] ?? null) === null) {
                    $validator->errors()->add("conditions.$i.side", 'Choose the side: left, right or both.');
                }
            }
        });
    }
}
