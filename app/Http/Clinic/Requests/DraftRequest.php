<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Needs\DailyGoals;
use Illuminate\Validation\Rule;

/** What a plan is to hold when it is drafted anew; without wishes it goes by those that are kept. */
final class DraftRequest extends ClinicRequest
{
    /** More than these nobody keeps in mind. */
    private const MOST = 12;

    /** A whole plan may be a template, and a little more. */
    private const MOST_PINS = 20;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $goals = array_map(static fn (Purpose $p): string => $p->value, DailyGoals::all());

        return [
            'revision' => ['required', 'integer'],
            'keep' => ['boolean'],
            'wishes' => ['nullable', 'array'],
            'wishes.goals' => ['present_with:wishes', 'array', 'max:'.self::MOST],
            'wishes.goals.*' => ['string', 'distinct', Rule::in($goals)],
            'wishes.pin' => ['present_with:wishes', 'array', 'max:'.self::MOST_PINS],
            'wishes.pin.*' => ['string', 'distinct', 'max:80'],
            'wishes.exclude' => ['present_with:wishes', 'array', 'max:40'],
            'wishes.exclude.*' => ['string', 'distinct', 'max:80'],
            'wishes.max_exercises' => ['nullable', 'integer', 'between:1,'.Drafter::MOST_ITEMS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'wishes.goals.*' => 'Choose goals from the list, '.self::MOST.' at most.',
            'wishes.pin.*' => 'Choose exercises from the list, '.self::MOST_PINS.' at most.',
            'wishes.exclude.*' => 'Choose what to leave out from the list.',
            'wishes.max_exercises.*' => sprintf(
                'From 1 to %d exercises, for example 6; leave it empty to let the minutes decide.', Drafter::MOST_ITEMS,
            ),
        ];
    }

    /** @return array<string, mixed>|null in the core's open form; null where nothing was said */
    public function wishes(): ?array
    {
        $wishes = $this->validated('wishes');
        if (! is_array($wishes)) {
            return null;
        }
        $most = $wishes['max_exercises'] ?? null;

        return [
            'goals' => $wishes['goals'], 'pin' => $wishes['pin'], 'exclude' => $wishes['exclude'],
            'max_exercises' => is_numeric($most) ? (int) $most : null,
        ];
    }
}
