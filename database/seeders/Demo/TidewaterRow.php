<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\AskAtHome;
use App\Actions\CheckGate;
use App\Actions\DecideProposal;
use App\Actions\DraftPlan;
use App\Actions\IssuePlan;
use App\Actions\LogSession;
use App\Actions\RecordMeasures;
use App\Actions\SaveKit;
use App\Actions\SaveScreen;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\ClinicFigure;
use App\Models\GatewayToken;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\User;
use BuoyantStep\Core\Kit\StarterKit;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Measures\ArmCurlNorm;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * The demo clinic, told through the same actions that the pages use, day by day: nothing in it that a clinician could
 * not have entered.
 *
 * @phpstan-import-type DemoClient from DemoClients
 * @phpstan-import-type BandFields from SaveKit
 */
final class TidewaterRow extends Seeder
{
    private CarbonImmutable $today;

    public function __construct(
        private readonly SaveScreen $screen,
        private readonly RecordMeasures $measures,
        private readonly SaveKit $kit,
        private readonly DraftPlan $draft,
        private readonly IssuePlan $issue,
        private readonly LogSession $log,
        private readonly DecideProposal $decide,
        private readonly CheckGate $gate,
        private readonly AskAtHome $ask,
    ) {
    }

    public function run(): void
    {
        $this->today = CarbonImmutable::now();
        $users = $this->people();
        ClinicFigure::query()->create(
            [
                'clinic_id' => $users[0]->clinic_id, 'user_id' => $users[1]->id, 'rule' => 'hypertension_controlled',
                'field' => 'rest_min_s', 'value' => 75, 'loosens' => false, 'reason' => 'Clinic protocol 4, March.',
            ],
        );
        GatewayToken::issue($users[0]->clinic, 'Device bench', DemoAccounts::GATEWAY_TOKEN);
        foreach (DemoClients::all() as $told) {
            $this->tell($told, $users[0]);
        }
        $this->tell(
            [...DemoClients::all()[3], 'name' => ['Yannick', 'Sorel'], 'plan' => 'draft', 'course' => []], $users[2],
        );
        $this->goTo(0);
        $halima = Client::query()->with('clinic')->where('given_name', 'Halima')->firstOrFail();
        $intake = $this->ask->find($this->ask->invite($halima, $users[0]));
        if ($intake !== null) {
            $this->ask->submit(
                $intake,
                [
                    'home' => 'someone_home', 'usual_pain' => '2', 'pain_where' => 'low back by the evening',
                    'condition:latex_allergy' => 'yes', 'wants' => 'carry the baby seat',
                ],
            );
        }
        $ilse = Client::query()->with('clinic')->where('given_name', 'Ilse')->firstOrFail();
        $this->gate->run($ilse, $users[0], ['sbp' => 182, 'dbp' => 94, 'heart_rate' => 74, 'repeat' => false], [], 1);
        Date::setTestNow();
    }

    /** @return list<User> */
    private function people(): array
    {
        $users = [];
        foreach (DemoAccounts::all() as [$clinic, $name, $email, $role]) {
            $home = Clinic::query()->firstOrCreate(['name' => $clinic], [
                'timezone' => 'Europe/Brussels', 'address' => '4 Tidewater Row', 'phone' => '02 555 01 44',
                'emergency_phone' => '112',
            ]);
            $users[] = User::query()->create(
                [
                    'clinic_id' => $home->id, 'name' => $name, 'email' => $email, 'password' => DemoAccounts::PASSWORD,
                    'role' => $role,
                ],
            )->load('clinic');
        }

        return $users;
    }

    /** @param  DemoClient  $told */
    private function tell(array $told, User $by): void
    {
        $this->goTo(($told['measured'] ?? 1) + 1);
        $client = $this->screen->run(null, $by, $this->intake($told));
        if (isset($told['kit'])) {
            $this->kit->run($client, $by, ...$this->kitRows($told['kit']));
        }
        if (isset($told['tests'])) {
            $this->goTo(($told['measured'] ?? 1) + 28);
            $stands = is_int($told['tests']['chair_stand_30s'] ?? null) ? $told['tests']['chair_stand_30s'] : 8;
            $this->measures->run(
                $client,
                $by,
                [
                    ['test' => 'chair_stand_30s', 'value' => max(0, $stands - 2)],
                    ['test' => 'timed_up_and_go', 'value' => 16.4 - $stands / 4],
                ],
                $this->ago(($told['measured'] ?? 1) + 28),
            );
            $this->goTo($told['measured'] ?? 1);
            $this->measures->run($client, $by, $this->results($told), $this->ago($told['measured'] ?? 1));
        }
        if (! isset($told['plan'])) {
            return;
        }
        $this->goTo($told['issued'] ?? 1);
        $plan = $this->draft->run($this->fresh($client), $by);
        if ($told['plan'] === 'draft') {
            return;
        }
        $this->issue->run($this->fresh($client), $by, $plan->revision);
        $course = $told['course'] ?? [];
        foreach ($course as $i => [$ago, $how]) {
            $this->goTo($ago);
            if ($how !== 'stop') {
                $this->gate->run(
                    $this->fresh($client),
                    $by,
                    ['sbp' => 128 + $ago % 7, 'dbp' => 76, 'heart_rate' => 70, 'repeat' => false],
                    [],
                    $told['pain'] ?? 0,
                );
            }
            $this->session($this->fresh($client), $by, $how);
            if ($i < count($course) - 1 || ($told['decided'] ?? false)) {
                $this->decideAll($client, $by);
            }
        }
    }

    /**
     * @param  DemoClient  $told
     * @return array<string, mixed>
     */
    private function intake(array $told): array
    {
        return [
            'given_name' => $told['name'][0], 'family_name' => $told['name'][1],
            'birth_date' => $this->today->subYears($told['age'])->subDays(
                47 + 13 * strlen($told['name'][0]),
            )->format('Y-m-d'),
            'sex' => $told['sex'], 'body_mass_kg' => $told['kg'], 'height_cm' => $told['cm'],
            'due_date' => isset($told['due_in']) ? $this->today->addDays($told['due_in'])->format('Y-m-d') : null,
            'conditions' => array_map(
                fn (array $c): array => [
                    'code' => $c[0],
                    'side' => ($c[1] ?? '') === '' ? null : $c[1],
                    'since' => in_array($c[0], ['older_adult_new', 'stroke_hemiparesis'], true)
                        ? $this->ago($told['since'] ?? 0)
                        : null,
                    'until' => null,
                    'details' => $c[2] ?? [],
                ],
                $told['conditions'],
            ),
            'grip_left' => $told['grip'][0]
                ?? null, 'grip_right' => $told['grip'][1]
                ?? null, 'standing' => $told['standing']
                ?? 'free',
            'floor_transfer' => $told['floor'] ?? null, 'home' => $told['home'] ?? null,
            'training_level' => $told['training'] ?? null, 'training_since' => isset($told['since'])
                ? $this->ago($told['since'])
                : null,
            'usual' => ['sbp' => 132, 'dbp' => 78, 'heart_rate' => 70],
            'usual_pain' => $told['pain']
                ?? null, 'pain_where' => $told['where']
                ?? null, 'pain_school' => null, 'supine_school' => null, 'bone_school' => null,
            'days' => $told['days']
                ?? [2, 5], 'minutes' => $told['minutes']
                ?? 30, 'aim' => 'strength', 'structure' => 'circuit', 'wants' => $told['wants']
                ?? null,
            'clearance' => isset($told['cleared'])
                ? [
                    'given_by' => $told['cleared'], 'given_on' => $this->ago(($told['measured'] ?? 1) + 1),
                    'until' => null, 'restrictions' => null,
                ]
                : null,
        ];
    }

    /**
     * @param  DemoClient  $told
     * @return list<array<string, mixed>>
     */
    private function results(array $told): array
    {
        $rows = [];
        foreach ($told['tests'] ?? [] as $test => $value) {
            if (is_array($value)) {
                $load = $test === 'arm_curl_30s' ? ['load_g' => ArmCurlNorm::LOAD_G[$told['sex']] ?? 2270] : [];
                $rows[] = ['test' => $test, 'side' => 'left', 'value' => $value[0], ...$load];
                $rows[] = ['test' => $test, 'side' => 'right', 'value' => $value[1], ...$load];
            } else {
                $rows[] = ['test' => $test, 'value' => $value];
            }
        }
        foreach ($told['sets'] ?? [] as $family => [$kg, $reps, $left]) {
            $rows[] = [
                'test' => 'easy_set', 'family' => $family, 'load_g' => (int) round($kg * 1000), 'reps' => $reps,
                'rir' => $left,
            ];
        }

        return $rows;
    }

    /**
     * @return array{
     *     list<array<string, mixed>>, list<array<string, mixed>>, list<BandFields>, array<string, mixed>|null
     * }
     */
    private function kitRows(string $name): array
    {
        $kit = DemoClients::kit($name);
        $pieces = [];
        foreach (StarterKit::pieces() as $p) {
            if (isset($kit['pieces'][$p['label']])) {
                $pieces[] = [
                    'label' => $p['label'], 'mass_g' => $p['mass_g'], 'count' => $kit['pieces'][$p['label']],
                    'grip' => $p['grip'], 'holdable' => $p['holdable'], 'packable' => $p['packable'],
                    'plate' => $p['plate'] ?? false, 'weighed' => true,
                ];
            }
        }
        $carriers = [];
        foreach (StarterKit::carriers() as $c) {
            if (isset($kit['carriers'][$c['label']])) {
                $carriers[] = [
                    'label' => $c['label'], 'mass_g' => $c['mass_g'], 'count' => $kit['carriers'][$c['label']],
                    'grip' => $c['grip'], 'max_mass_g' => $c['max_mass_g'], 'max_pieces' => $c['max_pieces'],
                    'plates' => $c['plates'] ?? false,
                ];
            }
        }

        // A band of 1.2 m, as a luggage scale would have read it.
        $bands = $name === 'kitchen' ? [[
            'label' => 'Long flat band', 'rest_mm' => 1200, 'form' => 'flat', 'material' => 'latex_free',
            'max_elongation_pct' => 200, 'pulls' => [
                ['length_mm' => 1500, 'force_mn' => 9000], ['length_mm' => 1800, 'force_mn' => 15000],
                ['length_mm' => 2400, 'force_mn' => 24000], ['length_mm' => 3000, 'force_mn' => 32000],
            ],
        ]] : [];
        $things = array_column(
            array_filter(
                Thing::cases(),
                static fn (Thing $t): bool => $t->isTicked()
                    && ($t->isUsual() || in_array($t, [Thing::Step, Thing::Door, Thing::Foam], true))
                    && $t !== Thing::Sheet,
            ),
            'value',
        );

        return [
            $pieces,
            $carriers,
            $bands,
            $name === 'kitchen'
                ? ['place' => ['things' => $things, 'floor' => 'smooth', 'door' => 'towards', 'chair_at_wall' => true]]
                : null,
        ];
    }

    private function session(Client $client, User $by, string $how): void
    {
        $plan = Plan::query()->with('items')->where(
            'client_id', $client->id,
        )->where('status', Plan::ISSUED)->firstOrFail();
        $items = $how === 'stop'
            ? []
            : $plan->items->values()->map(
                static fn (PlanItem $item, int $i): array => self::done($item, $i, $how),
            )->all();
        $this->log->run($client, $by, $plan, (string) Str::uuid(), [
            'done_on' => $this->now(), 'pain_before' => 1, 'pain_next_morning' => $how === 'sore'
                ? 4
                : ($how === 'stop' ? null : 1),
            'stop_sign' => $how === 'stop'
                ? 'faintness'
                : null, 'skipped' => null, 'note' => $how === 'sore'
                ? 'Shoulder sore after the rows.'
                : null,
        ], array_values($items));
    }

    /** @return array{item: int, sets: list<array<string, mixed>>, pain_during: int|null} */
    private static function done(PlanItem $item, int $i, string $how): array
    {
        $dose = $item->dose;
        $kinds = array_intersect(['reps', 'seconds', 'hold', 'steps', 'trips'], array_keys($dose));
        $kind = array_values($kinds)[0] ?? 'reps';
        /** @var array{lo: int, hi: int} $range */
        $range = $dose[$kind];
        /** @var array{lo: int, hi: int} $effort */
        $effort = $dose['effort'];
        // A good day reaches the top on most things; a building day stays inside the range.
        $top = $how === 'good' && $i % 3 !== 2;
        $sets = [];
        for ($set = 0; $set < (is_int($dose['sets']) ? $dose['sets'] : 1); $set++) {
            foreach ($item->sides as $side) {
                $sets[] = array_filter([
                    $kind => $top
                        ? $range['hi']
                        : max($range['lo'], $range['hi'] - 1 - $set), 'load_g' => $dose['load_g'] ?? null,
                    'effort' => $effort['hi'], 'side' => $side,
                ], static fn (mixed $v): bool => $v !== null);
            }
        }
        $hurts = $how === 'sore' && in_array($item->family, ['tote_row', 'curl'], true);

        return ['item' => $item->id, 'sets' => $sets, 'pain_during' => $hurts ? 5 : 1];
    }

    private function decideAll(Client $client, User $by): void
    {
        foreach (Proposal::query()->with(
            ['planItem', 'client.clinic'],
        )->where('client_id', $client->id)->where('status', Proposal::OPEN)->get() as $proposal) {
            try {
                $this->decide->accept($proposal, $by);
            } catch (ValidationException) {
                $this->decide->refuse($proposal, $by, 'Not today.');
            }
        }
        $draft = Plan::query()->where('client_id', $client->id)->where('status', Plan::DRAFT)->first();
        if ($draft !== null) {
            $this->issue->run($this->fresh($client), $by, $draft->revision);
        }
    }

    private function fresh(Client $client): Client
    {
        return Client::query()->with('clinic')->findOrFail($client->id);
    }

    private function goTo(int $daysAgo): void
    {
        Date::setTestNow($this->today->subDays($daysAgo));
    }

    private function ago(int $days): string
    {
        return $this->today->subDays($days)->format('Y-m-d');
    }

    private function now(): string
    {
        return Date::now()->format('Y-m-d');
    }
}
