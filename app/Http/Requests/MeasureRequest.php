<?php

declare(strict_types=1);

namespace App\Http\Requests;

use BuoyantStep\Core\Units\Mass;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Results of one visit. Ranges per test are the core's; here only the shape. */
final class MeasureRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'measured_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:today', 'after:2000-01-01'],
            'results' => ['required', 'array', 'min:1', 'max:60'],
            'results.*.test' => ['required', 'string', 'max:40'],
            'results.*.side' => ['nullable', Rule::in(['left', 'right'])],
            'results.*.value' => ['nullable', 'numeric'],
            'results.*.second_value' => ['nullable', 'numeric', 'between:-60,120'],
            'results.*.family' => ['nullable', 'string', 'max:60'],
            'results.*.load_kg' => ['nullable', 'numeric'],
            'results.*.reps' => ['nullable', 'numeric'],
            'results.*.rir' => ['nullable', 'numeric'],
            'results.*.not_tested' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'measured_on.*' => 'The day of the tests must be a date up to today, for example 2026-11-25.',
            'results.required' => 'Enter at least one result.',
            'results.*.value.numeric' => 'Enter a number, for example 11.',
            'results.*.second_value.*' => 'Enter the fall in mmHg, for example 8.',
            'results.*.load_kg.numeric' => sprintf('Enter the load as a number, for example %s.', Mass::say(2500)),
            'results.*.reps.numeric' => 'Enter whole reps, for example 10.',
            'results.*.rir.numeric' => 'Enter the reps that were left, for example 3.',
        ];
    }

    /** @return list<array<string, mixed>> in the core's form: absent fields left out, loads in grams */
    public function rows(): array
    {
        $rows = [];
        foreach ((array) $this->validated('results') as $row) {
            $row = is_array($row) ? $row : [];
            $whole = static fn (mixed $v): int|float|null => is_numeric($v) ? ((float) $v === floor((float) $v) ? (int) $v : (float) $v) : null;
            $load = is_numeric($row['load_kg'] ?? null) ? (int) round((float) $row['load_kg'] * 1000) : null;
            $rows[] = array_filter([
                'test' => $row['test'] ?? null, 'side' => $row['side'] ?? null, 'value' => is_numeric($row['value'] ?? null) ? (float) $row['value'] : null,
                'second_value' => is_numeric($row['second_value'] ?? null) ? (float) $row['second_value'] : null,
                'family' => $row['family'] ?? null, 'load_g' => $load, 'reps' => $whole($row['reps'] ?? null), 'rir' => $whole($row['rir'] ?? null), 'not_tested' => $row['not_tested'] ?? null,
            ], static fn (mixed $v): bool => $v !== null);
        }

        return $rows;
    }
}
