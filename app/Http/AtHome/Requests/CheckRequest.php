<?php

declare(strict_types=1);

namespace App\Http\AtHome\Requests;

use App\Http\Clinic\Requests\DayRule;
use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Vocabulary\Sign;
use Illuminate\Validation\Rule;

/** The check before a session, as it was answered at home. */
final class CheckRequest extends HomeRequest
{
    private const DAYS_BACK = 60;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $today = $this->client()->clinic->today();
        $rules = [
            'key' => ['required', 'uuid'],
            'on' => ['required', DayRule::between($today->plus(-self::DAYS_BACK), $today, $today)],
            'repeat' => ['required', 'boolean'],
            'signs' => ['present', 'array', 'max:40'], 'signs.*' => ['string', Rule::enum(Sign::class), 'distinct'],
            'pain' => ['nullable', 'integer', 'between:0,10'],
            'numbers' => ['present', 'array', 'max:20'], 'seen' => ['present', 'array', 'max:20'],
        ];
        foreach (Vital::cases() as $vital) {
            $range = $vital->range();
            $rules['numbers.'.$vital->value] = ['nullable', 'numeric', "between:$range->min,$range->max"];
        }
        foreach (Seen::cases() as $seen) {
            $rules['seen.'.$seen->value] = ['nullable', 'boolean'];
        }

        return $rules;
    }

    /** @return array<string, int|float|bool> in the core's form */
    public function readings(): array
    {
        $readings = ['repeat' => $this->boolean('repeat')];
        foreach (Vital::cases() as $vital) {
            if ($vital !== Vital::Pain && $this->filled('numbers.'.$vital->value)) {
                $readings[$vital->value] = $this->float('numbers.'.$vital->value);
            }
        }
        foreach (Seen::cases() as $seen) {
            if ($this->filled('seen.'.$seen->value)) {
                $readings[$seen->value] = $this->boolean('seen.'.$seen->value);
            }
        }

        return $readings;
    }

    /** @return list<string> */
    public function signs(): array
    {
        return array_values(array_filter((array) $this->validated('signs'), is_string(...)));
    }

    public function pain(): ?int
    {
        return $this->whole('pain');
    }
}
