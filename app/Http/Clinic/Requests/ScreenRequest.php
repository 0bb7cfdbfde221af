<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use App\Http\Clinic\Resources\OwnLimitResource;
use App\Models\Client;
use App\Rows\Abilities;
use BuoyantStep\Core\Client\BirthKind;
use BuoyantStep\Core\Client\BirthSymptom;
use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FloorTransfer;
use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\Home;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\Schools;
use BuoyantStep\Core\Client\Sex;
use BuoyantStep\Core\Client\Standing;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\OwnLimits;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Vocabulary\Side;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** The shape of an intake. What the figures mean together is the core's to judge. */
final class ScreenRequest extends ClinicRequest
{
    /**
     * A birth comes within six weeks of its date; a due date longer past was never looked at again. House convention.
     */
    private const OVERDUE_DAYS = 42;

    private const USUAL = [
        'sbp' => [50, 260], 'dbp' => [30, 160], 'heart_rate' => [25, 220], 'spo2' => [50, 100],
        'weight_kg' => [20, 350],
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $today = $this->today();

        return [
            // A new client comes with the key of its form, a known one with the version it was changed on.
            'key' => [$this->isMethod('POST') ? 'required' : 'nullable', 'uuid'],
            'version' => [$this->isMethod('POST') ? 'nullable' : 'required', 'integer', 'between:1,4000000000'],
            ...self::who($today),
            ...self::medicines(),
            ...self::conditions($today),
            ...self::abilities($today),
            ...self::practical($today),
        ];
    }

    /** @return array<string, mixed> */
    private static function who(Day $today): array
    {
        return [
            'given_name' => ['required', 'string', 'max:80'],
            'family_name' => ['required', 'string', 'max:80'],
            'birth_date' => ['required', DayRule::birth($today, Profile::MOST_YEARS)],
            'sex' => ['required', Rule::enum(Sex::class)],
            'mass_unit' => ['nullable', Rule::enum(MassUnit::class)],
            'body_mass_kg' => ['required', 'numeric', 'between:'.implode(',', Profile::MASS_KG)],
            'height_cm' => [
                'required', 'numeric', 'between:'.Profile::HEIGHT_MM[0] / 10 .','.Profile::HEIGHT_MM[1] / 10,
            ],
            'due_date' => [
                'nullable',
                DayRule::between(
                    $today->plus(-self::OVERDUE_DAYS), $today->plus(Profile::PREGNANCY_DAYS), $today->plus(120),
                    'After the birth, enter its day instead.',
                ),
            ],
            'birth_given_on' => ['nullable', DayRule::past($today, 70)],
            'birth_kind' => ['nullable', 'required_with:birth_given_on', Rule::enum(BirthKind::class)],
            'birth_symptoms' => ['nullable', 'array', 'max:10'],
            'birth_symptoms.*' => [Rule::enum(BirthSymptom::class)],
        ];
    }

    /** @return array<string, mixed> */
    private static function medicines(): array
    {
        return [
            'medicines' => ['nullable', 'array', 'max:20'],
            'medicines.*' => ['string', 'max:60'],
            'insensate' => ['nullable', 'array', 'max:20'],
            'insensate.*' => ['string', 'max:60'],
            'usual' => ['nullable', 'array'],
            ...array_combine(
                array_map(static fn (string $k): string => "usual.$k", array_keys(self::USUAL)),
                array_map(
                    static fn (array $r): array => ['nullable', 'numeric', "between:$r[0],$r[1]"],
                    array_values(self::USUAL),
                ),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function conditions(Day $today): array
    {
        return [
            'conditions' => ['present', 'array', 'max:60'],
            'conditions.*.code' => [
                'required',
                'string',
                'distinct',
                Rule::in(
                    array_map(static fn (ConditionAbout $a): string => $a->code, RuleBook::standard()->conditions()),
                ),
            ],
            'conditions.*.side' => ['nullable', Rule::enum(Side::class)],
            'conditions.*.since' => ['nullable', DayRule::around($today, Profile::MOST_YEARS, 2)],
            'conditions.*.until' => ['nullable', DayRule::around($today, Profile::MOST_YEARS, 20)],
            'conditions.*.details' => ['present', 'array', 'max:20'],
            'conditions.*.details.*' => ['string', 'max:60'],
            'conditions.*.numbers' => ['nullable', 'array:lift_kg,count'],
            'conditions.*.numbers.lift_kg' => ['nullable', 'numeric', 'between:0.1,50'],
            'conditions.*.numbers.count' => ['nullable', 'integer', 'between:0,1000'],
        ];
    }

    /** @return array<string, mixed> */
    private static function limbs(): array
    {
        $rules = ['abilities' => ['nullable', 'array:'.implode(',', array_keys(Abilities::FIELDS))]];
        foreach (Abilities::FIELDS as $field => $words) {
            $rules["abilities.$field"] = ['nullable', $words === null ? Rule::in(['yes', 'no']) : Rule::enum($words)];
        }

        return $rules;
    }

    /** @return array<string, mixed> */
    private static function abilities(Day $today): array
    {
        $grip = ['nullable', Rule::enum(Grip::class)];

        return [
            'grip_left' => $grip,
            'grip_right' => $grip,
            'standing' => ['nullable', Rule::enum(Standing::class)],
            'floor_transfer' => ['nullable', Rule::enum(FloorTransfer::class)],
            'home' => ['nullable', Rule::enum(Home::class)],
            ...self::limbs(),
            'training_level' => ['nullable', Rule::enum(TrainingLevel::class)],
            'training_since' => ['nullable', DayRule::past($today, 100)],
            'usual_pain' => ['nullable', 'integer', 'between:0,10'],
            'pain_where' => ['nullable', 'string', 'max:200'],
            'pain_school' => ['nullable', Rule::in(Schools::choices('pain'))],
            'supine_school' => ['nullable', Rule::in(Schools::choices('pregnancy_supine'))],
            'bone_school' => ['nullable', Rule::in(Schools::choices('fragile_bone'))],
        ];
    }

    /** @return array<string, mixed> */
    private static function practical(Day $today): array
    {
        return [
            'days' => ['required', 'array', 'min:1', 'max:7'],
            'days.*' => ['integer', 'between:1,7', 'distinct'],
            'treatment_days' => ['nullable', 'array', 'max:7'],
            'treatment_days.*' => ['integer', 'between:1,7', 'distinct'],
            'best_time' => ['nullable', 'string', 'max:80'],
            'minutes' => ['required', 'integer', 'between:5,120'],
            'aim' => ['required', Rule::enum(Aim::class)],
            'structure' => ['required', Rule::enum(Structure::class)],
            'wants' => ['nullable', 'string', 'max:300'],
            'clearance' => ['nullable', 'array'],
            'clearance.given_by' => ['required_with:clearance.limits.0', 'nullable', 'string', 'max:120'],
            'clearance.given_on' => ['required_with:clearance.given_by', 'nullable', DayRule::past($today, 10)],
            'clearance.until' => ['nullable', DayRule::around($today, 10, 20)],
            'clearance.restrictions' => ['nullable', 'string', 'max:500'],
            'clearance.limits' => ['nullable', 'array', 'max:20'],
            'clearance.limits.*.field' => ['required', Rule::in(array_column(OwnLimits::fields(), 'value'))],
            'clearance.limits.*.value' => ['required', 'string', 'max:40'],
            'clearance.limits.*.part' => [
                'required', Rule::in(array_map(OwnLimitResource::code(...), OwnLimitResource::parts())),
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'key.*' => 'This form has no key: load the page anew.',
            'version.*' => 'This page does not say which state it was made from: load it anew.',
            'given_name.required' => 'Enter a given name.',
            'family_name.required' => 'Enter a family name.',
            'birth_date.required' => 'Enter the birth date as year-month-day, for example 1944-03-02.',
            'sex.*' => 'Choose female, male or other: the norms depend on it.',
            'body_mass_kg.*' => sprintf(
                'Body mass must be from %s to %s, for example %s.', Mass::say(Profile::MASS_KG[0] * 1000),
                Mass::say(Profile::MASS_KG[1] * 1000), Mass::say(68_500),
            ),
            'height_cm.*' => 'Height must be from 90 to 230 cm, for example 165.',
            'birth_kind.*' => 'Choose how the birth was: vaginal or caesarean.',
            'usual.*.*' => 'This usual value is not plausible; leave it empty when it is not known.',
            'conditions.*.code.distinct' => 'This condition is entered twice.',
            'conditions.*.code.*' => 'There are no rules for this condition yet.',
            'conditions.*.numbers.lift_kg.*' => sprintf(
                'An ordered lift limit is from %s to %s, for example %s; leave it empty when none was given.',
                Mass::say(100),
                Mass::say(50_000),
                Mass::say(4500),
            ),
            'conditions.*.numbers.count.*' => 'A count is a whole number from 0 to 1000, for example 45; leave it '
                .'empty when it is not known.',
            'mass_unit.*' => 'Choose kg or lb, or the clinic\'s unit.',
            'days.*' => 'Choose at least one day.',
            'treatment_days.*' => 'Choose days of the week, each once.',
            'best_time.*' => 'In 80 letters at most, for example: one hour after the morning tablet.',
            'minutes.*' => 'Minutes must be from 5 to 120, for example 30.',
            'usual_pain.*' => 'Pain goes from 0 to 10.',
            'clearance.given_by.required_with' => 'Say who wrote the letter, for example: Dr Amari.',
            'clearance.limits.*.field.*' => 'Choose what to limit.',
            'clearance.limits.*.value.*' => 'Enter the limit, for example 5.',
            'clearance.limits.*.part.*' => 'Choose which part of the body it is for.',
            'clearance.given_on.required_with' => 'Enter the day the clearance was given, for example 2026-11-20.',
        ];
    }

    protected function decimals(): array
    {
        return ['body_mass_kg', 'height_cm', 'usual.*', 'conditions.*.numbers.*'];
    }

    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        // Values come as text; what is empty is not known, and numbers are kept as numbers.
        $usual = array_map(
            static fn (mixed $v): mixed => is_numeric($v) ? (float) $v : ($v === '' ? null : $v),
            (array) $this->input('usual', []),
        );
        // A comma with nothing behind it is no medicine.
        $medicines = array_values(
            array_filter((array) $this->input('medicines', []), static fn (mixed $m): bool => $m !== null && $m !== ''),
        );
        $this->merge(['usual' => $usual === [] ? null : $usual, 'medicines' => $medicines]);
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
                self::runsForward(
                    $validator, "conditions.$i.until", $condition['since'] ?? null, $condition['until'] ?? null,
                );
                $this->confirmsNothing($validator, (int) $i, $condition['code'], $condition['details'] ?? null);
            }
            self::runsForward(
                $validator, 'clearance.until', $this->input('clearance.given_on'), $this->input('clearance.until'),
            );
        });
    }

    private static function runsForward(Validator $validator, string $field, mixed $from, mixed $to): void
    {
        // Both are written year-month-day by now, or have their own error.
        if (is_string($from) && is_string($to) && $to < $from) {
            $validator->errors()->add($field, 'The end lies before the start; give a later day or leave it empty.');
        }
    }

    /** What only a word on Limits may say comes back with the form as it was stored, and never from anywhere else. */
    private function confirmsNothing(Validator $validator, int $i, string $code, mixed $details): void
    {
        $client = $this->route('client');
        $stored = $client instanceof Client ? $client->conditions->firstWhere('code', $code)->details ?? [] : [];
        $words = array_filter(
            [Condition::END_CONFIRMED, Condition::FIRST_BLOCK_DONE, RuleBook::standard()->opening($code)?->opensBy],
        );
        $sent = array_filter(is_array($details) ? $details : [], is_string(...));
        if (array_diff(array_intersect($words, $sent), $stored) !== []) {
            $validator->errors()->add(
                "conditions.$i.details", 'What may loosen is confirmed on Limits, with what you found.',
            );
        }
    }
}
