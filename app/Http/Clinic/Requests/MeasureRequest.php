<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Units\Mass;
use Illuminate\Validation\Rule;

/** Results of one visit. Ranges per test are the core's; here only the shape. */
final class MeasureRequest extends ClinicRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'measured_on' => ['required', DayRule::past($this->today(), 20)],
            'key' => ['required', 'uuid'],
            'seen' => ['required', 'integer', 'between:0,'.PHP_INT_MAX],
            'results' => ['required', 'array', 'min:1', 'max:60'],
            'results.*.test' => ['required', 'string', 'max:40'],
            'results.*.side' => ['nullable', Rule::in(['left', 'right'])],
            'results.*.value' => ['nullable', 'numeric', 'between:-10000,100000'],
            'results.*.second_value' => ['nullable', 'numeric', 'between:-60,120'],
            'results.*.family' => ['nullable', 'string', 'max:60'],
            'results.*.load_kg' => ['nullable', 'numeric', 'between:-1000,10000'],
            'results.*.reps' => ['nullable', 'numeric', 'between:-1000,10000'],
            'results.*.rir' => ['nullable', 'numeric', 'between:-1000,10000'],
            'results.*.not_tested' => ['nullable', 'string', 'max:200'],
        ];
    }

    protected function decimals(): array
    {
        return ['results.*.value', 'results.*.second_value', 'results.*.load_kg'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'measured_on.required' => 'Enter the day of the tests.',
            'key.*' => 'This form has no key: load the page anew.',
            'seen.*' => 'This page does not say what it showed: load it anew.',
            'results.required' => 'Enter at least one result.',
            'results.*.side.*' => 'Choose the left or the right side.',
            'results.*.value.*' => 'Enter a number, for example 11.',
            'results.*.second_value.*' => 'Enter the fall in mmHg, for example 8.',
            'results.*.load_kg.*' => sprintf('Enter the load as a number, for example %s.', Mass::say(2500)),
            'results.*.reps.*' => 'Enter whole reps, for example 10.',
            'results.*.rir.*' => 'Enter the reps that were left, for example 3.',
        ];
    }

    /** @return list<array<string, mixed>> in the core's form: absent fields left out, loads in grams */
    public function rows(): array
    {
        $rows = [];
        foreach ((array) $this->validated('results') as $row) {
            $row = is_array($row) ? $row : [];
            $whole = static fn (mixed $v): int|float|null => is_numeric($v)
                ? ((float) $v === floor((float) $v) ? (int) $v : (float) $v)
                : null;
            $load = Mass::typed($row['load_kg'] ?? null)?->grams;
            $rows[] = array_filter([
                'test' => $row['test']
                    ?? null, 'side' => $row['side']
                    ?? null, 'value' => is_numeric($row['value'] ?? null)
                    ? (float) $row['value']
                    : null,
                'second_value' => is_numeric($row['second_value'] ?? null) ? (float) $row['second_value'] : null,
                'family' => $row['family']
                    ?? null, 'load_g' => $load, 'reps' => $whole($row['reps'] ?? null),
                'rir' => $whole($row['rir'] ?? null), 'not_tested' => $row['not_tested']
                ?? null,
            ], static fn (mixed $v): bool => $v !== null);
        }

        return $rows;
    }
}
