<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\DecideProposal;
use App\Actions\DraftPlan;
use App\Actions\IssuePlan;
use App\Actions\RecordMeasures;
use App\Actions\SaveKit;
use App\Actions\SaveScreen;
use App\Models\Client;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\User;
use BuoyantStep\Core\Kit\StarterKit;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Measures\ArmCurlNorm;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Date;
use Illuminate\Validation\ValidationException;

/**
 * Tells of one client through the actions that the pages use, each on its own day: from Screen to the plan in use, and
 * what is decided after a session.
 *
 * @phpstan-import-type DemoClient from DemoClients
 * @phpstan-import-type BandFields from SaveKit
 */
final class Teller
{
    private readonly CarbonImmutable $today;

    public function __construct(
        private readonly SaveScreen $screen,
        private readonly RecordMeasures $measures,
        private readonly SaveKit $kit,
        private readonly DraftPlan $draft,
        private readonly IssuePlan $issue,
        private readonly DecideProposal $decide,
    ) {
        $this->today = CarbonImmutable::now();
    }

    /** @param  DemoClient  $told */
    public function begin(array $told, User $by): Client
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
            return $client;
        }
        $this->goTo($told['issued'] ?? 1);
        $plan = $this->draft->run($this->fresh($client), $by);
        if ($told['plan'] === 'draft') {
            return $client;
        }
        $this->issue->run($this->fresh($client), $by, $plan->revision);

        return $client;
    }

    public function decideAll(Client $client, User $by): void
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
            'usual' => array_combine(['sbp', 'dbp', 'heart_rate'], $told['usual']),
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

    public function fresh(Client $client): Client
    {
        return Client::query()->with('clinic')->findOrFail($client->id);
    }

    public function goTo(int $daysAgo): void
    {
        Date::setTestNow($this->today->subDays($daysAgo));
    }

    public function ago(int $days): string
    {
        return $this->today->subDays($days)->format('Y-m-d');
    }

    public function now(): string
    {
        return Date::now()->format('Y-m-d');
    }
}
