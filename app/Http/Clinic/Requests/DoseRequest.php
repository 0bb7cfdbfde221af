<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Span;
use Closure;

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
            'reason' => ['nullable', 'string', 'max:500'],
            'confirmed' => ['nullable', 'boolean'],
        ];
    }

    protected function decimals(): array
    {
        return ['load_kg'];
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
            'load_kg.*' => sprintf('The load must be a number, for example %s.', Mass::say(2500)),
        ];
    }

    /**
     * What was typed, over the dose it was typed on: whatever that one counts, and its tempo, stay.
     *
     * @return Closure(Dose): Dose
     */
    public function typed(): Closure
    {
        $load = $this->validated('load_kg');

        return fn (Dose $now): Dose => new Dose(
            sets: $this->integer('sets'), kind: $now->kind,
            amount: new Span($this->integer('amount_lo'), $this->integer('amount_hi')),
            effort: new Span($this->integer('effort_lo'), $this->integer('effort_hi')),
            loadG: Mass::typed($load)?->grams,
            per: $now->per, restS: $this->integer('rest_s'), tempo: $now->tempo, daysAWeek: $now->daysAWeek,
            holdS: $now->holdS,
        );
    }
}
