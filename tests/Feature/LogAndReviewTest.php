<?php

declare(strict_types=1);

use App\Actions\LogSession;
use App\Models\Decision;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->plan = $this->scene->issued();
    $this->actingAs($this->scene->user);
    $this->url = "/clients/{$this->plan->client_id}";
    $this->today = (string) $this->scene->user->clinic->today();
});

/** @return array<string, mixed> */
function logForm(Plan $plan, string $on, array $with = [], array $item = []): array
{
    return [
        'plan_id' => $plan->id,
        'key' => (string) Str::uuid(),
        'done_on' => $on,
        'pain_before' => '0',
        'pain_next_morning' => '',
        'stop_sign' => '',
        'skipped' => '',
        'note' => '',
        'items' => $plan->items->map(static fn (PlanItem $i): array => [
            'item' => $i->id,
            'done' => true,
            'effort' => '5',
            'load_kg' => isset($i->dose['load_g']) ? (string) ($i->dose['load_g'] / 1000) : '',
            'pain_during' => '0',
            'broken' => '',
            'sets' => array_fill(0, $i->dose['sets'], ['amount' => '10', 'side' => $i->sides[0]]), ...$item,
        ])->all(),
        ...$with,
    ];
}

function familyProposal(string $family): Proposal
{
    return Proposal::query()->with('planItem')->where('status', 'open')->whereHas(
        'planItem', static fn ($q) => $q->where('family', $family),
    )->firstOrFail();
}

it('keeps a session with the dose it was done under, and proposes for every exercise', function (): void {
    $this->post(
        "{$this->url}/log", logForm($this->plan, $this->today),
    )->assertSessionHasNoErrors()->assertRedirect("{$this->url}/review");
    expect(LogItem::query()->count())->toBe($this->plan->items->count())
        ->and(LogItem::query()->first()->dose)->toEqual($this->plan->items[0]->dose)
        ->and(Proposal::query()->where('status', 'open')->count())->toBe($this->plan->items->count());
});

it('takes the same session twice as one', function (): void {
    $form = logForm($this->plan, $this->today);
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    expect(SessionLog::query()->count())->toBe(1)
        ->and(LogItem::query()->count())->toBe($this->plan->items->count());
});

it('keeps the sets after one that was left empty', function (): void {
    $row = $this->plan->items->firstWhere('family', 'tote_row');
    $side = $row->sides[0];
    $form = logForm($this->plan, $this->today, item: ['done' => false]);
    $form['items'] = array_map(static fn (array $item): array => $item['item'] !== $row->id ? $item : [
        ...$item, 'done' => true, 'broken' => '1',
        'sets' => array_map(static fn (string $n): array => ['amount' => $n, 'side' => $side], ['', '9', '7']),
    ], $form['items']);
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    $sets = LogItem::query()->sole()->sets;
    expect(array_column($sets, 'reps'))->toBe([9, 7])
        ->and(array_map(static fn (array $set): bool => $set['form_broke'] ?? false, $sets))->toBe([true, false]);
});

it('refuses what cannot have been done, at its field, and writes nothing', function (
    array $with, array $item, string $field,
): void {
    $this->post(
        "{$this->url}/log", logForm($this->plan, $with['done_on'] ?? $this->today, $with, $item),
    )->assertSessionHasErrors($field);
    expect(SessionLog::query()->count())->toBe(0)->and(Proposal::query()->count())->toBe(0);
})->with([
    'negative reps' => [[], ['sets' => [['amount' => '-3', 'side' => 'both']]], 'items.0.sets.0.amount'],
    'half a rep' => [[], ['sets' => [['amount' => '3.5', 'side' => 'both']]], 'items.0.sets.0.amount'],
    'effort of twelve' => [[], ['effort' => '12'], 'items.0.effort'],
    'no effort' => [[], ['effort' => ''], 'items.0.effort'],
    'no sets' => [[], ['sets' => [['amount' => '', 'side' => 'both']]], 'items.0.sets'],
    'pain of eleven' => [[], ['pain_during' => '11'], 'items.0.pain_during'],
    'tomorrow' => [['done_on' => '2199-01-01'], [], 'done_on'],
    'nothing at all' => [['items' => []], [], 'skipped'],
    'no key' => [['key' => 'again'], [], 'key'],
]);

it('does not log on a plan that has been replaced', function (): void {
    $this->plan->update(['status' => 'superseded']);
    $this->post("{$this->url}/log", logForm($this->plan, $this->today))->assertSessionHasErrors('plan_id');
});

it('ignores an item of another plan', function (): void {
    $other = $this->scene->issued(['given_name' => 'Bo']);
    $form = logForm($this->plan, $this->today);
    $form['items'][0]['item'] = $other->items[0]->id;
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    expect(LogItem::query()->where('plan_item_id', $other->items[0]->id)->count())->toBe(0);
});

it('steps up after two good sessions, and the next version shows what was accepted', function (): void {
    $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($this->plan, $this->today);
    $proposal = familyProposal('tote_row');
    expect($proposal->decision)->toBe('step_up');
    $this->post("{$this->url}/review/{$proposal->id}/accept")->assertSessionHasNoErrors();
    $draft = Plan::query()->with('items')->where('status', 'draft')->firstOrFail();
    expect($draft->items->firstWhere('family', 'tote_row')->dose)->toEqual($proposal->dose)
        ->and($draft->version)->toBe(2)
        ->and($draft->items->firstWhere('family', 'tote_row')->last_load_g)->toBe(
            $this->plan->items->firstWhere('family', 'tote_row')->dose['load_g'],
        )
        ->and(Decision::query()->latest('id')->first()->kind)->toBe('proposal.accepted');
    $this->post("{$this->url}/review/{$proposal->id}/accept")->assertSessionHasErrors('proposal');
    $this->post("{$this->url}/plan/issue", ['revision' => $draft->refresh()->revision])->assertSessionHasNoErrors();
    $needs = array_column(Scene::props($this->get('/'))['rows'], null, 'name')['Ada Mole']['needs'];
    expect(implode(' ', array_column($needs, 'says')))->not->toContain('Tote row');
});

it('edits a proposal with the limits live, and refuses with a reason only', function (): void {
    $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($this->plan, $this->today);
    $proposal = familyProposal('seat_rise');
    $form = [
        'sets' => '2', 'amount_lo' => '8', 'amount_hi' => '10', 'effort_lo' => '5', 'effort_hi' => '6',
        'rest_s' => '60', 'load_kg' => '2.22',
    ];
    $this->put("{$this->url}/review/{$proposal->id}", $form)->assertSessionHasErrors('load');
    expect($proposal->refresh()->status)->toBe('open');
    $this->put(
        "{$this->url}/review/{$proposal->id}", [...$form, 'load_kg' => '2.23', 'reason' => 'slower'],
    )->assertSessionHasNoErrors();
    $draft = Plan::query()->with('items')->where('status', 'draft')->firstOrFail();
    expect($draft->items->firstWhere('family', 'seat_rise')->dose['load_g'])->toBe(2230)
        ->and($proposal->refresh()->status)->toBe('edited');
    $other = familyProposal('tote_row');
    $this->post("{$this->url}/review/{$other->id}/refuse", ['reason' => ''])->assertSessionHasErrors('reason');
    $this->post("{$this->url}/review/{$other->id}/refuse", ['reason' => 'sore elbow'])->assertSessionHasNoErrors();
    expect($other->refresh()->status)->toBe('refused')
        ->and(
            $draft->refresh()->items()->where('family', 'tote_row')->value('dose'),
        )->toEqual($this->plan->items->firstWhere('family', 'tote_row')->dose);
});

it('replaces open proposals when a new session comes in', function (): void {
    $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($this->plan, $this->today);
    expect(Proposal::query()->where('status', 'open')->distinct()->count('session_log_id'))->toBe(1);
});

it('stops everything on a red flag until a clinician clears it with a reason', function (): void {
    $this->post(
        "{$this->url}/log",
        logForm($this->plan, $this->today, ['stop_sign' => 'chest pain or pressure', 'items' => []]),
    )->assertSessionHasNoErrors();
    $row = array_column(Scene::props($this->get('/'))['rows'], null, 'name')['Ada Mole'];
    expect($row['mark'])->toBe('stop')
        ->and(Proposal::query()->where('status', 'open')->pluck('decision')->unique()->all())->toBe(['stop']);
    $item = $this->plan->items->firstWhere('family', 'seat_rise');
    $this->put(
        "{$this->url}/plan/items/{$item->id}/rung", ['rung' => 'no_hands', 'revision' => 2],
    )->assertSessionHasNoErrors();
    $this->post("{$this->url}/plan/issue", ['revision' => 3])->assertSessionHasErrors('stop');
    $this->post("{$this->url}/review/clear-stop", ['reason' => ''])->assertSessionHasErrors('reason');
    $this->post(
        "{$this->url}/review/clear-stop", ['reason' => 'Dr Fenn: cleared, no findings'],
    )->assertSessionHasNoErrors();
    $this->post("{$this->url}/plan/issue", ['revision' => 3])->assertSessionHasNoErrors();
    expect(Decision::query()->where('kind', 'stop.cleared')->value('reason'))->toBe('Dr Fenn: cleared, no findings');
});

it('works the review out again when next morning was worse', function (): void {
    $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
    $log = $this->scene->goodSession($this->plan, $this->today, ['pain_next_morning' => null]);
    expect(familyProposal('tote_row')->decision)->toBe('step_up');
    $this->put(
        "{$this->url}/log/{$log->id}/next-morning", ['pain_next_morning' => '11'],
    )->assertSessionHasErrors('pain_next_morning');
    $this->put("{$this->url}/log/{$log->id}/next-morning", ['pain_next_morning' => '4'])->assertSessionHasNoErrors();
    // What it said before the morning was known counted until then.
    expect($log->earlier()->pluck('was_in_force')->all())->toEqual([true]);
    expect(familyProposal('tote_row')->decision)->toBe('ease');
});

it('never counts a session called off as a failure', function (): void {
    $this->post(
        "{$this->url}/log", logForm($this->plan, $this->today, ['skipped' => 'a cold', 'items' => []]),
    )->assertSessionHasNoErrors();
    expect(Proposal::query()->where('status', 'open')->pluck('decision')->unique()->all())->toBe(['stay']);
});

it('takes nobody\'s accepting for a second look at an unusual dose', function (): void {
    $this->post("{$this->url}/log", logForm($this->plan, $this->today))->assertSessionHasNoErrors();
    $proposal = familyProposal('seat_rise');
    $proposal->update(['decision' => 'step_up', 'dose' => [...$proposal->dose, 'sets' => 7]]);
    $this->post("{$this->url}/review/{$proposal->id}/accept")->assertSessionHasErrors('confirm');
    expect($proposal->refresh()->status)->toBe(Proposal::OPEN);
});

it('reviews a session with what that very session told of the 1RM', function (): void {
    $client = $this->plan->client;
    expect($client->loggedEstimates)->toHaveCount(0);
    $this->scene->goodSession($this->plan, $this->today);
    $item = $this->plan->items->firstOrFail('family', 'seat_rise');
    app(LogSession::class)->run(
        $client, $this->scene->user, $this->plan, (string) Str::uuid(), [
            'done_on' => $this->today, 'pain_before' => 0, 'pain_next_morning' => 0, 'stop_sign' => null,
            'skipped' => null, 'note' => null,
        ], [['item' => $item->id, 'pain_during' => 0, 'sets' => [['reps' => 10, 'effort' => 7.0, 'side' => 'both']]]],
    );
    expect($client->loggedEstimates)->not->toHaveCount(0);
});

it('keeps that it was a light day, and that form broke, with every set it is said of', function (): void {
    $form = logForm($this->plan, $this->today, [], ['light' => true, 'broken' => '1']);
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    $row = $this->plan->items->firstOrFail('family', 'tote_row');
    $sets = LogItem::query()->where('plan_item_id', $row->id)->sole()->sets;
    expect(count($sets))->toBeGreaterThan(1)
        ->and(array_column($sets, 'light'))->toBe(array_fill(0, count($sets), true))
        ->and(array_column($sets, 'form_broke'))->toBe([true]);
    $this->post("{$this->url}/log", logForm($this->plan, $this->today, ['confirmed' => true], ['light' => false]));
    $plain = LogItem::query()->where('plan_item_id', $row->id)->latest('id')->firstOrFail()->sets;
    expect(array_column($plain, 'light'))->toBe([]);
});

it('keeps nothing of an exercise that was not done', function (): void {
    $form = logForm($this->plan, $this->today);
    $form['items'][1]['done'] = false;
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    expect(LogItem::query()->pluck('plan_item_id')->all())->toEqualCanonicalizing(
        $this->plan->items->pluck('id')->reject($form['items'][1]['item'])->all(),
    );
});
