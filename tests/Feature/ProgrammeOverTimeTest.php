<?php

declare(strict_types=1);

use App\Actions\LogSession;
use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use Tests\Feature\Support\Scene;

/*
 * Programmes as they run: weeks of sessions, dates that come, orders that end. The clock is moved; everything else is
 * what a clinician would do.
 */
beforeEach(function (): void {
    $this->travelTo('2026-03-02 09:00:00');
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** What Today says of somebody, in one line. */
function todaySays(string $name): string
{
    $props = Scene::props(test()->get('/'));
    $rows = array_column([...$props['rows'], ...$props['quiet']], 'needs', 'name');

    return implode(' | ', array_column($rows[$name], 'says'));
}

/** Accepts whatever is proposed to step up or ease, and issues the version that comes of it. */
function acceptAllOf(Client $client): void
{
    foreach (Proposal::query()->where('client_id', $client->id)->where('status', 'open')->whereIn(
        'decision', ['step_up', 'ease'],
    )->get() as $proposal) {
        test()->post("/clients/{$client->id}/review/{$proposal->id}/accept")->assertSessionHasNoErrors();
    }
    $draft = Plan::query()->where('client_id', $client->id)->where('status', 'draft')->first();
    if ($draft !== null) {
        test()->post("/clients/{$client->id}/plan/issue", ['revision' => $draft->revision])->assertSessionHasNoErrors();
    }
}

function issuedPlanOf(Client $client): Plan
{
    return Plan::query()->with(
        'items', 'client.clinic',
    )->where('client_id', $client->id)->where('status', 'issued')->firstOrFail();
}

it('runs eight weeks of good sessions: steps of one lever, never over a cap, every version kept', function (): void {
    $plan = $this->scene->issued(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $client = $plan->client;
    $loads = [];
    for ($session = 0; $session < 16; $session++) {
        $this->travel($session % 2 === 0 ? 3 : 4)->days();
        $before = issuedPlanOf($client);
        $this->scene->goodSession($before, now()->format('Y-m-d'));
        acceptAllOf($client);
        $after = issuedPlanOf($client);
        foreach ($after->items as $item) {
            $was = $before->items->firstWhere('family', $item->family);
            expect($was)->not->toBeNull();
            $changed = array_filter([
                'rung' => $was->rung !== $item->rung,
                'load' => ($was->dose['load_g'] ?? null) !== ($item->dose['load_g'] ?? null),
                'sets' => $was->dose['sets'] !== $item->dose['sets'],
            ]);
            if ($changed !== []) {
                expect(array_column($item->because, 'rule'))->toContain('clinician');
            }
            // A harder rung brings a dose of its own; within a rung one lever moves.
            expect(isset($changed['rung']) || count($changed) <= 1)->toBeTrue(
                $item->family.': '.implode(', ', array_keys($changed)),
            );
            expect($item->dose['effort']['hi'])->toBeLessThanOrEqual(7)
                ->and($item->dose['rest_s'])->toBeGreaterThanOrEqual($item->dose['sets'] > 1 ? 60 : 0);
        }
        $loads[] = $after->items->firstWhere('family', 'tote_row')->dose['load_g'] ?? 0;
    }
    $page = Scene::props($this->get("/clients/{$client->id}/plan"))['plan'];
    expect(array_merge(...array_column($page['items'], 'breaches')))->toBe([])
        // Eight weeks of good work have moved something, and nothing jumped.
        ->and(end($loads))->toBeGreaterThan($loads[0]);
    foreach (array_slice($loads, 1) as $i => $load) {
        expect($load)->toBeGreaterThanOrEqual($loads[$i]);
    }
    $versions = Plan::query()->where('client_id', $client->id)->orderBy('version')->get();
    expect($versions->pluck('version')->all())->toBe(range(1, $versions->count()))
        ->and($versions->where('status', 'issued'))->toHaveCount(1)
        ->and($versions->where('status', 'superseded')->count())->toBe($versions->count() - 1)
        ->and(SessionLog::query()->where('client_id', $client->id)->count())->toBe(16)
        ->and(
            Decision::query()->where('client_id', $client->id)->where('kind', 'proposal.accepted')->count(),
        )->toBeGreaterThan(4);
});

it('steps nobody up who does not reach the range, and eases them after the second time', function (): void {
    $plan = $this->scene->issued();
    $short = static fn (PlanItem $item): array => array_map(
        static fn (): array => array_filter(
            [
                'reps' => max(1, ($item->dose['reps']['lo'] ?? 2) - 2), 'effort' => 8.0,
                'load_g' => $item->dose['load_g'] ?? null, 'side' => $item->sides[0],
            ],
        ),
        range(1, $item->dose['sets']),
    );
    foreach ([3, 3] as $days) {
        $this->travel($days)->days();
        $row = $plan->items->firstWhere('family', 'tote_row');
        app(LogSession::class)->run(
            $plan->client,
            $this->scene->user,
            $plan,
            (string) Str::uuid(),
            [
                'done_on' => now()->format('Y-m-d'), 'pain_before' => 0, 'pain_next_morning' => 0, 'stop_sign' => null,
                'skipped' => null, 'note' => null,
            ],
            [['item' => $row->id, 'pain_during' => 0, 'sets' => $short($row)]],
        );
    }
    $proposal = Proposal::query()->where('status', 'open')->whereHas(
        'planItem', static fn ($q) => $q->where('family', 'tote_row'),
    )->firstOrFail();
    expect($proposal->decision)->toBe('ease')
        ->and($proposal->dose['load_g'])->toBeLessThan($plan->items->firstWhere('family', 'tote_row')->dose['load_g'])
        ->and(todaySays('Ada Mole'))->toContain('Ease: ');
});

it('asks for a re-test when its weeks are over, and is content once it is done', function (): void {
    $plan = $this->scene->issued();
    foreach (range(1, 8) as $week) {
        $this->travel(7)->days();
        $this->scene->goodSession($plan, now()->format('Y-m-d'));
        $due = $week >= 8;
        expect(str_contains(todaySays('Ada Mole'), 'Re-test due'))->toBe($due, "week $week");
    }
    $this->post(
        "/clients/{$plan->client_id}/measure",
        ['measured_on' => now()->format('Y-m-d'), 'results' => [['test' => 'chair_stand_30s', 'value' => '14']]],
    )->assertSessionHasNoErrors();
    expect(todaySays('Ada Mole'))->not->toContain('Re-test');
});

it('notices when nobody has logged for a week', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $this->travel(6)->days();
    expect(todaySays('Ada Mole'))->not->toContain('No session logged');
    $this->travel(1)->days();
    expect(todaySays('Ada Mole'))->toContain('No session logged for 7 days.');
});

it('foresees the twentieth week, tightens on its day by itself, and says what no longer fits', function (): void {
    // Day 130 of the pregnancy: flat on the back is out ten days from now.
    $due = now()->addDays(280 - 130)->format('Y-m-d');
    $client = $this->scene->measured(
        [
            'birth_date' => '1994-01-01',
            'due_date' => $due,
            'training_level' => 'trained',
            'clearance' => [
                'given_by' => 'Midwife Tan', 'given_on' => now()->format('Y-m-d'), 'until' => null,
                'restrictions' => null,
            ],
        ],
    );
    expect(todaySays('Ada Mole'))->toContain('12 March 2026: 20 weeks: no lying flat on the back.');
    $this->post("/clients/{$client->id}/plan")->assertSessionHasNoErrors();
    $this->post(
        "/clients/{$client->id}/plan/items", ['family' => 'bridge', 'revision' => 1],
    )->assertSessionHasNoErrors();
    $draft = Plan::query()->with('items')->where('client_id', $client->id)->firstOrFail();
    $this->post("/clients/{$client->id}/plan/issue", ['revision' => $draft->revision])->assertSessionHasNoErrors();
    $flat = static fn (): bool => str_contains(
        collect(
            Scene::props(test()->get("/clients/{$client->id}/limits"))['client']['limits'],
        )->pluck('title')->implode(' '),
        'flat on the back',
    );
    $this->travel(9)->days();
    expect($flat())->toBeFalse();
    $this->travel(1)->days();
    expect($flat())->toBeTrue();
    // The plan in use says so on every page that shows it, and is not issued again as it is.
    $bridge = PlanItem::query()->where('plan_id', $draft->id)->where('family', 'bridge')->firstOrFail();
    $says = 'only with a change: Raise the trunk';
    expect(todaySays('Ada Mole'))->toContain('The plan in use no longer fits: ')->toContain($says)
        ->and(
            implode(' ', Scene::props($this->get("/clients/{$client->id}/sheet"))['sheet']['breaches']),
        )->toContain($says);
    $row = array_column(
        Scene::props($this->get("/clients/{$client->id}/plan"))['plan']['items'], null, 'family',
    )['bridge'];
    expect(implode(' ', $row['breaches']))->toContain($says);
    // One press brings it up to today: the change is in, the dose stays, the next version may be issued.
    $this->put(
        "/clients/{$client->id}/plan/items/{$bridge->id}/today", ['revision' => $draft->refresh()->revision],
    )->assertSessionHasNoErrors();
    $next = Plan::query()->with('items')->where('client_id', $client->id)->where('status', 'draft')->firstOrFail();
    $after = $next->items->firstWhere('family', 'bridge');
    expect(implode(' ', array_column($after->changes, 'says')))->toContain('Raise the trunk')
        ->and($after->dose)->toEqual($bridge->dose);
    foreach ($next->items as $item) {
        $this->put("/clients/{$client->id}/plan/items/{$item->id}/today", ['revision' => $next->refresh()->revision]);
    }
    $this->post(
        "/clients/{$client->id}/plan/issue", ['revision' => $next->refresh()->revision],
    )->assertSessionHasNoErrors();
    expect(todaySays('Ada Mole'))->not->toContain('no longer fits')
        ->and(Scene::props($this->get("/clients/{$client->id}/sheet"))['sheet']['breaches'])->toBe([]);
});

it('prepares the plan a week before a date that tightens, and keeps what fits as it is', function (): void {
    // Day 128: the twentieth week is twelve days away.
    $due = now()->addDays(280 - 128)->format('Y-m-d');
    $client = $this->scene->measured(
        [
            'birth_date' => '1994-01-01',
            'due_date' => $due,
            'training_level' => 'trained',
            'clearance' => [
                'given_by' => 'Midwife Tan', 'given_on' => now()->format('Y-m-d'), 'until' => null,
                'restrictions' => null,
            ],
        ],
    );
    $this->post("/clients/{$client->id}/plan")->assertSessionHasNoErrors();
    $this->post(
        "/clients/{$client->id}/plan/items", ['family' => 'bridge', 'revision' => 1],
    )->assertSessionHasNoErrors();
    $draft = Plan::query()->with('items')->where('client_id', $client->id)->firstOrFail();
    $this->post("/clients/{$client->id}/plan/issue", ['revision' => $draft->revision])->assertSessionHasNoErrors();
    $ahead = static fn (): ?array => Scene::props(test()->get("/clients/{$client->id}/plan"))['plan']['ahead'];
    $page = "/clients/{$client->id}/plan";
    // The block shows it from its first day on: the plan of that date beside today's.
    $dates = array_column($this->getJson("$page/dates")->assertOk()->json('dates'), null, 'on');
    $bridge = array_values(array_filter(
        $dates['14 March 2026']['changed'], static fn (array $c): bool => str_starts_with($c['today'], 'Short bridge'),
    ))[0];
    expect($bridge['today'])->not->toContain('raise the trunk')->and($bridge['then'])->toContain('raise the trunk');
    // Twelve days ahead nothing is asked, and nothing can be prepared.
    expect($ahead())->toBeNull();
    $this->from($page)->post(
        "$page/ahead", ['revision' => $draft->refresh()->revision],
    )->assertSessionHasErrors('plan');
    expect(Plan::query()->where('client_id', $client->id)->count())->toBe(1);
    $this->travel(5)->days();
    expect($ahead()['date'])->toBe('14 March 2026')
        ->and(implode(' ', $ahead()['breaches']))->toContain('Short bridge: only with a change: Raise the trunk')
        ->and(todaySays('Ada Mole'))->toContain('From 14 March 2026 the plan will not fit: Short bridge');
    $this->post("$page/ahead", ['revision' => $draft->refresh()->revision])->assertSessionHasNoErrors()
        ->assertSessionHas('said', 'Prepared; issue it when the day has come, or now.');
    $next = Plan::query()->with('items')->where('client_id', $client->id)->where('status', 'draft')->firstOrFail();
    foreach ($next->items as $item) {
        $was = $draft->items->firstWhere('family', $item->family);
        expect([$item->rung, $item->dose])->toEqual([$was->rung, $was->dose]);
        $item->family === 'bridge'
            ? expect(implode(' ', array_column($item->changes, 'says')))->toContain('Raise the trunk')
            : expect($item->changes)->toEqual($was->changes);
    }
    // Prepared is enough for the date, and fits today as well: it may be issued before the day.
    expect($ahead())->toBeNull()->and(todaySays('Ada Mole'))->not->toContain('will not fit')->toContain(
        'A drafted plan waits to be issued',
    );
    $this->post("$page/issue", ['revision' => $next->refresh()->revision])->assertSessionHasNoErrors();
    $this->travel(7)->days();
    expect(todaySays('Ada Mole'))->not->toContain('no longer fits');
});

it('prepares nothing for a date that only loosens, and nothing on a page that is older than the '
    .'draft', function (): void {
        $plan = $this->scene->issued(
            [
                'conditions' => [
                    [
                        'code' => 'hip_replacement_posterior', 'side' => 'left', 'since' => '2026-01-05',
                        'until' => now()->addDays(3)->format('Y-m-d'), 'details' => [],
                    ],
                ],
            ],
        );
        $page = "/clients/{$plan->client_id}/plan";
        expect(Scene::props($this->get($page))['plan']['ahead'])->toBeNull();
        // An order that begins in three days tightens.
        $this->put(
            "/clients/{$plan->client_id}/screen",
            Scene::form(
                [
                    'conditions' => [
                        [
                            'code' => 'hypertension_controlled', 'side' => '',
                            'since' => now()->addDays(3)->format('Y-m-d'), 'until' => '', 'details' => [],
                        ],
                    ],
                ],
            ),
        )->assertSessionHasNoErrors();
        $ahead = Scene::props($this->get($page))['plan']['ahead'];
        expect($ahead)->not->toBeNull()->and($ahead['breaches'])->not->toBe([]);
        $this->post("$page/ahead", ['revision' => $plan->refresh()->revision])->assertSessionHasNoErrors();
        $draft = Plan::query()->with('items')->where(
            'client_id', $plan->client_id,
        )->where('status', 'draft')->firstOrFail();
        expect($draft->items->max(static fn (PlanItem $i): int => $i->dose['effort']['hi']))->toBeLessThanOrEqual(7)
            ->and(Scene::props($this->get($page))['plan']['ahead'])->toBeNull();
        $this->from($page)->post(
            "$page/ahead", ['revision' => $draft->revision - 1],
        )->assertSessionHasErrors('revision');
    });

it('takes a limit that loosened for no breach, and one that closed a side for one', function (): void {
    $plan = $this->scene->issued(['conditions' => [['code' => 'falls_risk_high', 'details' => []]]]);
    $client = $plan->client;
    $breaches = static fn (): array => Scene::props(test()->get("/clients/{$client->id}/sheet"))['sheet']['breaches'];
    expect($breaches())->toBe([])
        ->and(
            $plan->items->flatMap(static fn (PlanItem $i): array => array_column($i->changes, 'change'))->implode(' '),
        )->toContain('hold_on');
    // With tandem held for ten seconds fingertips are enough: whoever holds on with a hand still does more than is
    // asked.
    $this->post(
        "/clients/{$client->id}/measure",
        ['measured_on' => now()->format('Y-m-d'), 'results' => [['test' => 'tandem_stand', 'value' => '10']]],
    )->assertSessionHasNoErrors();
    expect($breaches())->toBe([]);
    // A left hand that holds nothing closes what the left hand carried, and leaves the right.
    $this->put(
        "/clients/{$client->id}/screen",
        Scene::form(
            [
                'conditions' => [
                    ['code' => 'falls_risk_high', 'side' => '', 'since' => '', 'until' => '', 'details' => []],
                    ['code' => 'hand_function_none', 'side' => 'left', 'since' => '', 'until' => '', 'details' => []],
                ],
            ],
        ),
    )->assertSessionHasNoErrors();
    $oneSided = $plan->items->filter(
        static fn (PlanItem $i): bool => in_array('left', $i->sides, true) && isset($i->dose['load_g']),
    );
    expect($oneSided)->not->toBeEmpty()
        ->and(implode(' ', $breaches()))->toContain('left side: ');
});

it('holds an order past its end until somebody confirms it, then releases it and nothing else', function (): void {
    $client = $this->scene->measured(['conditions' => [
        [
            'code' => 'hip_replacement_posterior', 'side' => 'left', 'since' => '2026-02-01', 'until' => '2026-03-31',
            'details' => [],
        ],
        ['code' => 'hypertension_controlled', 'details' => []],
    ]]);
    $titles = static fn (): string => collect(
        Scene::props(test()->get("/clients/{$client->id}/limits"))['client']['limits'],
    )->pluck('title')->implode(' | ');
    $before = $titles();
    expect($before)->toContain('hip bent past 90 degrees')->toContain('RPE up to 7');
    $this->travelTo('2026-04-20 09:00:00');
    expect($titles())->toBe($before)
        ->and(todaySays('Ada Mole'))->toContain('end date has passed');
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'hip_replacement_posterior', 'reason' => ''],
    )->assertSessionHasErrors('reason');
    expect($titles())->toBe($before);
    $this->post(
        "/clients/{$client->id}/limits/confirm",
        ['rule' => 'hip_replacement_posterior', 'reason' => 'Surgeon saw her on 15 April, no precautions.'],
    )->assertSessionHasNoErrors();
    expect($titles())->not->toContain('hip bent')->toContain('RPE up to 7')
        ->and(todaySays('Ada Mole'))->not->toContain('end date has passed')
        ->and(Decision::query()->latest('id')->first()->reason)->toContain('Surgeon saw her');
});

it('traces every field of a client with six conditions to who asked for it, with a source', function (): void {
    $codes = [
        'older_adult_new', 'falls_risk_high', 'osteoporosis', 'hypertension_controlled', 'chronic_lung_disease',
        'osteoarthritis_knee',
    ];
    $client = $this->scene->measured(
        [
            'birth_date' => '1942-05-01',
            'conditions' => array_map(
                static fn (string $code): array => [
                    'code' => $code,
                    'side' => $code === 'osteoarthritis_knee' ? 'left' : null,
                    'details' => $code === 'osteoporosis' ? ['vertebral_fracture'] : [],
                ],
                $codes,
            ),
        ],
    );
    $props = Scene::props($this->get("/clients/{$client->id}/limits"));
    $fields = array_column($props['fields'], null, 'field');
    $asked = [];
    foreach ($props['fields'] as $field) {
        foreach ([$field, ...$field['scoped']] as $part) {
            $winners = array_filter($part['because'], static fn (array $b): bool => $b['wins']);
            expect($part['because'] === [] || $winners !== [])->toBeTrue($field['field'].' has no winner');
            foreach ($part['because'] as $because) {
                expect($because['says'])->not->toBe('')->and(
                    $because['source'],
                )->not->toBe('')->and($because['label'])->not->toBe('');
                $asked[$because['rule']] = true;
            }
        }
    }
    expect(array_diff($codes, array_keys($asked)))->toBe([])
        // The tightest of three wins, and the others are still named.
        ->and($fields['effort_max']['value'])->toBe('6')
        ->and(array_column($fields['effort_max']['because'], 'rule'))->toContain(
            'older_adult_new', 'hypertension_controlled', 'chronic_lung_disease',
        )
        ->and(
            array_column(
                array_filter($fields['effort_max']['because'], static fn (array $b): bool => $b['wins']), 'rule',
            ),
        )->toContain('older_adult_new', 'chronic_lung_disease')->not->toContain('hypertension_controlled')
        ->and($fields['rest_min_s']['value'])->toBe('90')
        ->and($fields['impact_max']['value'])->toBe('0');
    // Every line of the margin leads to the field it is about.
    foreach ($props['client']['limits'] as $line) {
        expect($fields)->toHaveKey($line['field']);
    }
});
