<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Actions\AskAtHome;
use App\Actions\CheckGate;
use App\Actions\HomeDoor;
use App\Actions\LogSession;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\ClinicFigure;
use App\Models\GatewayToken;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\User;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;

/**
 * The demo clinic, told through the same actions that the pages use, day by day: nothing in it that a clinician could
 * not have entered.
 *
 * @phpstan-import-type DemoClient from DemoClients
 */
final class TidewaterRow extends Seeder
{
    public function __construct(
        private readonly Teller $teller,
        private readonly LogSession $log,
        private readonly CheckGate $gate,
        private readonly AskAtHome $ask,
        private readonly HomeDoor $door,
    ) {
    }

    public function run(): void
    {
        $now = Date::getTestNow();
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
        $this->teller->goTo(0);
        foreach (DemoAccounts::AT_HOME as $name) {
            $here = Client::query()->where('clinic_id', $users[0]->clinic_id);
            $this->door->make($here->where('given_name', $name)->firstOrFail(), $users[0]);
        }
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
        Date::setTestNow($now);
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
        $client = $this->teller->begin($told, $by);
        $course = $told['course'] ?? [];
        foreach ($course as $i => [$ago, $how]) {
            $this->teller->goTo($ago);
            if ($how !== 'stop') {
                [$sbp, $dbp, $pulse] = $told['usual'];
                $this->gate->run(
                    $this->teller->fresh($client),
                    $by,
                    ['sbp' => $sbp - 4 + $ago % 7, 'dbp' => $dbp - 2, 'heart_rate' => $pulse, 'repeat' => false],
                    [],
                    $told['pain'] ?? 0,
                );
            }
            $this->session($this->teller->fresh($client), $by, $how);
            if ($i < count($course) - 1 || ($told['decided'] ?? false)) {
                $this->teller->decideAll($client, $by);
            }
        }
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
            'done_on' => $this->teller->now(), 'pain_before' => 1, 'pain_next_morning' => $how === 'sore'
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
}
