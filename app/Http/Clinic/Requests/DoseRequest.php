<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Tempo;
use Closure;
use Illuminate\Contracts\Validation\Validator as Failing;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A dose typed by a clinician. Whether it may be given is the core's to say. */
final class DoseRequest extends ClinicRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'sets' => ['required', 'integer', 'between:1,'.Dose::MAX_SETS],
            'amount_lo' => ['required', 'integer', 'between:1,'.Dose::MAX_AMOUNT],
            'amount_hi' => ['required', 'integer', 'between:1,'.Dose::MAX_AMOUNT, 'gte:amount_lo'],
            'effort_lo' => ['required', 'integer', 'between:0,10'],
            'effort_hi' => ['required', 'integer', 'between:0,10', 'gte:effort_lo'],
            'rest_s' => ['required', 'integer', 'between:0,900'],
            'load_kg' => ['nullable', 'numeric', 'between:0.001,200'],
            'pull_kg' => ['nullable', 'numeric', 'between:0.05,100'],
            'kind' => ['nullable', Rule::enum(DoseKind::class)],
            'apart' => ['nullable', 'boolean'],
            'left_lo' => ['nullable', 'integer', 'between:1,'.Dose::MAX_AMOUNT],
            'left_hi' => ['nullable', 'integer', 'between:1,'.Dose::MAX_AMOUNT, 'gte:left_lo'],
            'right_lo' => ['nullable', 'integer', 'between:1,'.Dose::MAX_AMOUNT],
            'right_hi' => ['nullable', 'integer', 'between:1,'.Dose::MAX_AMOUNT, 'gte:right_lo'],
            'left_load_kg' => ['nullable', 'numeric', 'between:0.001,200'],
            'right_load_kg' => ['nullable', 'numeric', 'between:0.001,200'],
            'tempo' => ['nullable', 'string', 'max:20'],
            'hold_s' => ['nullable', 'integer', 'between:1,'.Dose::MAX_HOLD_S],
            'pause_s' => ['nullable', 'integer', 'between:1,'.Dose::MAX_PAUSE_S],
            'reason' => ['nullable', 'string', 'max:500'],
            'confirmed' => ['nullable', 'boolean'],
        ];
    }

    protected function decimals(): array
    {
        return ['load_kg', 'pull_kg', 'left_load_kg', 'right_load_kg'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sets.*' => sprintf('Sets must be from 1 to %d, for example 2.', Dose::MAX_SETS),
            'amount_lo.*' => sprintf('The lower number must be from 1 to %d, for example 8.', Dose::MAX_AMOUNT),
            'amount_hi.*' => sprintf(
                'The higher number must be from the lower one to %d, for example 12.', Dose::MAX_AMOUNT,
            ),
            'effort_lo.*' => 'RPE goes from 0 to 10, for example 4.',
            'effort_hi.*' => 'The higher RPE must be from the lower one to 10, for example 6.',
            'rest_s.*' => 'Rest must be from 0 to 900 s, for example 60.',
            'hold_s.*' => sprintf('A hold in each rep is from 1 to %d s, for example 10.', Dose::MAX_HOLD_S),
            'pause_s.*' => sprintf('A rest inside a set is from 1 to %d s, for example 5.', Dose::MAX_PAUSE_S),
            ...array_fill_keys(
                ['load_kg.*', 'left_load_kg.*', 'right_load_kg.*'],
                sprintf('The load must be a number, for example %s.', Mass::say(2500)),
            ),
            'pull_kg.*' => sprintf('The pull is what a luggage scale shows, for example %s.', Mass::say(2500)),
            'kind.*' => 'Choose what is counted from the list.',
            ...array_fill_keys(
                ['left_lo.*', 'right_lo.*'],
                sprintf('The lower number of a side must be from 1 to %d, for example 8.', Dose::MAX_AMOUNT),
            ),
            ...array_fill_keys(
                ['left_hi.*', 'right_hi.*'],
                sprintf(
                    'The higher number of a side must be from the lower one to %d, for example 12.', Dose::MAX_AMOUNT,
                ),
            ),
        ];
    }

    /**
     * What was typed, over the dose it was typed on: what it counts stays, and what was not sent.
     *
     * @return Closure(Dose): Dose
     */
    public function typed(): Closure
    {
        return fn (Dose $now): Dose => $this->boolean('apart')
            ? Dose::joined($this->of($now, 'left_'), $this->of($now, 'right_'))
            : $this->of($now, '');
    }

    /** Of one side where the sides differ: what was left empty there is as on both. */
    private function of(Dose $now, string $side): Dose
    {
        $kind = $this->enum('kind', DoseKind::class) ?? $now->kind;
        $own = static fn (string $field): string => $side === '' ? 'amount_'.$field : $side.$field;
        $amount = fn (string $end): int => $this->integer($this->filled($own($end)) ? $own($end) : 'amount_'.$end);
        $load = $this->grams($side.'load_kg');
        $band = $now->pullN !== null || $this->filled('pull_kg');
        $pull = $this->grams('pull_kg');
        if ($side !== '') {
            [$pull, $load] = $band ? [$load ?? $pull, null] : [null, $load ?? $this->grams('load_kg')];
        }

        return new Dose(
            sets: $this->integer('sets'), kind: $kind,
            amount: new Span($amount('lo'), max($amount('lo'), $amount('hi'))),
            effort: new Span($this->integer('effort_lo'), $this->integer('effort_hi')),
            loadG: $load, per: $now->per, restS: $this->integer('rest_s'),
            tempo: $kind !== DoseKind::Reps ? '' : ($this->has('tempo') ? $this->tempo() : $now->tempo),
            daysAWeek: $now->daysAWeek,
            holdS: $kind === DoseKind::Reps ? $this->seconds('hold_s', $now->holdS) : null,
            pauseS: $this->seconds('pause_s', $now->pauseS),
            pullN: $pull === null ? null : max(1, Gravity::newtonsOf($pull)),
        );
    }

    private function grams(string $field): ?int
    {
        return Mass::typed($this->validated($field))?->grams;
    }

    private function tempo(): string
    {
        $typed = $this->string('tempo')->trim()->value();

        return $typed === '' ? '' : (string) Tempo::read($typed);
    }

    private function seconds(string $field, ?int $now): ?int
    {
        return ! $this->has($field) ? $now : ($this->filled($field) ? $this->integer($field) : null);
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            try {
                $this->tempo();
            } catch (InvalidInput $e) {
                $validator->errors()->add('tempo', $e->getMessage());
            }
        });
    }

    /** A dose that is only tried out while it is typed is answered, whatever it is: nothing went wrong. */
    protected function failedValidation(Failing $validator): void
    {
        if ($this->isMethod('GET')) {
            throw new HttpResponseException(response()->json([
                'errors' => collect($validator->errors()->keys())->mapWithKeys(
                    static fn (string $field): array => [$field => $validator->errors()->first($field)],
                )->all(),
                'asks' => '', 'minutes' => null, 'budget' => null, 'makes' => null,
            ]));
        }
        parent::failedValidation($validator);
    }
}
