<?php

declare(strict_types=1);

use App\Actions\AskAtHome;
use App\Actions\RenewNeeds;
use App\Models\Decision;
use App\Models\Message;
use App\Models\Plan;
use App\Models\Standing;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

/** Today reads what was worked out before; whatever changes is worked out again, and nothing else. */
beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

function listed(array $with = []): array
{
    return Scene::props(test()->get('/?'.http_build_query($with)));
}

/** @return list<string> kinds of what is said of the first client on the list */
function kindsOf(array $page): array
{
    return array_column($page['rows'][0]['needs'] ?? [], 'kind');
}

it('has a trigger, or a reason for none, for every table that names a client or a clinic', function (): void {
    $tables = array_map(static fn (object $t): string => $t->TABLE_NAME, DB::select(
        'SELECT DISTINCT TABLE_NAME FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND COLUMN_NAME IN '
            ."('client_id', 'clinic_id', 'plan_id', 'session_log_id') ORDER BY TABLE_NAME",
    ));
    $triggers = array_map(static fn (object $t): string => $t->t, DB::select(
        'SELECT DISTINCT EVENT_OBJECT_TABLE AS t FROM information_schema.TRIGGERS WHERE TRIGGER_SCHEMA = DATABASE() '
            ."AND TRIGGER_NAME LIKE '%\\_needs\\_%'",
    ));
    // No need is read from these.
    $none = [
        'decisions' => 'the record of what was decided', 'device_readings' => 'a reading counts once it is used',
        'form_posts' => 'keys of forms', 'gateway_tokens' => 'keys of devices', 'letter_templates' => 'words',
        'letters' => 'written from the record',
        'home_pages' => 'a message tells of its lock',
        'log_items' => 'its session tells',
        'needs' => 'the answer itself', 'plan_snapshots' => 'for undo', 'plan_templates' => 'for drafts',
        'session_log_versions' => 'what a session said before', 'standings' => 'the answer itself',
        'users' => 'who works here',
    ];
    expect(array_diff($tables, $triggers, array_keys($none)))->toBe([])
        ->and(array_intersect($triggers, array_keys($none)))->toBe([]);
});

it('works out again whom a change concerns, and nobody else', function (): void {
    $one = $this->scene->client(['given_name' => 'One']);
    $two = $this->scene->client(['given_name' => 'Two']);
    $stale = static fn (): array => Standing::query()->where('stale', true)->orderBy('client_id')->pluck('client_id')
        ->all();
    expect($stale())->toBe([$one->id, $two->id]);
    listed();
    expect($stale())->toBe([]);
    DB::table('clients')->where('id', $two->id)->update(['given_name' => 'Zwei']);
    expect($stale())->toBe([$two->id]);
    expect(array_column(listed()['rows'], 'name'))->toBe(['One Mole', 'Zwei Mole'])->and($stale())->toBe([]);
    DB::table('clinics')->where('id', $one->clinic_id)->update(['schools' => '{"pain":"none"}']);
    expect($stale())->toBe([$one->id, $two->id]);
});

it('leaves stale what changed while it was being worked out', function (): void {
    $client = $this->scene->client();
    $standing = Standing::query()->findOrFail($client->id);
    // As if another request wrote between the count and the answer.
    Standing::retrieved(static function (Standing $s) use (&$read): void {
        if (($read = ($read ?? 0) + 1) === 2) {
            $s->changes++;
        }
    });
    app(RenewNeeds::class)->some($client->clinic);
    Standing::flushEventListeners();
    expect(Standing::query()->findOrFail($client->id)->stale)->toBeTrue()->and($standing->stale)->toBeTrue();
});

it('works some out at a time, says how many are left, and is done in the end', function (): void {
    foreach (range(1, 5) as $i) {
        $this->scene->client(['given_name' => "C$i"]);
    }
    $clinic = $this->scene->user->clinic;
    expect(app(RenewNeeds::class)->some($clinic, 2))->toBe(3)
        ->and(app(RenewNeeds::class)->some($clinic, 2))->toBe(1)
        ->and(app(RenewNeeds::class)->some($clinic, 2))->toBe(0);
    Date::setTestNow(now()->addDay());
    expect(app(RenewNeeds::class)->some($clinic, 2))->toBe(3);
    $this->artisan('needs:renew')->assertSuccessful();
    expect(app(RenewNeeds::class)->some($clinic, 2))->toBe(0)
        ->and(Standing::query()->where('worked_on', (string) $clinic->today())->count())->toBe(5);
});

it('says nothing of another clinic', function (): void {
    $this->scene->client(['given_name' => 'Ours']);
    (new Scene('Elsewhere'))->client(['given_name' => 'Theirs']);
    expect(array_column(listed()['rows'], 'name'))->toBe(['Ours Mole']);
});

it('names each kind of need that the record gives rise to', function (string $kind, Closure $happens): void {
    $plan = $this->scene->issued();
    listed();
    $happens($plan, $this->scene);
    expect(kindsOf(listed()))->toContain($kind);
})->with([
    'a worse morning' => ['worse_next_morning', fn (Plan $plan, Scene $scene) => $scene->goodSession(
        $plan, now()->format('Y-m-d'), ['pain_before' => 1, 'pain_next_morning' => 4],
    )],
    'a message' => ['message', fn (Plan $plan) => Message::query()->create(
        ['client_id' => $plan->client_id, 'kind' => 'fell', 'says' => 'I fell in the bath.'],
    )],
    'a session from elsewhere' => ['session_to_see', function (Plan $plan, Scene $scene): void {
        $scene->goodSession($plan, now()->format('Y-m-d'))->update(['to_see' => true]);
    }],
    'a clearance that ends' => ['clearance_ends', fn (Plan $plan, Scene $scene) => $plan->client->clearances()->create([
        'user_id' => $scene->user->id, 'given_by' => 'Dr Amari', 'given_on' => now()->subDay()->format('Y-m-d'),
        'until' => now()->addDays(9)->format('Y-m-d'),
    ])],
    'an answered intake' => ['intake_answered', function (Plan $plan, Scene $scene): void {
        $ask = app(AskAtHome::class);
        $intake = $ask->find($ask->invite($plan->client, $scene->user));
        assert($intake !== null);
        $ask->submit($intake, ['home' => 'alone']);
    }],
    'nothing logged' => ['not_logging', fn (Plan $plan) => $plan->update(
        ['issued_on' => now()->subDays(8)->format('Y-m-d')],
    )],
    'a red flag' => ['stop_sign', fn (Plan $plan, Scene $scene) => $scene->goodSession(
        $plan, now()->format('Y-m-d'), ['stop_sign' => 'faintness'],
    )],
    'a plateau' => ['plateau', function (Plan $plan, Scene $scene): void {
        $log = $scene->goodSession($plan, now()->format('Y-m-d'));
        $log->newQuery()->getConnection()->table('proposals')->where('session_log_id', $log->id)->limit(1)->update([
            'decision' => 'stay',
            'because' => '[{"from":"rule","rule":"plateau","says":"No step for 5 weeks: another.","source":""}]',
        ]);
    }],
]);

it('tells of a kit that makes nothing heavier, once something is at its end', function (): void {
    $plan = $this->scene->issued();
    $plan->client->pieces()->delete();
    $loaded = $plan->items->first(static fn ($i): bool => ($i->dose['load_g'] ?? 0) > 0);
    assert($loaded !== null);
    $plan->client->pieces()->create([
        'label' => 'Jug', 'mass_g' => $loaded->dose['load_g'], 'count' => 2, 'grip' => 'hook', 'holdable' => true,
        'packable' => false, 'weighed' => true,
    ]);
    $plan->client->carriers()->delete();
    $kinds = array_merge(
        ...array_map(static fn (array $r): array => array_column($r['needs'], 'kind'), listed()['rows']),
    );
    expect($kinds)->toContain('kit_outgrown');
});

it('puts a need off to a day with a reason, and brings it back by itself or by hand', function (): void {
    $client = $this->scene->client();
    $need = listed()['rows'][0]['needs'][0];
    expect($need['kind'])->toBe('no_plan');
    $send = ['kind' => $need['kind'], 'about' => $need['about'], 'reason' => 'On holiday until Monday.'];
    $until = now()->addDays(7)->format('Y-m-d');
    $this->post("/clients/$client->id/put-off", [...$send, 'until' => $until])->assertSessionHasNoErrors();
    $page = listed();
    expect($page['rows'])->toBe([])->and($page['put_off'])->toBe(1)->and($page['quiet'][0]['needs'][0]['until'])
        ->toBe($until)
        ->and(listed(['put_off' => 1])['rows'][0]['needs'][0]['because'])->toBe('On holiday until Monday.')
        ->and(Decision::query()->latest('id')->value('reason'))->toBe('On holiday until Monday.');
    Date::setTestNow(now()->addDays(6));
    expect(listed()['rows'])->toBe([]);
    Date::setTestNow(now()->addDay());
    expect(kindsOf(listed()))->toBe(['no_plan']);
    Date::setTestNow(now()->subDays(3));
    expect(listed()['rows'])->toBe([]);
    $this->post("/clients/$client->id/put-off/end", $send)->assertSessionHasNoErrors();
    expect(kindsOf(listed()))->toBe(['no_plan']);
});

it('shows what was put off as soon as it says something else', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->subDays(8)->format('Y-m-d'));
    $need = array_column(listed()['rows'][0]['needs'], null, 'kind')['not_logging'];
    $this->post("/clients/$plan->client_id/put-off", [
        'kind' => 'not_logging', 'about' => $need['about'], 'reason' => 'Away.', 'until' => now()->addDays(20)
            ->format('Y-m-d'),
    ])->assertSessionHasNoErrors();
    expect(kindsOf(listed()))->not->toContain('not_logging');
    Date::setTestNow(now()->addDays(2));
    expect(kindsOf(listed()))->not->toContain('not_logging');
    $this->scene->goodSession($plan, now()->subDays(7)->format('Y-m-d'));
    expect(kindsOf(listed()))->toContain('not_logging');
});

it('never puts off a red flag, nor for longer than four weeks, nor into the past', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->format('Y-m-d'), ['stop_sign' => 'faintness']);
    $needs = array_column(listed()['rows'][0]['needs'], null, 'kind');
    $put = function (string $kind, int $days) use ($plan, &$needs): TestResponse {
        return $this->post("/clients/$plan->client_id/put-off", [
            'kind' => $kind, 'about' => $needs[$kind]['about'] ?? str_repeat('x', 32), 'reason' => 'Later.',
            'until' => now()->addDays($days)->format('Y-m-d'),
        ]);
    };
    $put('stop_sign', 3)->assertSessionHasErrors('kind');
    $put('retest', 3)->assertSessionHasErrors('kind');
    Date::setTestNow(now()->addDays(60));
    $needs = array_column(listed()['rows'][0]['needs'], null, 'kind');
    $put('retest', 0)->assertSessionHasErrors(['until' => 'Put it off by 1 to 28 days, for example to '
            .$this->scene->user->clinic->today()->plus(7)->label().'.']);
    $put('retest', 29)->assertSessionHasErrors('until');
    $put('retest', 1)->assertSessionHasNoErrors();
    $put('retest', 28)->assertSessionHasNoErrors();
    $this->post("/clients/$plan->client_id/put-off", ['kind' => 'retest', 'until' => 'soon'])
        ->assertSessionHasErrors(['about', 'until', 'reason']);
    expect(kindsOf(listed()))->toContain('stop_sign')->not->toContain('retest');
});

it('assigns a client to a colleague of this clinic, and filters by it', function (): void {
    $mine = $this->scene->client(['given_name' => 'Mine']);
    $this->scene->client(['given_name' => 'Nobodys']);
    $stranger = (new Scene('Elsewhere'))->user;
    $this->put("/clients/$mine->id/assigned", ['to' => $stranger->id])->assertSessionHasErrors('to');
    $this->put("/clients/$mine->id/assigned", ['to' => $this->scene->user->id])->assertSessionHasNoErrors();
    $names = static fn (string $whose): array => array_column(listed(['whose' => $whose])['rows'], 'name');
    expect($names('mine'))->toBe(['Mine Mole'])->and($names('nobodys'))->toBe(['Nobodys Mole'])
        ->and($names('everyone'))->toBe(['Mine Mole', 'Nobodys Mole'])
        ->and(listed(['whose' => 'mine'])['rows'][0]['assigned_name'])->toBe('T. Clinician')
        ->and(Decision::query()->where('kind', 'client.assigned')->value('says'))->toBe('Assigned to T. Clinician.');
    $this->put("/clients/$mine->id/assigned", ['to' => ''])->assertSessionHasNoErrors();
    expect($names('mine'))->toBe([]);
});

it('says what a filter hides, and a red flag by name', function (): void {
    $this->scene->client(['given_name' => 'New']);
    $plan = $this->scene->issued(['given_name' => 'Faint']);
    $this->scene->goodSession($plan, now()->format('Y-m-d'), ['stop_sign' => 'faintness']);
    expect(listed()['hidden'])->toBeNull();
    $page = listed(['kind' => 'no_plan']);
    expect(array_column($page['rows'], 'name'))->toBe(['New Mole'])
        ->and($page['hidden'])->toBe(
            '1 client who needs you is hidden, with a red flag or a stop at the gate: Faint Mole.',
        )
        ->and(listed(['kind' => 'stop_sign'])['hidden'])->toBe('1 client who needs you is hidden.')
        ->and(array_column(listed()['kinds'], 2, 0))->toMatchArray(['stop_sign' => 1, 'no_plan' => 1])
        ->and(listed(['kind' => 'no such kind'])['filter']['kind'])->toBeNull();
});

it('offers what a line can accept, easing first, and nothing while a stop is open', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    expect(listed()['rows'][0]['accept'] ?? null)->toBeNull();
    $this->scene->goodSession($plan, now()->subDays(1)->format('Y-m-d'));
    $up = listed()['rows'][0]['accept'];
    expect($up['ease'])->toBeFalse()->and($up['count'])->toBeGreaterThan(0);
    $this->scene->goodSession($plan, now()->format('Y-m-d'), ['pain_before' => 0, 'pain_next_morning' => 5]);
    $down = listed()['rows'][0]['accept'];
    expect($down['ease'])->toBeTrue();
    $this->post("/clients/$plan->client_id/review/accept-steps", ['ease' => true])->assertSessionHasNoErrors();
    expect(session('said'))->toBe($down['count'] === 1 ? '1 easing accepted.' : "{$down['count']} easings accepted.");
    $this->scene->goodSession($plan, now()->format('Y-m-d'), ['stop_sign' => 'faintness']);
    expect(listed()['rows'][0]['accept'])->toBeNull();
});

it('shows twenty-five lines, and more when asked', function (): void {
    $client = $this->scene->client();
    listed();
    // Standings alone: what is tested is the reading.
    $rows = [];
    foreach (range(1, 60) as $i) {
        $rows[] = DB::table('clients')->insertGetId([
            ...array_diff_key((array) DB::table('clients')->find($client->id), ['id' => 0]),
            'given_name' => sprintf('C%02d', $i),
        ]);
    }
    while (app(RenewNeeds::class)->some($client->clinic) > 0) {
        continue;
    }
    $page = listed();
    expect($page['rows'])->toHaveCount(25)->and($page['count'])->toBe(61)->and($page['all'])->toBe(61)
        ->and(listed(['lines' => 80])['rows'])->toHaveCount(61)->and(listed(['lines' => 'x'])['rows'])->toHaveCount(25);
});

it('shows the week: who trains when, who has done it, and what falls on a day', function (): void {
    Date::setTestNow('2026-11-27 10:00:00');
    $plan = $this->scene->issued(['days' => [2, 5]]);
    $this->scene->goodSession($plan, '2026-11-24');
    $days = array_column(Scene::props($this->get('/week'))['days'], null, 'on');
    expect(array_keys($days))->toBe([
        '2026-11-23', '2026-11-24', '2026-11-25', '2026-11-26', '2026-11-27', '2026-11-28', '2026-11-29',
    ])->and(array_map(static fn (array $d): int => $d['count'], array_values($days)))->toBe([0, 1, 0, 0, 1, 0, 0])
        ->and($days['2026-11-24']['trains'])->toBe([
            ['id' => $plan->client_id, 'name' => 'Ada Mole', 'done' => true],
        ])->and($days['2026-11-27']['trains'][0]['done'])->toBeFalse();
    $retest = Standing::query()->findOrFail($plan->client_id)->shown['retest_on'];
    $then = array_column(Scene::props($this->get("/week?from=$retest"))['days'], null, 'on')[$retest];
    expect($then['dates'])->toBe([['id' => $plan->client_id, 'name' => 'Ada Mole', 'says' => 'Re-test due.']]);
    foreach (['2026-02-31', 'x', '', "1'", '2026-11-27T00'] as $from) {
        expect(Scene::props($this->get('/week?from='.urlencode($from)))['days'][0]['on'])->toBe('2026-11-23');
    }
    expect(Scene::props($this->get('/week?whose=mine'))['days'][1]['count'])->toBe(0);
});
