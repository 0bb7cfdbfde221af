<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Gate\Readings;

/** Readings and symptoms before a session. What is empty is not known; nothing is guessed. */
final class GateRequest extends ClinicRequest
{
    private const FLAGS = ['irregular_pulse', 'unwell', 'slept_badly', 'skin_ok', 'limb_change'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = [
            'key' => ['required', 'uuid'], 'symptoms' => ['present', 'array', 'max:40'],
            'symptoms.*' => ['string', 'max:60'], 'pain' => ['nullable', 'integer', 'between:0,10'],
            'repeat' => ['required', 'boolean'],
        ];
        foreach (Readings::RANGES as $key => [$min, $max]) {
            $rules[$key] = ['nullable', 'numeric', "between:$min,$max"];
        }
        foreach (self::FLAGS as $flag) {
            $rules[$flag] = ['nullable', 'in:yes,no'];
        }

        return $rules;
    }

    protected function decimals(): array
    {
        return array_keys(Readings::RANGES);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = ['key.*' => 'This form has no key: load the page anew.', 'pain.*' => 'Pain goes from 0 to 10.'];
        foreach (Readings::RANGES as $key => [$min, $max]) {
            $messages["$key.*"] = sprintf(
                'Not plausible: it must be from %s to %s. Read it again; if it stands, act by your local rules for an '
                    .'emergency.',
                $min,
                $max,
            );
        }

        return $messages;
    }

    /** @return array<string, int|float|bool> */
    public function readings(): array
    {
        $readings = ['repeat' => $this->boolean('repeat')];
        foreach (array_keys(Readings::RANGES) as $key) {
            if ($this->filled($key)) {
                $readings[$key] = $this->float($key);
            }
        }
        foreach (self::FLAGS as $flag) {
            if ($this->filled($flag)) {
                $readings[$flag] = $this->string($flag)->value() === 'yes';
            }
        }

        return $readings;
    }

    /** @return list<string> */
    public function symptoms(): array
    {
        return array_values(array_filter((array) $this->validated('symptoms'), is_string(...)));
    }
}
