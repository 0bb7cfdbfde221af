<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Actions\AskAtHome;
use App\Editing\MassFields;
use App\Models\Client;
use App\Models\HomeIntake;
use App\Rows\Abilities;
use App\Rows\ConditionDetails;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Units\Mass;

/** The intake as a form: what is known, and what can be asked. */
final class ScreenResource
{
    /** @return array<string, mixed>|null the latest questions at home, with the answer and what is known now */
    private static function fromHome(Client $client): ?array
    {
        $intake = HomeIntake::query()->where('client_id', $client->id)->latest('id')->first();
        if ($intake === null) {
            return null;
        }
        $rows = [];
        foreach (AskAtHome::QUESTIONS as $field => $question) {
            $answer = $intake->answers[$field] ?? null;
            if (is_string($answer)) {
                $now = str_starts_with($field, 'condition:')
                    ? (
                        $client->conditions->contains('code', substr($field, strlen('condition:')))
                            ? 'yes'
                            : 'not entered'
                    )
                    : $client->getAttribute($field);
                $rows[] = [
                    'field' => $field,
                    'ask' => $question['ask'],
                    'answer' => $question['options'][$answer] ?? $answer,
                    'now' => is_scalar($now) ? str_replace('_', ' ', (string) $now) : '',
                    'decided' => $intake->decided[$field] ?? null,
                ];
            }
        }

        return ['id' => $intake->id, 'submitted' => $intake->submitted_at !== null, 'rows' => $rows];
    }

    /**
     * @param  list<string>  $details
     * @return array{details: list<string>, numbers: array<string, string>}
     */
    private static function details(array $details): array
    {
        $form = ConditionDetails::forForm($details);

        return ['details' => $form['details'], 'numbers' => $form['numbers']];
    }

    /**
     * The intake as the page edits and sends it; empty for a new client.
     *
     * @return array<string, mixed>
     */
    public static function form(?Client $client): array
    {
        return [
            'given_name' => $client->given_name ?? '',
            'family_name' => $client->family_name ?? '',
            'birth_date' => $client->birth_date ?? '',
            'sex' => $client->sex ?? '',
            'mass_unit' => $client->mass_unit->value ?? '',
            'body_mass_kg' => $client === null ? '' : (string) Mass::grams($client->body_mass_g)->kilograms(),
            'height_cm' => $client === null ? '' : (string) ($client->height_mm / 10),
            'due_date' => $client->due_date ?? '',
            'birth_given_on' => $client->birth_given_on ?? '',
            'birth_kind' => $client->birth_kind ?? '',
            'birth_symptoms' => $client->birth_symptoms ?? [],
            'medicines' => $client->medicines ?? [],
            'insensate' => $client->insensate ?? [],
            'usual' => array_map(
                static fn (string $k): string => (string) ($client->usual[$k] ?? ''),
                [
                    'sbp' => 'sbp', 'dbp' => 'dbp', 'heart_rate' => 'heart_rate', 'spo2' => 'spo2',
                    'weight_kg' => 'weight_kg',
                ],
            ),
            'conditions' => $client === null
                ? []
                : $client->conditions->map(
                    static fn ($c): array => [
                        'code' => $c->code, 'side' => $c->side ?? '', 'since' => $c->since ?? '',
                        'until' => $c->until ?? '', ...self::details($c->details),
                    ],
                )->values()->all(),
            ...self::abilities($client),
            ...self::practical($client),
        ];
    }

    /** @return array<string, mixed> */
    private static function abilities(?Client $client): array
    {
        return [
            'grip_left' => $client->grip_left ?? '',
            'grip_right' => $client->grip_right ?? '',
            'standing' => $client->standing ?? '',
            'floor_transfer' => $client->floor_transfer ?? '',
            'home' => $client->home ?? '',
            'abilities' => Abilities::form($client?->abilities),
            'training_level' => $client->training_level ?? '',
            'training_since' => $client->training_since ?? '',
            'usual_pain' => $client?->usual_pain === null ? '' : (string) $client->usual_pain,
            'pain_where' => $client->pain_where ?? '',
            'pain_school' => $client->pain_school ?? '',
            'supine_school' => $client->supine_school ?? '',
            'bone_school' => $client->bone_school ?? '',
        ];
    }

    /** @return array<string, mixed> */
    private static function practical(?Client $client): array
    {
        $clearance = $client?->clearances->first();

        return [
            'days' => $client->days ?? [2, 5],
            'treatment_days' => $client->treatment_days ?? [],
            'best_time' => $client->best_time ?? '',
            'minutes' => (string) ($client->minutes ?? 30),
            'aim' => $client->aim ?? Aim::Strength->value,
            'structure' => $client->structure ?? Structure::Circuit->value,
            'wants' => $client->wants ?? '',
            'clearance' => [
                'given_by' => $clearance->given_by ?? '', 'given_on' => $clearance->given_on ?? '',
                'until' => $clearance->until ?? '', 'restrictions' => $clearance->restrictions ?? '',
                'limits' => [],
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function of(?Client $client): array
    {
        $form = MassFields::shown(self::form($client));
        // An object also when it is empty: the page keeps typed numbers by name.
        $form['conditions'] = array_map(
            static fn (mixed $c): mixed => is_array($c) ? [...$c, 'numbers' => (object) ($c['numbers'] ?? [])] : $c,
            is_array($form['conditions']) ? $form['conditions'] : [],
        );

        return [
            'form' => $form,
            'version' => $client->screen_version ?? 0,
            'from_home' => $client === null ? null : self::fromHome($client),
            'options' => Options::screen(),
            'known' => array_map(ConditionDetails::asked(...), RuleBook::standard()->conditions()),
            ...OwnLimitResource::choices(),
        ];
    }
}
