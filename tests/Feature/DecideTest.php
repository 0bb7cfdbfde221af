<?php

declare(strict_types=1);

use App\Actions\AcceptSteps;
use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use Tests\Feature\Support\Scene;

/** A session decided as a whole: all that step up at once, small steps by themselves where somebody chose so. */
beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->plan = $this->scene->issued();
    $this->scene->goodSession($this->plan, now()->subDays(4)->format('Y-m-d'));
    $this->status = fn (): array => array_count_values(
        Proposal::query()->where('client_id', $this->plan->client_id)->where('decision', 'step_up')->pluck('status')
            ->all(),
    );
});

it('shows what the session was like as a whole', function (): void {
    $this->scene->goodSession(
        $this->plan, now()->format('Y-m-d'), ['note' => 'Went well.', 'pain_next_morning' => null],
    );
    $session = Scene::props($this->get("/clients/{$this->plan->client_id}/review"))['session'];
    $sets = $this->plan->items->sum(static fn ($i): int => $i->dose['sets'] * count($i->sides));
    expect($session)->toMatchArray([
        'exercises' => $this->plan->items->count(), 'sets' => $sets, 'sets_asked' => $sets, 'form_broke' => 0,
        'pain_before' => 0, 'pain_during' => 0, 'pain_next_morning' => null, 'note' => 'Went well.', 'to_see' => false,
    ]);
});

it('accepts all that step up at once, and each can be taken back', function (): void {
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $steps = ($this->status)()[Proposal::OPEN];
    expect($steps)->toBeGreaterThan(1);
    $this->post("/clients/{$this->plan->client_id}/review/accept-steps")->assertSessionHasNoErrors();
    expect(session('said'))->toBe("$steps steps accepted.")->and(($this->status)())->toBe(['accepted' => $steps])
        ->and(
            Plan::query()->where('client_id', $this->plan->client_id)->where('status', Plan::DRAFT)->count(),
        )->toBe(1);
    $one = Proposal::query()->where('status', 'accepted')->latest('id')->value('id');
    $this->post("/clients/{$this->plan->client_id}/review/$one/undo")->assertSessionHasNoErrors();
    expect(($this->status)())->toEqualCanonicalizing(['accepted' => $steps - 1, 'open' => 1]);
    // It is decided again, not made again by a key of the desk.
    $this->post("/clients/{$this->plan->client_id}/plan/redo", [
        'revision' => $this->plan->client->refresh()->plan_revision,
    ])->assertSessionHasErrors(['plan' => 'There is nothing to make again.']);
    expect(($this->status)())->toEqualCanonicalizing(['accepted' => $steps - 1, 'open' => 1]);
});

it('takes back a decision that is not the newest, and leaves every other exercise as it is', function (): void {
    $this->post("/clients/{$this->plan->client_id}/plan/items", [
        'family' => 'seat_rise', 'rung' => 'raised_hands',
        'revision' => $this->plan->client->refresh()->plan_revision,
    ])->assertSessionHasNoErrors();
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $at = "/clients/{$this->plan->client_id}/review";
    $this->post("$at/accept-steps")->assertSessionHasNoErrors();
    $items = fn (): array => Plan::query()->where('client_id', $this->plan->client_id)->where('status', Plan::DRAFT)
        ->sole()->items->mapWithKeys(static fn ($i): array => ["$i->family $i->nth" => [$i->rung, $i->dose]])->all();
    $stepped = $items();
    $accepted = Proposal::query()->where('status', 'accepted')->with('planItem')->orderBy('id')->get();
    expect($accepted->pluck('planItem.family'))->toContain('seat_rise');
    expect($accepted->count())->toBeGreaterThan(2);
    foreach ($accepted->slice(0, -1) as $proposal) {
        $was = $proposal->planItem;
        $this->post("$at/$proposal->id/undo")->assertSessionHasNoErrors();
        $stepped["$was->family $was->nth"] = [$was->rung, $was->dose];
        expect($items())->toEqual($stepped)->and($proposal->refresh()->status)->toBe(Proposal::OPEN);
    }
});

it('takes no decision back over another rung, even with the same dose, nor over one that is gone', function (): void {
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $at = "/clients/{$this->plan->client_id}/review";
    $this->post("$at/accept-steps")->assertSessionHasNoErrors();
    $first = Proposal::query()->where('status', 'accepted')->with('planItem')->orderBy('id')->firstOrFail();
    $row = Plan::query()->where('client_id', $this->plan->client_id)->where('status', Plan::DRAFT)->sole()->items
        ->firstOrFail('family', $first->planItem->family);
    $row->update(['rung' => 'another']);
    $this->post("$at/$first->id/undo")->assertSessionHasErrors('proposal');
    $row->delete();
    $this->post("$at/$first->id/undo")->assertSessionHasErrors('proposal');
    expect($first->refresh()->status)->toBe('accepted');
});

it('leaves what asks for a look, and says what it could not accept', function (): void {
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $open = Proposal::query()->where('status', Proposal::OPEN)->where('decision', 'step_up')->orderBy('id')->get();
    $open[0]->update(['review' => true]);
    // So many sets are unusual, and nobody has looked at them twice.
    $open[1]->update(['dose' => [...$open[1]->dose, 'sets' => 10]]);
    $this->post("/clients/{$this->plan->client_id}/review/accept-steps")->assertSessionHasErrors('proposal');
    expect($open[0]->refresh()->status)->toBe(Proposal::OPEN)->and($open[1]->refresh()->status)->toBe(Proposal::OPEN)
        ->and(($this->status)()['accepted'])->toBe(count($open) - 2);
});

it('steps up on nothing that came from elsewhere before somebody has looked at it', function (): void {
    $log = $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $log->update(['to_see' => true]);
    $accept = static fn (array $rows): ?array => collect($rows)->first()['accept'];
    expect($accept(Scene::props($this->get('/'))['rows']))->toBeNull();
    $this->post("/clients/{$this->plan->client_id}/review/accept-steps")->assertSessionHasErrors('proposal');
    expect(($this->status)())->not->toHaveKey('accepted');
    $this->post("/clients/{$this->plan->client_id}/log/{$log->id}/seen")->assertSessionHasNoErrors();
    expect(Decision::query()->where('kind', 'log.looked_at')->sole()->says)->toEndWith(' looked at.');
    expect($accept(Scene::props($this->get('/'))['rows'])['ease'])->toBeFalse();
    $this->post("/clients/{$this->plan->client_id}/review/accept-steps")->assertSessionHasNoErrors();
    expect(($this->status)())->toHaveKey('accepted');
});

it('accepts nothing while a red flag is open', function (): void {
    $this->scene->goodSession($this->plan, now()->subDay()->format('Y-m-d'));
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'), ['stop_sign' => 'faintness']);
    Proposal::query()->where('decision', 'step_up')->limit(1)->update(['status' => Proposal::OPEN]);
    $this->post("/clients/{$this->plan->client_id}/review/accept-steps")->assertSessionHasErrors('proposal');
    expect(Proposal::query()->where('status', 'accepted')->count())->toBe(0);
});

it('accepts small steps by itself only where chosen, once the morning is known, and never after a brake', function (
    array $session, bool $chosen, bool $steps, ?Closure $before = null,
): void {
    app(AcceptSteps::class)->choose($this->plan->client, $this->scene->user, $chosen);
    $before?->__invoke($this->plan, $this->scene);
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'), $session);
    $accepted = Proposal::query()->where('status', 'accepted')->get();
    expect($accepted->isNotEmpty())->toBe($steps)
        ->and($accepted->every(static fn (Proposal $p): bool => in_array(
            $p->lever, ['reps', 'seconds', 'steps', 'trips', 'metres'], true,
        )))->toBeTrue()
        ->and(
            Plan::query()->where('client_id', $this->plan->client_id)->where('status', Plan::ISSUED)->value('version'),
        )
        ->toBe($this->plan->version);
})->with([
    'chosen, all well' => [[], true, true],
    'not chosen' => [[], false, false],
    'the morning is not known' => [['pain_next_morning' => null], true, false],
    'a worse morning' => [['pain_before' => 0, 'pain_next_morning' => 3], true, false],
    'a red flag' => [['stop_sign' => 'faintness'], true, false],
]);

it('holds small steps back for each brake by itself', function (Closure $brake, bool $steps): void {
    $accept = app(AcceptSteps::class);
    $log = $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $this->plan->client->update(['small_steps' => true]);
    $brake($log);
    $accept->small($this->plan->client->refresh(), $this->scene->user);
    expect(Proposal::query()->where('status', 'accepted')->exists())->toBe($steps);
})->with([
    'none' => [static fn (SessionLog $log): null => null, true],
    'to be looked at' => [static fn (SessionLog $log): bool => $log->update(['to_see' => true]), false],
    'the morning not known' => [
        static fn (SessionLog $log): bool => $log->update(['pain_next_morning' => null]),
        false,
    ],
    'one that eases' => [
        static fn (SessionLog $log): int => Proposal::query()
            ->where('status', 'open')
            ->limit(1)
            ->update(['decision' => 'ease']),
        false,
    ],
    'one to be looked at' => [
        static fn (SessionLog $log): int => Proposal::query()
            ->where('status', 'open')
            ->limit(1)
            ->update(['review' => true]),
        false,
    ],
    'a red flag' => [static fn (SessionLog $log): bool => $log->update(['stop_sign' => 'faintness']), false],
]);

it('accepts none at all of what came from elsewhere, and says why', function (): void {
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'))->update(['to_see' => true]);
    expect(app(AcceptSteps::class)->all($this->plan->client->refresh(), $this->scene->user)['accepted'])->toBe(0);
});

it('lets small steps in when the morning comes in, and records who chose so', function (): void {
    $this->put("/clients/{$this->plan->client_id}/review/small-steps", ['on' => true])->assertSessionHasNoErrors();
    expect(Decision::query()->where('kind', 'client.small_steps')->count())->toBe(1);
    $log = $this->scene->goodSession($this->plan, now()->format('Y-m-d'), ['pain_next_morning' => null]);
    expect(Proposal::query()->where('status', 'accepted')->count())->toBe(0);
    $this->put("/clients/{$this->plan->client_id}/log/$log->id/next-morning", ['pain_next_morning' => 0]);
    expect(Proposal::query()->where('status', 'accepted')->count())->toBeGreaterThan(0);
    $this->put("/clients/{$this->plan->client_id}/review/small-steps", ['on' => true]);
    $this->put("/clients/{$this->plan->client_id}/review/small-steps", ['on' => false]);
    expect(Decision::query()->where('kind', 'client.small_steps')->count())->toBe(2)
        ->and(Client::query()->findOrFail($this->plan->client_id)->small_steps)->toBeFalse();
});

it('lets small steps in, where they are chosen, once a session from elsewhere was looked at', function (
    bool $chosen,
): void {
    $log = $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $log->update(['to_see' => true]);
    $this->plan->client->update(['small_steps' => $chosen]);
    expect(Proposal::query()->where('status', 'accepted')->exists())->toBeFalse();
    $this->post("/clients/{$this->plan->client_id}/log/$log->id/seen")->assertSessionHasNoErrors();
    expect(Proposal::query()->where('status', 'accepted')->exists())->toBe($chosen);
})->with([true, false]);

it('lets a typed dose be tried out beside a proposal of the same rung', function (): void {
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $rows = Scene::props($this->get("/clients/{$this->plan->client_id}/review"))['proposals'];
    $same = array_filter($rows, static fn (array $r): bool => $r['to'] === null);
    expect($same)->not->toBe([]);
    foreach ($same as $row) {
        $typed = array_intersect_key($row['next'], array_flip([
            'sets', 'kind', 'amount_lo', 'amount_hi', 'effort_lo', 'effort_hi', 'rest_s', 'load_kg', 'tempo',
        ]));
        $at = "/clients/{$this->plan->client_id}/plan/items/{$row['item']}/try";
        $this->getJson($at.'?'.http_build_query($typed))->assertOk()->assertJsonPath('budget', 40);
        // What cannot be meant is answered as well, at the field.
        $this->getJson($at.'?'.http_build_query([...$typed, 'sets' => '0']))->assertOk()
            ->assertJsonPath(
                'errors.sets', 'Sets must be from 1 to 10, for example 2.',
            )->assertJsonPath('minutes', null);
    }
    foreach (array_diff_key($rows, $same) as $row) {
        expect($row['item'])->toBeNull();
    }
});

it('takes back what was proposed for a dose that was issued otherwise, and leaves the rest open', function (): void {
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $open = fn (): array => Proposal::query()->with('planItem')->where('client_id', $this->plan->client_id)
        ->where('status', Proposal::OPEN)->orderBy('id')->get()->map(
            static fn (Proposal $p): string => $p->planItem->family,
        )->all();
    $before = $open();
    $item = $this->plan->items->firstWhere('family', $before[0]);
    $dose = $item->dose;
    $kind = array_values(array_intersect(['reps', 'seconds', 'hold', 'steps', 'trips'], array_keys($dose)))[0];
    $at = "/clients/{$this->plan->client_id}/plan";
    $this->put("$at/items/$item->id/dose", [
        'revision' => $this->plan->client->refresh()->plan_revision, 'sets' => $dose['sets'] === 1 ? 2 : 1,
        'amount_lo' => $dose[$kind]['lo'], 'amount_hi' => $dose[$kind]['hi'], 'effort_lo' => $dose['effort']['lo'],
        'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'],
        'load_kg' => isset($dose['load_g']) ? (string) ($dose['load_g'] / 1000) : null,
    ])->assertSessionHasNoErrors();
    $this->post("$at/issue", ['revision' => $this->plan->client->refresh()->plan_revision])
        ->assertSessionHasNoErrors();
    expect(count($before))->toBeGreaterThan(1)->and($open())->toBe(array_slice($before, 1));
});

it('takes no decision back over a dose that was changed since', function (): void {
    $this->scene->goodSession($this->plan, now()->format('Y-m-d'));
    $client = $this->plan->client;
    $proposal = Proposal::query()->with('planItem')->where('client_id', $client->id)->where('status', Proposal::OPEN)
        ->where('decision', 'step_up')->orderBy('id')->firstOrFail();
    $this->post("/clients/$client->id/review/$proposal->id/accept")->assertSessionHasNoErrors();
    $draft = Plan::query()->with('items')->where('client_id', $client->id)->where('status', Plan::DRAFT)->sole();
    $item = $draft->items->firstOrFail(static fn (PlanItem $i): bool => $i->isSameAs($proposal->planItem));
    $rung = $item->rung;
    $item->update(['dose' => [...$item->dose, 'rest_s' => $item->dose['rest_s'] + 15]]);
    // Something else is changed after it as well: the decision is not the last step any more.
    $last = $draft->items[count($draft->items) - 1];
    $this->delete("/clients/$client->id/plan/items/$last->id", ['revision' => $client->refresh()->plan_revision])
        ->assertSessionHasNoErrors();
    $this->post("/clients/$client->id/review/$proposal->id/undo")->assertSessionHasErrors('proposal');
    expect(session('errors')->first('proposal'))->toContain('changed again since')
        ->and($item->refresh()->rung)->toBe($rung)->and($proposal->refresh()->status)->toBe('accepted');
});
