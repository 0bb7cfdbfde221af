<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Units\Mass;

/** Readings and symptoms before a session. What is empty is not known; nothing is guessed. */
final class GateRequest extends ClinicRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = [
            'key' => ['required', 'uuid'], 'symptoms' => ['present', 'array', 'max:40'],
            'symptoms.*' => ['string', 'max:60'], 'no_signs' => ['nullable', 'boolean'],
            'repeat' => ['required', 'boolean'],
        ];
        foreach (Vital::cases() as $vital) {
            $range = $vital->range();
            $rules[$vital->value] = ['nullable', 'numeric', "between:$range->min,$range->max"];
        }
        // Pain is kept as the whole number that was said.
        $rules[Vital::Pain->value] = ['nullable', 'integer', 'between:0,10'];
        foreach (Seen::cases() as $seen) {
            $rules[$seen->value] = ['nullable', 'in:yes,no'];
        }

        return $rules;
    }

    protected function decimals(): array
    {
        return array_column(Vital::cases(), 'value');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = ['key.*' => 'This form has no key: load the page anew.'];
        foreach (Vital::cases() as $vital) {
            $range = $vital->range();
            $messages["$vital->value.*"] = sprintf(
                'Not plausible: it must be from %s to %s. Read it again; if it stands, act by your local rules for an '
                    .'emergency.',
                $vital === Vital::Weight ? Mass::say($range->min * 1000) : $range->min,
                $vital === Vital::Weight ? Mass::say($range->max * 1000) : $range->max,
            );
        }

        $messages['pain.*'] = 'Pain goes from 0 to 10.';

        return $messages;
    }

    /** @return array<string, int|float|bool> */
    public function readings(): array
    {
        $readings = ['repeat' => $this->boolean('repeat')];
        foreach (Vital::cases() as $vital) {
            if ($vital !== Vital::Pain && $this->filled($vital->value)) {
                $readings[$vital->value] = $this->float($vital->value);
            }
        }
        foreach (Seen::cases() as $seen) {
            if ($this->filled($seen->value)) {
                $readings[$seen->value] = $this->string($seen->value)->value() === 'yes';
            }
        }

        return $readings;
    }

    /** @return list<string>|null null when nobody asked: nothing is ticked, "none of these" neither */
    public function symptoms(): ?array
    {
        $ticked = array_values(array_filter((array) $this->validated('symptoms'), is_string(...)));

        return $ticked === [] && ! $this->boolean('no_signs') ? null : $ticked;
    }
}
