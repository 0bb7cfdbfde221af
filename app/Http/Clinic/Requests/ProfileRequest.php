<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use Illuminate\Validation\Rule;

/** Who the clinic is, as it stands on what it hands out. */
final class ProfileRequest extends ClinicRequest
{
    private const FIELDS = ['name', 'address', 'phone', 'emergency_phone', 'timezone', 'locale'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $phone = ['nullable', 'string', 'max:40', 'regex:/^[0-9+()\\/. -]{2,40}$/'];

        return [
            'name' => ['required', 'string', 'max:120'],
            'address' => ['nullable', 'string', 'max:200'],
            'phone' => $phone,
            'emergency_phone' => $phone,
            'timezone' => ['required', 'timezone:all'],
            'locale' => ['required', Rule::in(self::locales())],
            'seen' => ['required', 'array'],
            'seen.*' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return list<string> languages that the sheet has words in */
    public static function locales(): array
    {
        return array_map(basename(...), glob(lang_path('*'), GLOB_ONLYDIR) ?: []);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Enter the name of the clinic, in 120 letters at most.',
            'address.*' => 'The address takes 200 letters at most.',
            'phone.*' => 'A telephone number has digits, blanks and + ( ) / . - alone, for example +32 2 555 01 23.',
            'emergency_phone.*' => 'A telephone number has digits, blanks and + ( ) / . - alone, for example 112.',
            'timezone.*' => 'Choose a time zone, for example Europe/Brussels.',
            'locale.*' => 'Choose one of the languages listed.',
            'seen.*' => 'This page does not say what it was made from: load it anew.',
        ];
    }

    /** @return array<string, string|null> */
    public function profile(): array
    {
        $profile = [];
        foreach (self::FIELDS as $field) {
            $profile[$field] = $this->filled($field) ? trim($this->string($field)->value()) : null;
        }

        return $profile;
    }

    /** @return array<string, string|null> */
    public function seen(): array
    {
        $seen = [];
        foreach (self::FIELDS as $field) {
            $value = $this->input('seen.'.$field);
            $seen[$field] = is_string($value) ? $value : null;
        }

        return $seen;
    }
}
