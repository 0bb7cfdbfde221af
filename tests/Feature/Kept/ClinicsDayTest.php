<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Decision;
use App\Models\GateCheck;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;
use Tests\Hostile\Junk;

/*
 * A day belongs to where the clinic is, on every page and at every door. 23:20 UTC on 10 March is the 11th in
 * Auckland, the 10th in Los Angeles; 03:20 UTC on the 11th is still the 10th there.
 */
it('lives on the clinic\'s own day', function (string $zone, string $utc, string $today, string $tomorrow): void {
    $this->travelTo(CarbonImmutable::parse($utc, 'UTC'));
    $scene = new Scene;
    $scene->user->clinic->update(['timezone' => $zone]);
    $this->actingAs($scene->user);
    $this->post(
        '/clients', Scene::form(['birth_given_on' => $tomorrow, 'birth_kind' => 'vaginal']),
    )->assertSessionHasErrors('birth_given_on');
    $this->post(
        '/clients', Scene::form(['clearance' => ['given_by' => 'Dr Fenn', 'given_on' => $tomorrow]]),
    )->assertSessionHasErrors('clearance.given_on');
    $this->post(
        '/clients',
        Scene::form(
            [
                'clearance' => ['given_by' => 'Dr Fenn', 'given_on' => $today],
                'conditions' => [['code' => 'coronary_disease', 'details' => []]],
                'training_since' => $today,
            ],
        ),
    )->assertSessionHasNoErrors();
    $client = Client::query()->sole();
    $url = "/clients/{$client->id}";
    $this->post(
        "$url/measure", ['measured_on' => $tomorrow, 'results' => [['test' => 'tandem_stand', 'value' => '10']]],
    )->assertSessionHasErrors('measured_on');
    $this->post(
        "$url/measure",
        [
            'measured_on' => $today,
            'results' => [['test' => 'tandem_stand', 'value' => '10'], ['test' => 'chair_stand_30s', 'value' => '12']],
        ],
    )->assertSessionHasNoErrors();
    $this->post(
        "$url/gate", ['symptoms' => [], 'repeat' => false, 'sbp' => '120', 'dbp' => '70'],
    )->assertSessionHasNoErrors();
    $this->post("$url/plan")->assertSessionHasNoErrors();
    $plan = Plan::query()->with('items')->sole();
    // The clearance of today counts today.
    $this->post("$url/plan/issue", ['revision' => 1])->assertSessionHasNoErrors();
    $item = $plan->items[0];
    $log = [
        'plan_id' => $plan->id,
        'key' => (string) Str::uuid(),
        'items' => [
            [
                'item' => $item->id, 'done' => true, 'effort' => '3', 'load_kg' => '', 'pain_during' => '0',
                'broken' => '', 'sets' => [['amount' => '180', 'side' => 'both']],
            ],
        ],
    ];
    $this->post("$url/log", [...$log, 'done_on' => $tomorrow])->assertSessionHasErrors('done_on');
    $this->post("$url/log", [...$log, 'done_on' => $today])->assertSessionHasNoErrors();
    expect($plan->refresh()->only(['drafted_on', 'issued_on']))->toBe(['drafted_on' => $today, 'issued_on' => $today])
        ->and(GateCheck::query()->sole()->checked_on)->toBe($today)
        ->and(Scene::props($this->get('/account'))['me']['today'])->toBe($today)
        ->and(Scene::props($this->get("$url/gate"))['checks'][0]['holds'])->toBeTrue()
        ->and(Scene::props($this->get("$url/gate"))['checks'][0]['at'])->toStartWith($today)
        ->and(Scene::props($this->get("$url/review"))['record'][0]['at'])->toStartWith($today)
        ->and(Decision::query()->min('made_at'))->toStartWith(substr($utc, 0, 10));
})->with([
    'Auckland, late in the evening of UTC' => ['Pacific/Auckland', '2026-03-10 23:20', '2026-03-11', '2026-03-12'],
    'Auckland, in the morning of UTC' => ['Pacific/Auckland', '2026-03-10 09:00', '2026-03-10', '2026-03-11'],
    'Los Angeles, late in the evening of UTC' => [
        'America/Los_Angeles', '2026-03-10 23:20', '2026-03-10', '2026-03-11',
    ],
    'Los Angeles, past midnight of UTC' => ['America/Los_Angeles', '2026-03-11 03:20', '2026-03-10', '2026-03-11'],
]);

it('shows and changes nothing of a second clinic, on any page and by any write', function (): void {
    $theirs = new Scene('Theirs');
    $plan = $theirs->issued(
        [
            'given_name' => 'Thessaly',
            'family_name' => 'Quoll',
            'conditions' => [['code' => 'hypertension_controlled', 'details' => []]],
        ],
    );
    $theirs->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $theirs->goodSession($plan, now()->format('Y-m-d'));
    $ours = new Scene('Ours');
    $own = $ours->issued();
    $log = $ours->goodSession($own, now()->subDays(2)->format('Y-m-d'));
    $ours->user->update(['role' => 'lead']);
    $this->actingAs($ours->user);
    $picture = static fn (): string => json_encode(
        array_map(
            static fn (string $table) => DB::table($table)->where('client_id', $plan->client_id)->orderBy('id')->get(),
            [
                'client_conditions', 'clearances', 'measure_results', 'kit_pieces', 'plans', 'session_logs',
                'proposals', 'decisions', 'gate_checks', 'plan_snapshots',
            ],
        ),
    );
    $before = $picture();
    $asked = 0;
    foreach (Route::getRoutes() as $route) {
        if (
            str_starts_with($route->uri(), 'storage')
            || in_array($route->uri(), ['sign-out', 'account/password', 'api/readings'], true)
        ) {
            continue;
        }
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            // On our own client, with the numbers of their parts wherever a part is named.
            $path = '/'.str_replace(
                ['{client}', '{item}', '{log}', '{proposal}', '{intake}', '{token}', '{family}'],
                [
                    (string) $own->client_id, (string) $plan->items[0]->id,
                    (string) SessionLog::query()->where('client_id', $plan->client_id)->min('id'),
                    (string) Proposal::query()->where('client_id', $plan->client_id)->max('id'), '1',
                    str_repeat('a', 40), 'curl',
                ],
                $route->uri(),
            );
            $client = Client::query()->findOrFail($own->client_id);
            $form = Junk::forms(
                [
                    'today' => now()->format('Y-m-d'), 'plan' => $plan->id, 'item' => $plan->items[0]->id,
                    'client' => $plan->client_id, 'version' => $client->screen_version, 'kit' => $client->kit_version,
                    'revision' => $client->plan_revision,
                ],
                (string) Str::uuid(),
            )[Junk::formOf($route->uri())];
            $answer = $this->call($method, $path, $method === 'GET' ? [] : $form);
            expect($answer->getStatusCode())->toBeLessThan(500, $path)
                ->and((string) $answer->getContent())->not->toContain('Quoll')->not->toContain('Thessaly');
            $asked++;
        }
    }
    expect($asked)->toBeGreaterThan(60)->and($picture())->toBe($before)->and($log->exists)->toBeTrue();
});
