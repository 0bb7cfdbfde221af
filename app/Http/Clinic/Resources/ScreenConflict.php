<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Editing\Conflict;
use App\Editing\StaleRecord;
use App\Models\Client;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Units\Phrase;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Two tabs changed one intake: what each of them says, field by field. */
final class ScreenConflict
{
    private const LABELS = [
        'given_name' => 'Given name', 'sex' => 'Sex', 'mass_unit' => 'Masses shown in',
        'body_mass_kg' => 'Body mass', 'height_cm' => 'Height, cm', 'due_date' => 'Due date',
        'birth_given_on' => 'Gave birth on',
        'birth_kind' => 'Birth', 'birth_symptoms' => 'Since the birth', 'insensate' => 'Skin that cannot feel',
        'usual' => 'Usual', 'weight_kg' => 'weight', 'conditions' => 'Condition', 'home' => 'Who is at home',
        'abilities' => 'What they can do', 'training_level' => 'Training', 'pain_school' => 'Pain ceiling',
        'supine_school' => 'Flat on the back',
        'bone_school' => 'Loading fragile bone', 'minutes' => 'Minutes a session',
        'treatment_days' => 'Days of treatment', 'best_time' => 'Best time of the day',
        'wants' => 'What they want to do again', 'clearance' => 'Clearance',
    ];

    /** @return array<string, string> */
    private static function labels(): array
    {
        $labels = self::LABELS;
        foreach ([Vital::Systolic, Vital::Diastolic, Vital::HeartRate, Vital::Saturation] as $vital) {
            $labels[$vital->value] = Phrase::within($vital->label());
        }

        return $labels;
    }

    public static function answer(StaleRecord $stale, Client $client, Request $request): RedirectResponse
    {
        $now = Client::query()->with(['clinic', 'conditions', 'clearances'])->findOrFail($client->id);
        $theirs = ScreenResource::form($now);
        $base = $request->input('base');
        $mine = [];
        foreach (array_keys($theirs) as $field) {
            $mine[$field] = $request->input($field);
        }

        return Conflict::answer(
            $stale, $now->clinic, $now->screen_version, is_array($base) ? self::named($base) : $theirs, $mine, $theirs,
            ['conditions' => 'code'], self::labels(),
        );
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<string, mixed>
     */
    public static function named(array $values): array
    {
        $named = [];
        foreach ($values as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }
}
