<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Actions\DraftPlan;
use App\Actions\IssuePlan;
use App\Actions\IssueReasons;
use App\Actions\LogSession;
use App\Actions\RecordMeasures;
use App\Actions\SaveKit;
use App\Actions\SaveScreen;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use App\Models\User;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A small clinic to test with, filled through the application's own actions. */
final class Scene
{
    public readonly User $user;

    public function __construct(string $clinic = 'Test Clinic')
    {
        $home = Clinic::query()->create(['name' => $clinic, 'timezone' => 'UTC']);
        $this->user = User::query()->create(
            [
                'clinic_id' => $home->id, 'name' => 'T. Clinician', 'email' => Str::slug($clinic).'@clinic.example',
                'password' => 'secret-pass', 'role' => 'clinician',
            ],
        )->load('clinic');
    }

    /**
     * The intake form as the page sends it.
     *
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    public static function form(array $with = []): array
    {
        return [
            'key' => (string) Str::uuid(),
            'given_name' => 'Ada',
            'family_name' => 'Mole',
            'birth_date' => '1948-05-01',
            'sex' => 'female',
            'body_mass_kg' => '66.5',
            'height_cm' => '165',
            'due_date' => '',
            'birth_given_on' => '',
            'birth_kind' => '',
            'birth_symptoms' => [],
            'medicines' => [],
            'insensate' => [],
            'usual' => [],
            'conditions' => [],
            'grip_left' => 'fair',
            'grip_right' => 'fair',
            'standing' => 'free',
            'floor_transfer' => 'alone',
            'home' => 'someone_home',
            'training_level' => 'returning',
            'training_since' => '',
            'usual_pain' => '1',
            'pain_where' => '',
            'pain_school' => '',
            'supine_school' => '',
            'bone_school' => '',
            'days' => [2, 5],
            'minutes' => '40',
            'aim' => 'strength',
            'structure' => 'circuit',
            'wants' => '',
            'clearance' => ['given_by' => '', 'given_on' => '', 'until' => '', 'restrictions' => ''],
            ...$with,
        ];
    }

    /** @param  array<string, mixed>  $with */
    public function client(array $with = []): Client
    {
        $form = array_map(static fn (mixed $v): mixed => $v === '' ? null : $v, self::form($with));

        return app(SaveScreen::class)->run(null, $this->user, $form);
    }

    /** @param  array<string, mixed>  $with */
    public function measured(array $with = []): Client
    {
        $client = $this->client($with);
        app(SaveKit::class)->run($client, $this->user, [
            [
                'label' => 'Half-litre bottle', 'mass_g' => 520, 'count' => 12, 'grip' => 'power', 'holdable' => true,
                'packable' => true, 'plate' => false, 'weighed' => true,
            ],
            [
                'label' => 'Can', 'mass_g' => 480, 'count' => 8, 'grip' => 'power', 'holdable' => true,
                'packable' => true, 'plate' => false, 'weighed' => true,
            ],
        ], [
            [
                'label' => 'Tote', 'mass_g' => 150, 'count' => 2, 'max_mass_g' => 12000, 'max_pieces' => 12,
                'grip' => 'hook', 'plates' => false,
            ],
        ]);
        $rows = [
            ['test' => 'chair_stand_30s', 'value' => 12],
            ['test' => 'tandem_stand', 'value' => 10],
            ['test' => 'one_leg_stand', 'side' => 'left', 'value' => 12],
            ['test' => 'one_leg_stand', 'side' => 'right', 'value' => 14],
        ];
        foreach (['seat_rise', 'tote_row', 'hinge', 'curl', 'suitcase_carry'] as $family) {
            $rows[] = ['test' => 'easy_set', 'family' => $family, 'load_g' => 3300, 'reps' => 9, 'rir' => 2];
        }
        app(RecordMeasures::class)->run($client, $this->user, $rows, (string) $this->user->clinic->today());

        return $client->refresh();
    }

    public function drafted(array $with = []): Plan
    {
        return app(DraftPlan::class)->run($this->measured($with), $this->user)->load('items', 'client.clinic');
    }

    public function issued(array $with = []): Plan
    {
        $plan = $this->drafted($with);

        return app(IssuePlan::class)->run(
            $plan->client, $this->user, $plan->revision, new IssueReasons(clearance: 'Asked for by letter.'),
        )->load('items', 'client.clinic');
    }

    /** Logs a session in which every set reached the top of its range at the top effort. */
    public function goodSession(Plan $plan, string $on, array $with = []): SessionLog
    {
        return app(
            LogSession::class,
        )->run(Client::query()->with('clinic')->findOrFail($plan->client_id), $this->user, $plan, (string) Str::uuid(),
            [
                'done_on' => $on,
                'pain_before' => 0,
                'pain_next_morning' => 0,
                'stop_sign' => null,
                'skipped' => null,
                'note' => null,
                ...$with,
            ], $plan->items->map(
                static fn (PlanItem $i): array => ['item' => $i->id, 'pain_during' => 0, 'sets' => self::top($i)],
            )->values()->all());
    }

    /** @return list<array<string, mixed>> */
    private static function top(PlanItem $item): array
    {
        $kind = array_values(array_intersect(['reps', 'seconds', 'hold', 'steps'], array_keys($item->dose)))[0];
        $sets = [];
        foreach (range(1, $item->dose['sets']) as $_) {
            foreach ($item->sides as $side) {
                $sets[] = array_filter(
                    [
                        $kind => $item->dose[$kind]['hi'], 'load_g' => $item->dose['load_g'] ?? null,
                        'effort' => (float) $item->dose['effort']['hi'], 'side' => $side,
                    ],
                    static fn (mixed $v): bool => $v !== null,
                );
            }
        }

        return $sets;
    }

    /**
     * The page as it went out: read from the answer itself, with its masses in the reader's unit.
     *
     * @return array<string, mixed>
     */
    public static function page(TestResponse $response): array
    {
        $sent = Str::between((string) $response->getContent(), 'type="application/json">', '</script>');

        return (array) json_decode($sent, false, 512, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> what the page of an answer received */
    public static function props(TestResponse $response): array
    {
        $response->assertOk();

        return json_decode((string) json_encode(self::page($response)['props']), true);
    }
}
