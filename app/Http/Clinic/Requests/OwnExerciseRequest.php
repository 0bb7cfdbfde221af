<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Support;
use Illuminate\Validation\Rule;

/** A copy of a family as it is typed: its words, its pictures, what it asks. Whether it fits is the core's. */
final class OwnExerciseRequest extends ClinicRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $text = ['required', 'string', 'min:3', 'max:300'];

        return [
            'copied_from' => ['required', 'string', 'max:60'],
            'name' => ['required', 'string', 'min:3', 'max:80'],
            'purpose' => $text,
            'words' => ['nullable', 'string', 'max:600'],
            'reason' => ['nullable', 'string', 'max:300'],
            'version' => ['required', 'integer', 'between:0,4000000000'],
            'rungs' => ['required', 'array', 'max:12'],
            'rungs.*.code' => ['required', 'string', 'max:60', 'distinct'],
            'rungs.*.use' => ['required', 'boolean'],
            'rungs.*.name' => $text, 'rungs.*.step' => $text, 'rungs.*.set_up' => $text,
            'rungs.*.cues' => $text, 'rungs.*.mistakes' => $text,
            'rungs.*.too_hard_if' => $text, 'rungs.*.too_easy_if' => $text, 'rungs.*.feel' => $text,
            'rungs.*.seconds_per_unit' => ['required', 'numeric', 'between:0.2,60'],
            'rungs.*.start_pose' => ['nullable', 'string', 'max:140'],
            'rungs.*.end_pose' => ['nullable', 'string', 'max:140'],
            'rungs.*.impact' => ['required', 'integer', 'between:0,3'],
            'rungs.*.balance' => ['required', 'integer', 'between:0,4'],
            'rungs.*.spine_load' => ['required', Rule::enum(SpineLoad::class)],
            'rungs.*.breath' => ['required', Rule::enum(BreathTemptation::class)],
            'rungs.*.usual_support' => ['required', Rule::enum(Support::class)],
            'rungs.*.motions' => ['present', 'array', 'max:23'],
            'rungs.*.motions.*' => [Rule::enum(Motion::class)],
        ];
    }

    protected function decimals(): array
    {
        return ['rungs.*.seconds_per_unit'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give it a name of 3 to 80 letters, for example "Squat at the bath rail".',
            'purpose.*' => 'Say what it is for in a line.',
            'rungs.*.cues.*' => 'One cue a line, two to four.',
            'rungs.*.mistakes.*' => 'One mistake a line, two or three.',
            'rungs.*.impact.*' => 'Impact goes from 0 (none) to 3 (a jump), for example 1 for a heel drop.',
            'rungs.*.balance.*' => 'Balance goes from 0 (none) to 4 (one leg, nothing to hold), for example 2.',
            'rungs.*.seconds_per_unit.*' => 'Seconds from 0.2 to 60, for example 5.',
            'rungs.*.*.required' => 'This cannot be empty: write what the client needs to know.',
        ];
    }
}
