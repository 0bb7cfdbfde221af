<?php

declare(strict_types=1);

use App\Actions\LogSession;
use App\Models\Client;
use App\Models\Decision;
use App\Models\LogItem;
use App\Models\LogSource;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Models\SessionLogVersion;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->plan = $this->scene->issued();
    $this->actingAs($this->scene->user);
    $this->url = "/clients/{$this->plan->client_id}";
    $this->today = (string) $this->scene->user->clinic->today();
    $this->form = fn (array $with = []): array => [
        'plan_id' => $this->plan->id, 'key' => (string) Str::uuid(), 'done_on' => $this->today, 'pain_before' => '0',
        'pain_next_morning' => '', 'stop_sign' => '', 'skipped' => '', 'note' => '',
        'items' => $this->plan->items->map(
            static fn (PlanItem $i): array => [
                'item' => $i->id, 'done' => true, 'effort' => '5',
                'load_kg' => isset($i->dose['load_g']) ? (string) ($i->dose['load_g'] / 1000) : '',
                'pain_during' => '0', 'broken' => '',
                'sets' => array_fill(0, $i->dose['sets'], ['amount' => '10', 'side' => $i->sides[0]]),
            ],
        )->all(),
        ...$with,
    ];
    $this->other = static fn (string $family): Proposal => Proposal::query()->with(
        ['planItem', 'client.clinic'],
    )->where('status', 'open')->where('decision', 'step_up')->get()->firstOrFail(
        static fn (Proposal $p): bool => $p->planItem->family !== $family,
    );
    $this->open = static fn (string $family): ?Proposal => Proposal::query()->with(
        ['planItem', 'client.clinic'],
    )->where('status', 'open')->get()->first(
        static fn (Proposal $p): bool => $p->planItem->family === $family,
    );
});

it('keeps a corrected session, with what was entered before beside it', function (): void {
    $form = [...($this->form)(), 'note' => 'as usual'];
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    expect(SessionLogVersion::query()->count())->toBe(0);
    // The red flag that was forgotten: the same key, other content.
    $this->post(
        "{$this->url}/log", [...$form, 'stop_sign' => 'faintness', 'note' => 'said so on the phone'],
    )->assertSessionHasNoErrors();
    $log = SessionLog::query()->sole();
    expect($log->stop_sign)->toBe('faintness')->and($log->version)->toBe(2)
        ->and(SessionLogVersion::query()->sole()->content['session'])->toMatchArray([
            'stop_sign' => null, 'note' => 'as usual',
        ])
        ->and(LogItem::query()->count())->toBe($this->plan->items->count())
        ->and(Proposal::query()->where('status', 'open')->pluck('decision')->unique()->all())->toBe(['stop'])
        ->and(Decision::query()->where('kind', 'log.corrected')->count())->toBe(1);
    $page = Scene::props($this->get("{$this->url}/log"))['logs'][0];
    expect($page['corrected'])->toBe(1)->and($page['earlier'][0]['says'])->toContain('pain before 0');
});

it('corrects a session from its own page, on the version that was shown', function (): void {
    $this->post("{$this->url}/log", ($this->form)());
    $log = SessionLog::query()->sole();
    $form = Scene::props($this->get("{$this->url}/log?correct={$log->id}"))['correcting'];
    expect($form['items'][0]['sets'][0]['amount'])->toBe('10')->and($form['corrects'])->toBe(1);
    $this->post("{$this->url}/log", [...$form, 'pain_before' => '3'])->assertSessionHasNoErrors();
    $this->post("{$this->url}/log", [...$form, 'pain_before' => '7'])->assertSessionHasErrors('version');
    expect($log->refresh()->pain_before)->toBe(3);
    // Back to what was entered first is a correction too, and no resend.
    $this->post("{$this->url}/log", [...$form, 'corrects' => 2])->assertSessionHasNoErrors();
    expect($log->refresh()->pain_before)->toBe(0)->and($log->version)->toBe(3);
    $this->get("{$this->url}/log?correct=99999")->assertOk();
    $other = $this->scene->issued(['given_name' => 'Bo']);
    expect(Scene::props($this->get("/clients/{$other->client_id}/log?correct={$log->id}"))['correcting'])->toBeNull();
});

it('never lets a phone or a device send over what a clinician corrected', function (): void {
    $log = app(LogSession::class);
    $client = Client::query()->with('clinic')->findOrFail($this->plan->client_id);
    $session = [
        'done_on' => $this->today, 'pain_before' => 1, 'pain_next_morning' => null, 'stop_sign' => null,
        'skipped' => null, 'note' => null,
    ];
    $send = fn (array $with, LogSource $source, ?int $corrects = null): SessionLog => $log->run(
        $client, $this->scene->user, $this->plan, '6a0f6b52-3c1e-4b7e-9a34-111111111111',
        [...$session, 'skipped' => 'a cold', ...$with], [], $source, $corrects,
    );
    $send([], LogSource::Client);
    $send(['pain_before' => 2], LogSource::Client);
    expect(SessionLog::query()->sole()->pain_before)->toBe(2);
    $send(['pain_before' => 4, 'stop_sign' => 'faintness'], LogSource::Clinician, 2);
    foreach ([['pain_before' => 2], [], ['pain_before' => 0]] as $resend) {
        $send($resend, LogSource::Client);
        $send($resend, LogSource::Device);
    }
    $now = SessionLog::query()->sole();
    expect($now->pain_before)->toBe(4)->and($now->stop_sign)->toBe('faintness')->and($now->source)->toBe(
        LogSource::Clinician,
    )
        // The one that nobody had seen before is kept beside it, and was never in force.
        ->and(
            $now->earlier->where('was_in_force', false)->pluck(
                'content.session.pain_before',
            )->unique()->values()->all(),
        )->toBe([0]);
});

it('corrects no red flag away', function (): void {
    $form = ($this->form)(['stop_sign' => 'faintness']);
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    $this->post("{$this->url}/log", [...$form, 'stop_sign' => ''])->assertSessionHasErrors('stop_sign');
    $this->post(
        "{$this->url}/log", [...$form, 'stop_sign' => '', 'corrects' => 1],
    )->assertSessionHasErrors('stop_sign');
    $this->post("{$this->url}/review/clear-stop", ['reason' => 'Dr Fenn: nothing found'])->assertSessionHasNoErrors();
    // Another sign than the one that was cleared is open again.
    $this->post(
        "{$this->url}/log", [...$form, 'stop_sign' => 'chest pain or pressure', 'corrects' => 1],
    )->assertSessionHasNoErrors();
    expect(SessionLog::query()->sole()->hasOpenStopSign())->toBeTrue();
});

it('leaves decided what was decided when the next morning comes late, and proposes what has '
    .'changed', function (): void {
        $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
        $log = $this->scene->goodSession($this->plan, $this->today, ['pain_next_morning' => null]);
        $decided = ($this->open)('tote_row');
        expect($decided->decision)->toBe('step_up');
        $this->post("{$this->url}/review/{$decided->id}/accept")->assertSessionHasNoErrors();
        $this->put(
            "{$this->url}/log/{$log->id}/next-morning", ['pain_next_morning' => '4'],
        )->assertSessionHasNoErrors();
        $new = ($this->open)('tote_row');
        expect($decided->refresh()->status)->toBe('accepted')
            ->and($new->id)->not->toBe($decided->id)->and($new->decision)->toBe('ease')
            ->and($new->because[0]['says'])->toContain('Decided before this was known: pain the morning after')
            ->and(Decision::query()->where('kind', 'log.next_morning')->sole()->says)->toContain(': 4.');
        // Of the others nothing was decided before.
        $others = Proposal::query()->where('status', Proposal::OPEN)->whereKeyNot($new->id)->get();
        expect($others)->not->toBeEmpty();
        foreach ($others as $other) {
            expect(json_encode($other->because))->not->toContain('Decided before');
        }
        // What is decided cannot be accepted a second time.
        $this->post("{$this->url}/review/{$decided->id}/accept")->assertSessionHasErrors('proposal');
        // The same morning again changes nothing; another one is a correction, on Log.
        $this->put(
            "{$this->url}/log/{$log->id}/next-morning", ['pain_next_morning' => '4'],
        )->assertSessionHasNoErrors();
        $this->put(
            "{$this->url}/log/{$log->id}/next-morning", ['pain_next_morning' => '1'],
        )->assertSessionHasErrors('pain_next_morning');
        expect($log->refresh()->pain_next_morning)->toBe(4)->and(($this->open)('tote_row')->id)->toBe($new->id);
    });

it('does not lose a next morning to a late resend of the session', function (): void {
    $form = ($this->form)();
    $this->post("{$this->url}/log", $form);
    $log = SessionLog::query()->sole();
    $this->put("{$this->url}/log/{$log->id}/next-morning", ['pain_next_morning' => '5'])->assertSessionHasNoErrors();
    $this->post("{$this->url}/log", $form)->assertSessionHasNoErrors();
    expect($log->refresh()->pain_next_morning)->toBe(5);
});

it('lets no older session, entered late, take down the review of a newer one', function (): void {
    $this->scene->goodSession($this->plan, now()->subDays(6)->format('Y-m-d'));
    $newest = $this->scene->goodSession($this->plan, now()->subDays(2)->format('Y-m-d'));
    $accepted = ($this->open)('tote_row');
    $this->post("{$this->url}/review/{$accepted->id}/accept")->assertSessionHasNoErrors();
    $untouched = ($this->other)('tote_row');
    $this->scene->goodSession($this->plan, now()->subDays(4)->format('Y-m-d'));
    expect($accepted->refresh()->status)->toBe('accepted')
        ->and($untouched->refresh()->status)->toBe('open')
        ->and(Proposal::query()->where('status', 'open')->pluck('session_log_id')->unique()->all())->toBe([$newest->id])
        ->and(($this->open)('tote_row'))->toBeNull();
});

it('takes every decision back until a plan is issued or a later session is reviewed', function (): void {
    $this->scene->goodSession($this->plan, now()->subDays(5)->format('Y-m-d'));
    $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
    $row = ($this->open)('tote_row');
    $second = ($this->other)('tote_row');
    $family = $second->planItem->family;
    $before = $this->plan->items->firstWhere('family', 'tote_row')->dose;
    $draftDose = static fn (string $family): mixed => Plan::query()->where(
        'status', 'draft',
    )->first()?->items()->where('family', $family)->first()?->dose;
    // The newest decision: the draft that it made goes with it.
    $this->post("{$this->url}/review/{$row->id}/accept")->assertSessionHasNoErrors();
    expect($draftDose('tote_row'))->not->toEqual($before);
    $this->post("{$this->url}/review/{$row->id}/undo")->assertSessionHasNoErrors();
    expect($row->refresh()->status)->toBe('open')->and(Plan::query()->where('status', 'draft')->count())->toBe(0);
    // An older decision: only its exercise goes back, the newer one stays.
    $this->post("{$this->url}/review/{$row->id}/accept")->assertSessionHasNoErrors();
    $this->post("{$this->url}/review/{$second->id}/accept")->assertSessionHasNoErrors();
    $kept = $draftDose($family);
    $this->post("{$this->url}/review/{$row->id}/undo")->assertSessionHasNoErrors();
    expect($draftDose('tote_row'))->toEqual($before)->and($draftDose($family))->toEqual($kept)->and(
        $second->refresh()->status,
    )->toBe('accepted');
    // A refusal goes back as well.
    $this->post("{$this->url}/review/{$row->id}/refuse", ['reason' => 'sore elbow'])->assertSessionHasNoErrors();
    $this->post("{$this->url}/review/{$row->id}/undo")->assertSessionHasNoErrors();
    $this->post("{$this->url}/review/{$row->id}/undo")->assertSessionHasErrors('proposal');
    expect(Decision::query()->where('kind', 'proposal.undone')->count())->toBe(3);
    // Taken back on Plan, the decision that made the change is open again too.
    $this->post("{$this->url}/review/{$row->id}/accept")->assertSessionHasNoErrors();
    $this->post(
        "{$this->url}/plan/undo", ['revision' => Client::query()->findOrFail($this->plan->client_id)->plan_revision],
    )->assertSessionHasNoErrors();
    expect($row->refresh()->only(['status', 'taken']))->toBe(['status' => 'open', 'taken' => null]);
    // What is issued is not taken back by a button.
    $this->post("{$this->url}/review/{$row->id}/accept")->assertSessionHasNoErrors();
    $this->post(
        "{$this->url}/plan/issue", ['revision' => Client::query()->findOrFail($this->plan->client_id)->plan_revision],
    )->assertSessionHasNoErrors();
    $this->post("{$this->url}/review/{$row->id}/undo")->assertSessionHasErrors('proposal');
});

it('takes changes of a plan back one after the other, to the exercise and to the dose', function (): void {
    $page = "{$this->url}/plan";
    $revision = fn (): int => Client::query()->findOrFail($this->plan->client_id)->plan_revision;
    $state = static fn (): array => Plan::query()->where('status', 'draft')->with('items')->first()?->items->map->only(
        ['id', 'family', 'rung', 'dose'],
    )->all()
        ?? [];
    $states = [$state()];
    $item = $this->plan->items->firstWhere('family', 'seat_rise');
    $changes = [
        fn () => $this->put("$page/items/{$item->id}/rung", ['rung' => 'no_hands', 'revision' => $revision()]),
        fn () => $this->delete("$page/items/{$item->id}", ['revision' => $revision()]),
        fn () => $this->post("$page/items", ['family' => 'knee_extension', 'revision' => $revision()]),
        fn () => $this->post($page, ['revision' => $revision()]),
    ];
    foreach ($changes as $change) {
        $change()->assertSessionHasNoErrors();
        $states[] = $state();
    }
    $this->post("$page/undo", ['revision' => $revision() - 1])->assertSessionHasErrors('revision');
    foreach (array_reverse(array_slice($states, 0, -1)) as $before) {
        $this->post("$page/undo", ['revision' => $revision()])->assertSessionHasNoErrors();
        expect($state())->toEqual($before);
    }
    expect(Scene::props($this->get($page))['undo'])->toBeNull();
    $this->post("$page/undo", ['revision' => $revision()])->assertSessionHasErrors('plan');
});

it('opens a red flag again that was cleared by mistake', function (): void {
    $log = $this->scene->goodSession($this->plan, $this->today, ['stop_sign' => 'faintness']);
    $this->post("{$this->url}/review/reopen-stop/{$log->id}")->assertNotFound();
    $this->post("{$this->url}/review/clear-stop", ['reason' => 'Dr Fenn: nothing found'])->assertSessionHasNoErrors();
    expect(Scene::props($this->get("{$this->url}/review"))['cleared']['id'])->toBe($log->id);
    $this->post("{$this->url}/review/reopen-stop/{$log->id}")->assertSessionHasNoErrors();
    expect($log->refresh()->hasOpenStopSign())->toBeTrue()->and(
        Decision::query()->where('kind', 'stop.reopened')->count(),
    )->toBe(1);
    $this->post("{$this->url}/review/clear-stop", ['reason' => 'Dr Fenn: nothing found'])->assertSessionHasNoErrors();
    $this->post("{$this->url}/review/clear-stop", ['reason' => 'twice'])->assertSessionHasErrors('reason');
});

it('decides nothing while a red flag is open, whatever was proposed before it was opened again', function (): void {
    $sign = $this->scene->goodSession($this->plan, now()->subDays(7)->format('Y-m-d'), ['stop_sign' => 'faintness']);
    $this->post("{$this->url}/review/clear-stop", ['reason' => 'Dr Fenn: nothing found'])->assertSessionHasNoErrors();
    $this->scene->goodSession($this->plan, now()->subDays(5)->format('Y-m-d'));
    $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
    $row = ($this->open)('tote_row');
    expect($row->decision)->toBe('step_up');
    // Opened behind the page's back: the door itself refuses, and nothing gets into a plan.
    SessionLog::query()->whereKey($sign->id)->update(['stop_cleared_at' => null]);
    $this->post("{$this->url}/review/{$row->id}/accept")->assertSessionHasErrors('proposal');
    $this->post("{$this->url}/review/{$row->id}/refuse", ['reason' => 'sore knee'])->assertSessionHasErrors('proposal');
    expect($row->refresh()->status)->toBe('open')->and(Plan::query()->where('status', 'draft')->count())->toBe(0);
    SessionLog::query()->whereKey($sign->id)->update(['stop_cleared_at' => now()]);
    // Opened by its button: every proposal says stop.
    $this->post("{$this->url}/review/reopen-stop/{$sign->id}")->assertSessionHasNoErrors();
    expect(Proposal::query()->where('status', 'open')->pluck('decision')->unique()->all())->toBe(['stop'])
        ->and($row->refresh()->status)->toBe('superseded');
    $this->post("{$this->url}/review/{$row->id}/accept")->assertSessionHasErrors('proposal');
});

it('drops a proposal whose dose was issued otherwise meanwhile', function (): void {
    $this->scene->goodSession($this->plan, now()->subDays(5)->format('Y-m-d'));
    $this->scene->goodSession($this->plan, now()->subDays(3)->format('Y-m-d'));
    $row = ($this->open)('tote_row');
    $item = $this->plan->items->firstWhere('family', 'tote_row');
    $client = fn (): Client => Client::query()->findOrFail($this->plan->client_id);
    $this->put(
        "{$this->url}/plan/items/{$item->id}/rung", ['rung' => 'no_such', 'revision' => $client()->plan_revision],
    )->assertSessionHasErrors();
    $this->delete(
        "{$this->url}/plan/items/{$item->id}", ['revision' => $client()->plan_revision],
    )->assertSessionHasNoErrors();
    // Taken out of the next version: accepting says so instead of putting it nowhere.
    $this->post("{$this->url}/review/{$row->id}/accept")->assertSessionHasErrors('proposal');
    expect($row->refresh()->status)->toBe('open');
    $this->post("{$this->url}/plan/issue", ['revision' => $client()->plan_revision])->assertSessionHasNoErrors();
    expect($row->refresh()->status)->toBe('superseded');
});
