<?php

declare(strict_types=1);

use App\Models\GateCheck;
use App\Models\HomePage;
use App\Models\LogItem;
use App\Models\LogSource;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Models\SessionLogVersion;
use Tests\Feature\Support\AtHome;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->plan = $this->scene->issued();
    $this->client = $this->plan->client;
    $this->at = "/clients/{$this->client->id}";
    $this->actingAs($this->scene->user)->post("$this->at/home")->assertSessionHasNoErrors();
    $page = HomePage::query()->sole();
    $this->home = (new AtHome($this))->enter($page, substr($this->client->birth_date, 0, 4).$page->letters);
    $this->send = fn (array $with = [], int $key = 1) => $this->home->send(
        '/home/sessions', AtHome::session($this->plan, $key, $with),
    );
});

it('lands a session as one to look at, with loads, sides and how hard it was', function (): void {
    ($this->send)(['note' => 'The kettle boiled over.', 'whole' => 'harder', 'pain_after' => 3])->assertOk()
        ->assertExactJson(['kept' => true, 'plan_changed' => false]);
    $log = SessionLog::query()->with('items')->sole();
    expect($log->source)->toBe(LogSource::Client)->and($log->to_see)->toBeTrue()->and($log->user_id)->toBeNull()
        ->and($log->pain_before)->toBe(1)
        ->and($log->note)->toBe('The kettle boiled over. Harder than usual. Pain afterwards 3 of 10.');
    foreach ($this->plan->items as $item) {
        $kept = $log->items->firstWhere('plan_item_id', $item->id);
        expect($kept->sets)->toHaveCount($item->dose['sets'] * count($item->sides));
        foreach ($kept->sets as $set) {
            expect($set['load_g'] ?? null)->toBe($item->dose['load_g'] ?? null)
                ->and($set['effort'])->toEqual(isset($item->dose['reps']) && $item->goal !== 'balance' ? 8 : 5)
                ->and($set)->not->toHaveKey('light');
        }
    }
    expect(array_column(Scene::props($this->actingAs($this->scene->user)->get('/'))['rows'][0]['needs'], 'kind'))
        ->toContain('session_to_see')
        ->and(Scene::props($this->get("$this->at/log"))['logs'][0]['to_see'])->toBeTrue();
    $this->get("$this->at/review")->assertOk();
    $this->get("$this->at/course")->assertOk();
    $this->get("$this->at/letters")->assertOk();
});

it('counts a session once, however often it is sent', function (): void {
    foreach (range(1, 4) as $ignored) {
        ($this->send)()->assertOk();
    }
    expect(SessionLog::query()->count())->toBe(1)->and(LogItem::query()->count())->toBe($this->plan->items->count())
        ->and(SessionLogVersion::query()->count())->toBe(0);
});

it('takes in nothing that was done on another client\'s page of a shared phone', function (): void {
    $own = $this->home->card()->json('whose');
    ($this->send)(['whose' => $own + 1])->assertStatus(409);
    expect(SessionLog::query()->count())->toBe(0);
    ($this->send)(['whose' => $own])->assertOk();
    expect(SessionLog::query()->count())->toBe(1);
});

it('never replaces what a clinician has corrected', function (): void {
    ($this->send)()->assertOk();
    $log = SessionLog::query()->sole();
    $log->update(['source' => LogSource::Clinician, 'content_hash' => null, 'version' => 2, 'note' => 'Put right.']);
    ($this->send)(['note' => 'Something else.'])->assertOk();
    expect($log->refresh()->note)->toBe('Put right.')
        // What the phone said is kept beside it.
        ->and(SessionLogVersion::query()->where('was_in_force', false)->count())->toBe(1);
});

it('keeps what was done on a plan that was changed meanwhile, and says so', function (): void {
    $done = AtHome::session($this->plan, 1, ['done_on' => now()->format('Y-m-d')]);
    $this->travel(7)->days();
    $this->plan->update(['status' => Plan::SUPERSEDED]);
    $this->home->send('/home/sessions', $done)->assertOk()->assertJson(['kept' => true, 'plan_changed' => true]);
    expect(SessionLog::query()->sole()->plan_id)->toBe($this->plan->id);
    // A draft was never anybody's plan, and another client's plan is not this one's.
    $this->plan->update(['status' => Plan::DRAFT]);
    $this->home->send('/home/sessions', [...$done, 'key' => AtHome::key(2)])->assertUnprocessable();
    $theirs = (new Scene('Theirs'))->issued();
    $this->home->send('/home/sessions', [...AtHome::session($theirs, 3)])->assertUnprocessable();
    expect(SessionLog::query()->count())->toBe(1);
});

it('is no session where nothing was done', function (): void {
    ($this->send)(['items' => []])->assertOk();
    expect(SessionLog::query()->sole()->skipped)->toBe('Ended at home before the first set.')
        ->and($this->home->card()->json('week.6.state'))->not->toBe('done');
});

it('opens a red flag where one was told, and nothing begins until it is cleared', function (): void {
    ($this->send)(['stop_sign' => 'chest_pain', 'items' => []])->assertOk();
    expect(SessionLog::query()->sole()->hasOpenStopSign())->toBeTrue()
        ->and($this->home->card()->json('shut'))->toBe('stopped');
    $rows = Scene::props($this->actingAs($this->scene->user)->get('/'))['rows'];
    expect($rows[0]['needs'][0]['kind'])->toBe('stop_sign');
});

it('steps up on nothing by itself, also where small steps are chosen', function (): void {
    $this->client->update(['small_steps' => true]);
    $this->scene->goodSession($this->plan, now()->subDays(4)->format('Y-m-d'));
    ($this->send)()->assertOk();
    $this->home->send('/home/morning', ['session' => AtHome::key(1), 'pain' => 0])->assertOk();
    expect(SessionLog::query()->latest('id')->first()->pain_next_morning)->toBe(0)
        ->and(Proposal::query()->where('status', 'accepted')->count())->toBe(0);
});

it('keeps the first answer of a morning, and asks on the morning after alone', function (): void {
    ($this->send)()->assertOk();
    $ask = fn () => $this->home->card()->json('last.ask');
    expect($ask())->toBeFalse();
    $this->travel(1)->days();
    expect($ask())->toBeTrue();
    $this->home->send('/home/morning', ['session' => AtHome::key(1), 'pain' => 4])->assertOk();
    $this->home->send('/home/morning', ['session' => AtHome::key(1), 'pain' => 9])->assertOk();
    $this->home->send('/home/morning', ['session' => AtHome::key(77), 'pain' => 9])->assertOk();
    $this->home->send('/home/morning', ['session' => AtHome::key(1), 'pain' => 11])->assertUnprocessable();
    expect(SessionLog::query()->sole()->pain_next_morning)->toBe(4)->and($ask())->toBeFalse();
});

it('tells what was too hard, hurt or was left out', function (): void {
    $item = $this->plan->items[1];
    $row = AtHome::session($this->plan, 1)['items'][1];
    ($this->send)(['items' => [
        [...$row, 'pain' => 5, 'where' => 'left knee', 'instead' => 'the easier one', 'easy' => false],
        [...AtHome::session($this->plan, 1)['items'][2], 'sets' => [], 'left_out' => true],
        [...AtHome::session($this->plan, 1)['items'][3], 'easy' => true],
    ]])->assertOk();
    $log = SessionLog::query()->with('items')->sole();
    expect($log->items->firstWhere('plan_item_id', $item->id)->pain_during)->toBe(5)
        ->and($log->note)->toContain('went on with the easier one')->toContain('hurt at left knee')
        ->toContain('left out')->toContain('too easy')
        ->and($log->items->firstWhere('plan_item_id', $this->plan->items[2]->id)->instead)->toBe('left out');
    $this->actingAs($this->scene->user)->get("$this->at/review")->assertOk();
});

it('takes what a phone does not say for not said', function (): void {
    $row = array_diff_key(AtHome::session($this->plan, 1)['items'][1], ['left_out' => 0, 'easy' => 0, 'pain' => 0]);
    ($this->send)(['items' => [$row]])->assertOk();
    $log = SessionLog::query()->with('items')->sole();
    expect((string) $log->note)->not->toContain('left out')->not->toContain('too easy')
        ->and($log->items->sole()->only(['pain_during', 'instead']))->toBe(['pain_during' => null, 'instead' => null])
        ->and($log->items->sole()->sets)->not->toBe([]);
});

it('keeps no line for an exercise of which nothing was told', function (): void {
    $rows = AtHome::session($this->plan, 1)['items'];
    ($this->send)(['items' => [
        $rows[1], [...$rows[2], 'sets' => []], [...$rows[3], 'sets' => [], 'pain' => 4],
    ]])->assertOk();
    expect(SessionLog::query()->sole()->items->pluck('plan_item_id')->all())
        ->toBe([$this->plan->items[1]->id, $this->plan->items[3]->id]);
    // Where nothing at all was told, it was no session.
    $yesterday = now()->subDay()->format('Y-m-d');
    ($this->send)(['items' => [[...$rows[1], 'sets' => []]], 'done_on' => $yesterday], 2)->assertOk();
    expect(SessionLog::query()->latest('id')->firstOrFail())->skipped->not->toBeNull()->items->toBeEmpty();
});

it('lets sets that nobody rated, or that were asked to be fewer, speak neither for a step nor against one', function (
    array $with, ?string $how,
): void {
    $row = AtHome::session($this->plan, 1)['items'][1];
    $row['sets'] = array_map(static fn (array $s): array => [...$s, 'how' => $how], $row['sets']);
    ($this->send)(['items' => [$row], ...$with])->assertOk();
    expect(SessionLog::query()->sole()->items[0]->sets[0]['light'])->toBeTrue();
})->with(['not rated' => [[], null], 'a lighter session' => [['lighter' => true], 'moderate']]);

it('keeps the pull of a band, reps in reserve of reps alone, and no pain that there was none of', function (): void {
    $one = fn (array $dose): array => tap(
        $this->plan->items[1],
        static fn ($i) => $i->update(['dose' => $dose]),
    )->refresh()->dose;
    $base = ['sets' => 1, 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 30];
    $sent = function (string $kind, array $more, int $key) use ($one, $base): array {
        $one([...$base, $kind => ['lo' => 8, 'hi' => 10], ...$more]);
        $row = [...AtHome::session($this->plan->refresh(), $key)['items'][1], 'sets' => [
            ['amount' => 10, 'side' => $this->plan->items[1]->sides[0], 'how' => 'two_left'],
        ]];
        ($this->send)(['items' => [$row], 'pain_after' => 0], $key)->assertOk();

        return SessionLog::query()->with('items')->latest('id')->firstOrFail()->items[0]->sets[0];
    };
    expect($sent('reps', ['pull_n' => 20], 1))->toMatchArray(['reps' => 10, 'pull_n' => 20, 'rir' => 2])
        ->and($sent('reps', ['load_g' => 2000], 2))->toMatchArray(['load_g' => 2000, 'rir' => 2])
        ->and($sent('reps', ['load_g' => 2000], 3))->not->toHaveKey('pull_n')
        ->and($sent('hold', [], 4))->not->toHaveKey('rir')
        ->and(SessionLog::query()->latest('id')->value('note'))->toBeNull();
    ($this->send)(['pain_after' => 1], 5)->assertOk();
    expect(SessionLog::query()->latest('id')->value('note'))->toBe('Pain afterwards 1 of 10.');
});

it('keeps each set at the side that did it', function (): void {
    $item = $this->plan->items->firstOrFail(static fn ($i): bool => $i->sides === ['left', 'right']);
    $row = collect(AtHome::session($this->plan, 1)['items'])->firstOrFail('item', $item->id);
    $row['sets'] = [
        ['amount' => 9, 'side' => 'left', 'how' => 'two_left'], ['amount' => 8, 'side' => 'right', 'how' => 'two_left'],
    ];
    ($this->send)(['items' => [$row]])->assertOk();
    expect(array_column(SessionLog::query()->sole()->items[0]->sets, 'side'))->toBe(['left', 'right']);
});

it('notes that form did not hold where somebody had to grab hold', function (): void {
    $row = AtHome::session($this->plan, 1)['items'][1];
    $row['sets'] = array_map(static fn (array $s): array => [...$s, 'how' => 'held_on'], $row['sets']);
    ($this->send)(['items' => [$row]])->assertOk();
    expect(SessionLog::query()->sole()->items[0]->sets[0]['form_broke'])->toBeTrue();
});

it('judges a check again by itself, keeps it once, and shows what stopped on Today', function (): void {
    $check = [
        'key' => AtHome::key(9), 'on' => now()->format('Y-m-d'), 'repeat' => false, 'signs' => ['chest_pain'],
        'pain' => 2, 'numbers' => ['sbp' => 128, 'dbp' => 80], 'seen' => ['unwell' => false],
    ];
    foreach (range(1, 3) as $ignored) {
        $this->home->send('/home/checks', $check)->assertOk()->assertJson(['verdict' => 'stop_and_call']);
    }
    $kept = GateCheck::query()->sole();
    expect($kept->user_id)->toBeNull()->and($kept->symptoms)->toBe(['chest_pain'])->and($kept->pain)->toBe(2)
        ->and($kept->readings['sbp'])->toEqual(128);
    $needs = Scene::props($this->actingAs($this->scene->user)->get('/'))['rows'][0]['needs'];
    expect($needs[0]['kind'])->toBe('gate_stopped');
    $this->get("$this->at/gate")->assertOk();
});

it('makes a need of a question and of a change, once each', function (string $kind): void {
    foreach (range(1, 3) as $ignored) {
        $this->home->send('/home/messages', ['key' => AtHome::key(5), 'kind' => $kind, 'says' => 'Since Monday.'])
            ->assertOk();
    }
    $message = Message::query()->sole();
    expect($message->kind)->toBe(MessageKind::from($kind))->and($message->user_id)->toBeNull();
    $this->actingAs($this->scene->user)->put("$this->at/messages/$message->id/answer", ['answer' => 'Yes, go on.'])
        ->assertSessionHasNoErrors();
    expect($this->home->card()->json('messages.0'))
        ->toMatchArray(['says' => 'Since Monday.', 'answer' => 'Yes, go on.']);
})->with(['question', 'new_tablets', 'fell', 'ill', 'change']);

it('refuses in words what no phone of ours would send', function (string $path, array $body): void {
    $whole = $path === '/home/sessions' ? AtHome::session($this->plan, 1) : [
        'key' => AtHome::key(1), 'on' => now()->format('Y-m-d'), 'repeat' => false, 'signs' => [], 'pain' => 0,
        'numbers' => [], 'seen' => [], 'kind' => 'question', 'says' => 'x', 'session' => AtHome::key(1),
    ];
    $this->home->send($path, [...$whole, ...$body])->assertUnprocessable()->assertJsonStructure(['message', 'errors']);
    expect(SessionLog::query()->count() + GateCheck::query()->count() + Message::query()->count())->toBe(0);
})->with([
    'tomorrow' => ['/home/sessions', ['done_on' => '2999-01-01']],
    'long ago' => ['/home/sessions', ['done_on' => '1999-01-01']],
    'no key' => ['/home/sessions', ['key' => 'x']],
    'another item' => ['/home/sessions', ['items' => [['item' => 999_999_999, 'sets' => []]]]],
    'a set of words' => ['/home/sessions', ['items' => [['item' => 1, 'sets' => ['x']]]]],
    'a sign nobody knows' => ['/home/sessions', ['stop_sign' => 'hiccups']],
    'pain of 11' => ['/home/sessions', ['pain_before' => 11]],
    'a check with words for numbers' => ['/home/checks', ['numbers' => ['sbp' => 'high']]],
    'a check beyond life' => ['/home/checks', ['numbers' => ['sbp' => 900]]],
    'the lower over the upper' => ['/home/checks', ['numbers' => ['sbp' => 80, 'dbp' => 90]]],
    'a check of signs nobody knows' => ['/home/checks', ['signs' => ['hiccups']]],
    'the locked kind' => ['/home/messages', ['kind' => 'home_locked']],
    'an empty message' => ['/home/messages', ['says' => '']],
]);
