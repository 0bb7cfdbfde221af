<?php

declare(strict_types=1);

use App\Exchange\LogCsv;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

/** What a session was like beyond its numbers; sessions that make no sense; several at once, from paper or a file. */
beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->plan = $this->scene->issued();
    $this->plan->update(['issued_on' => now()->subDays(20)->format('Y-m-d')]);
    $this->at = "/clients/{$this->plan->client_id}";
    $this->today = now()->format('Y-m-d');
    $this->day = static fn (int $ago): string => now()->subDays($ago)->format('Y-m-d');
    $this->row = $this->plan->items->firstOrFail('family', 'tote_row');
});

/** One exercise of one session, as the form sends it. */
function sent(Plan $plan, PlanItem $item, array $row = [], array $with = []): array
{
    return [
        'plan_id' => $plan->id, 'key' => (string) Str::uuid(), 'done_on' => now()->format('Y-m-d'),
        'items' => [[
            'item' => $item->id, 'done' => true, 'effort' => '6',
            'sets' => [['amount' => '10', 'side' => $item->sides[0]]], ...$row,
        ]],
        ...$with,
    ];
}

it('keeps what was held on to, and more than planned is form that did not hold', function (
    string $support, bool $broke,
): void {
    $rise = $this->plan->items->firstOrFail('family', 'seat_rise');
    $this->post("$this->at/log", sent($this->plan, $rise, ['support' => $support, 'pauses' => '3']))
        ->assertSessionHasNoErrors();
    $item = LogItem::query()->sole();
    expect($item->only(['support', 'pauses']))->toBe(['support' => $support, 'pauses' => 3])
        ->and(($item->sets[0]['form_broke'] ?? false) === true)->toBe($broke);
    $says = Scene::props($this->get("$this->at/log"))['logs'][0]['items'][0]['says'];
    expect($says)->toContain('3 short pauses')->toContain($support === 'free' ? '; free' : 'both hands');
})->with(['as planned' => ['free', false], 'held on hard' => ['two_hands', true]]);

it('refuses a support that there is none of, and a count that is none', function (): void {
    $this->post("$this->at/log", sent($this->plan, $this->row, ['support' => 'rope', 'pauses' => '-1']))
        ->assertSessionHasErrors(['items.0.support', 'items.0.pauses']);
});

it('keeps what was done instead, and takes it for no set of the exercise', function (): void {
    $this->post("$this->at/log", sent($this->plan, $this->row, [
        'done' => false, 'instead' => 'Raked leaves for ten minutes', 'sets' => [],
    ]))->assertSessionHasNoErrors();
    $item = LogItem::query()->sole();
    expect($item->sets)->toBe([])->and($item->instead)->toBe('Raked leaves for ten minutes');
    $page = Scene::props($this->get("$this->at/log"));
    expect($page['logs'][0]['items'][0]['says'])->toBe('not done; in its place: Raked leaves for ten minutes');
    $form = Scene::props($this->get("$this->at/log?correct=".SessionLog::query()->value('id')))['correcting'];
    $row = collect($form['items'])->firstWhere('item', $this->row->id);
    expect($row['instead'])->toBe('Raked leaves for ten minutes')->and($row['done'])->toBeFalse();
    foreach (['review', 'course', 'plan', 'sheet', 'letters'] as $stage) {
        $this->get("$this->at/$stage")->assertOk();
    }
});

it('keeps what was done after what was replaced, and after what was left out', function (): void {
    [$first, $second, $third] = $this->plan->items->values()->all();
    $done = fn (PlanItem $item): array => sent($this->plan, $item)['items'][0];
    foreach (['instead' => ['instead' => 'Raked leaves', 'sets' => []], 'left out' => []] as $how => $row) {
        $this->post("$this->at/log", [...sent($this->plan, $first), 'confirmed' => true, 'items' => [
            [...$done($first), 'done' => false, ...$row], [...$done($second), 'done' => false], $done($third),
        ]])->assertSessionHasNoErrors();
        $kept = SessionLog::query()->latest('id')->firstOrFail()->items;
        expect($kept->pluck('plan_item_id')->all())
            ->toBe($how === 'instead' ? [$first->id, $third->id] : [$third->id]);
    }
});

it('asks for the effort of what was done after what was replaced', function (): void {
    [$first, $second] = $this->plan->items->values()->all();
    $row = fn (PlanItem $item): array => sent($this->plan, $item)['items'][0];
    $this->post("$this->at/log", [...sent($this->plan, $first), 'items' => [
        [...$row($first), 'done' => false, 'instead' => 'Raked leaves', 'sets' => []],
        [...$row($second), 'effort' => ''],
    ]])->assertSessionHasErrors('items.1.effort');
    expect(SessionLog::query()->count())->toBe(0);
});

it('asks about a session before the plan, and about a second one of a day, and keeps both when told so',
    function (): void {
        $before = sent($this->plan, $this->row, [], ['done_on' => ($this->day)(25)]);
        $this->post("$this->at/log", $before)->assertSessionHasErrors('confirmed');
        expect(SessionLog::query()->count())->toBe(0);
        $this->post("$this->at/log", [...$before, 'confirmed' => true])->assertSessionHasNoErrors();
        $one = sent($this->plan, $this->row);
        $this->post("$this->at/log", $one)->assertSessionHasNoErrors();
        // The same form again is the same session, and is not asked about.
        $this->post("$this->at/log", $one)->assertSessionHasNoErrors();
        $this->post("$this->at/log", sent($this->plan, $this->row))->assertSessionHasErrors('confirmed');
        $this->post("$this->at/log", sent($this->plan, $this->row, [], ['confirmed' => true]))
            ->assertSessionHasNoErrors();
        $this->post("$this->at/log", sent($this->plan, $this->row, [], ['done_on' => now()->addDay()->format('Y-m-d')]))
            ->assertSessionHasErrors('done_on');
        expect(SessionLog::query()->count())->toBe(3);
    });

it('offers the loads that this home makes near the one of the plan, with their recipes', function (): void {
    $recipes = Scene::props($this->get("$this->at/log"))['recipes'][$this->row->id];
    $kg = array_map(static fn (array $r): float => (float) $r[0], $recipes);
    $sorted = $kg;
    sort($sorted);
    expect($kg)->toBe($sorted)->and(count($kg))->toBeLessThanOrEqual(7)
        ->and($kg)->toContain($this->row->dose['load_g'] / 1000)
        ->and(implode(' ', array_column($recipes, 1)))->toContain('Tote with');
    foreach ($this->plan->items as $item) {
        expect(isset(Scene::props($this->get("$this->at/log"))['recipes'][$item->id]))
            ->toBe(isset($item->dose['load_g']) && ! isset($item->dose['left']));
    }
});

it('keeps where it hurt, and what a session said of it before it was corrected', function (): void {
    $form = sent($this->plan, $this->row, ['support' => 'two_hands'], ['pain_where' => 'left knee']);
    $this->post("$this->at/log", $form)->assertSessionHasNoErrors();
    $page = Scene::props($this->get("$this->at/log"));
    expect($page['logs'][0]['pain_where'])->toBe('left knee')
        ->and(Scene::props($this->get("$this->at/review"))['session']['pain_where'])->toBe('left knee');
    $this->post("$this->at/log", [...$form, 'pain_where' => 'left hip', 'corrects' => 1])->assertSessionHasNoErrors();
    $log = SessionLog::query()->sole();
    expect($log->pain_where)->toBe('left hip')
        ->and($log->earlier->first()?->content['session']['pain_where'])->toBe('left knee')
        ->and($log->earlier->first()?->content['items'][0]['support'])->toBe('two_hands');
    expect(Scene::props($this->get("$this->at/log"))['logs'][0]['earlier'][0]['says'])->toContain('pain: left knee');
    $this->post("$this->at/log", [...$form, 'key' => (string) Str::uuid(), 'pain_where' => str_repeat('x', 121)])
        ->assertSessionHasErrors('pain_where');
});

it('takes a session that was looked at off the list', function (): void {
    $log = $this->scene->goodSession($this->plan, $this->today);
    $log->update(['to_see' => true]);
    expect(Scene::props($this->get("$this->at/log"))['logs'][0]['to_see'])->toBeTrue();
    $this->post("$this->at/log/$log->id/seen")->assertSessionHasNoErrors();
    $this->post("$this->at/log/$log->id/seen")->assertSessionHasNoErrors();
    expect($log->refresh()->to_see)->toBeFalse();
});

it('keeps what each side lifted at its own side, and what both did where a side tells nothing', function (): void {
    $this->post("$this->at/log", sent($this->plan, $this->row, [
        'load_kg' => '2', 'right_load_kg' => '1.5',
        'sets' => [['amount' => '10', 'side' => 'left'], ['amount' => '10', 'side' => 'right'], ['amount' => '9']],
    ]))->assertSessionHasNoErrors();
    $sets = LogItem::query()->sole()->sets;
    expect(array_column($sets, 'load_g'))->toBe([2000, 1500, 2000])
        ->and(array_column($sets, 'side'))->toBe(['left', 'right']);
});

it('types a paper sheet in, the sides in turn, all of it or nothing', function (): void {
    $box = fn (string $amounts, string $effort = '6', array $with = []): array => [
        'item' => $this->row->id, 'amounts' => $amounts, 'effort' => $effort, ...$with,
    ];
    $send = fn (array $sessions, array $with = []): TestResponse => $this->post("$this->at/log/paper", [
        'plan_id' => $this->plan->id, 'key' => (string) Str::uuid(), 'sessions' => $sessions, ...$with,
    ]);
    $send([
        ['done_on' => ($this->day)(6), 'items' => [$box('10 9', '6')]],
        ['done_on' => ($this->day)(4), 'items' => [$box('many')]],
    ])->assertSessionHasErrors('sessions.1.items.0.amounts');
    $send(
        [['done_on' => ($this->day)(6), 'items' => [$box('10', '')]]],
    )->assertSessionHasErrors('sessions.0.items.0.effort');
    $send([['done_on' => ($this->day)(6), 'items' => [$box('')]]])->assertSessionHasErrors('sessions.0.done_on');
    $send(
        [
            ['done_on' => ($this->day)(6), 'items' => [$box('1')]],
            ['done_on' => ($this->day)(6), 'items' => [$box('1')]],
        ],
    )
        ->assertSessionHasErrors('sessions.0.done_on');
    foreach (['pain_before', 'pain_next_morning'] as $pain) {
        $send([['done_on' => ($this->day)(6), $pain => 'abc', 'items' => [$box('10')]]])
            ->assertSessionHasErrors("sessions.0.$pain");
    }
    $send([['done_on' => ($this->day)(6), 'items' => [$box('1801')]]], ['confirmed' => true])
        ->assertSessionHasErrors('sessions.0.items.0.amounts');
    expect(SessionLog::query()->count())->toBe(0);
    $sessions = [
        [
            'done_on' => ($this->day)(4), 'pain_before' => '2', 'pain_next_morning' => '1',
            'items' => [$box('12,11 10', '7')],
        ],
        [
            'done_on' => ($this->day)(6), 'items' => [
                // A column may leave an exercise out.
                $box('10 9', '6', ['pain_during' => '3']), ['item' => $this->plan->items->last()->id, 'amounts' => ''],
            ],
        ],
    ];
    $key = (string) Str::uuid();
    $send($sessions, ['key' => $key])->assertSessionHasNoErrors();
    // Sent again it is no other session; it is asked about, as its days are taken.
    $send($sessions, ['key' => $key])->assertSessionHasErrors('confirmed');
    $send($sessions, ['key' => $key, 'confirmed' => true])->assertSessionHasNoErrors();
    $logs = SessionLog::query()->with('items')->orderBy('done_on')->get();
    // The older is taken in first, in whichever column it stands.
    expect($logs[0]->id)->toBeLessThan($logs[1]->id);
    expect($logs)->toHaveCount(2)->and($logs[0]->items[0]->pain_during)->toBe(3)
        ->and(array_column($logs[0]->items[0]->sets, 'reps'))->toBe([10, 9])
        ->and(array_column($logs[1]->items[0]->sets, 'reps'))->toBe([12, 11, 10])
        ->and($logs[1]->pain_before)->toBe(2)->and($logs[1]->to_see)->toBeFalse()
        ->and($logs[1]->items[0]->sets[0]['load_g'])->toBe($this->row->dose['load_g']);
    $sides = array_column($logs[1]->items[0]->sets, 'side');
    $expected = [];
    foreach (range(0, 2) as $n) {
        $expected[] = $this->row->sides[$n % count($this->row->sides)];
    }
    expect($sides)->toBe($expected);
});

it('previews a file, names each line that cannot be read, and keeps nothing of it', function (
    string $line, string $says,
): void {
    $csv = "date,exercise,amount,rpe,side,load_kg,pain_during\n".($this->day)(3).',tote_row/'.$this->row
        ->rung.",10,6,,,\n"
        .str_replace(['DAY', 'ROW'], [($this->day)(3), 'tote_row/'.$this->row->rung], $line);
    $answer = $this->postJson("$this->at/log/csv/preview", ['text' => $csv])->assertOk()->json();
    expect($answer['errors'])->toHaveCount(1)->and($answer['errors'][0]['line'])->toBe(3)
        ->and($answer['errors'][0]['says'])->toContain($says);
    $this->post("$this->at/log/csv", ['text' => $csv, 'key' => (string) Str::uuid()])->assertSessionHasErrors('text');
    expect(SessionLog::query()->count())->toBe(0);
})->with([
    'no date' => ['yesterday,ROW,10,6,,,', '2026-11-25'],
    'ahead' => ['2099-01-01,ROW,10,6,,,', 'lies ahead'],
    'before any plan' => ['2001-01-01,ROW,10,6,,,', 'No plan was in use'],
    'another exercise' => ['DAY,Dragon dance,10,6,,,', '"Dragon dance" is not in version 1'],
    'no amount' => ['DAY,ROW,,6,,,', 'Give the amount'],
    'half an amount' => ['DAY,ROW,10.5,6,,,', 'whole number'],
    'no effort' => ['DAY,ROW,10,,,,', 'Give rpe'],
    'too much effort' => ['DAY,ROW,10,11,,,', 'rpe goes from 0 to 10; "11" does not.'],
    'no side' => ['DAY,ROW,10,6,middle,,', 'side is left'],
    'no load' => ['DAY,ROW,10,6,,heavy,', 'load_kg goes from 0 to 200'],
    'no pain' => ['DAY,ROW,10,6,,,12', 'pain_during goes from 0 to 10'],
]);

it('keeps sessions of a file to be looked at, and writes the same file out again', function (): void {
    $rung = $this->row->rung;
    $side = count($this->row->sides) === 1 ? $this->row->sides[0] : 'right';
    $csv = "\xEF\xBB\xBFdate;exercise;amount\r\n";
    expect($this->postJson("$this->at/log/csv/preview", ['text' => $csv])->json('errors'))->toHaveCount(1);
    $csv = implode("\n", [
        implode(',', LogCsv::COLUMNS),
        ($this->day)(5).",tote_row/$rung,1,$side,10,4.5,6,,1,2,0,Fine",
        ($this->day)(5).",tote_row/$rung,2,$side,9,4.5,7,3,1,2,0,Fine",
        ($this->day)(2).",tote_row/$rung,1,$side,11,\"4,5\",6,,1,,,",
    ]);
    $answer = $this->postJson("$this->at/log/csv/preview", ['text' => $csv])->json();
    expect($answer['errors'])->toBe([])->and(array_column($answer['sessions'], 'sets'))->toBe([2, 1]);
    $this->post("$this->at/log/csv", ['text' => $csv, 'key' => (string) Str::uuid()])->assertSessionHasNoErrors();
    $logs = SessionLog::query()->with('items')->orderBy('done_on')->get();
    expect($logs)->toHaveCount(2)->and($logs->every(static fn (SessionLog $l): bool => $l->to_see))->toBeTrue()
        ->and($logs[0]->note)->toBe('Fine')->and($logs[0]->items[0]->sets[1])->toMatchArray([
            'reps' => 9, 'load_g' => 4500, 'effort' => 7, 'rir' => 3, 'side' => $side,
        ]);
    expect(array_column(Scene::props($this->get('/'))['rows'][0]['needs'], 'kind'))->toContain('session_to_see');
    $written = (string) $this->get("$this->at/log/export.csv")->assertOk()->getContent();
    $other = $this->scene->issued(['given_name' => 'Bo']);
    $other->update(['issued_on' => ($this->day)(20)]);
    $this->post("/clients/$other->client_id/log/csv", ['text' => $written, 'key' => (string) Str::uuid()])
        ->assertSessionHasNoErrors();
    expect((string) $this->get("/clients/$other->client_id/log/export.csv")->getContent())->toBe($written);
});

it('asks about a file whose days are taken', function (): void {
    $this->scene->goodSession($this->plan, ($this->day)(3));
    $csv = "date,exercise,amount,rpe\n".($this->day)(3).",tote_row/{$this->row->rung},10,6";
    expect($this->postJson("$this->at/log/csv/preview", ['text' => $csv])->json('odd'))->toHaveCount(1);
    $send = fn (bool $confirmed): TestResponse => $this->post("$this->at/log/csv", [
        'text' => $csv, 'key' => (string) Str::uuid(), 'confirmed' => $confirmed,
    ]);
    $send(false)->assertSessionHasErrors('confirmed');
    $send(true)->assertSessionHasNoErrors();
    expect(SessionLog::query()->count())->toBe(2);
});

it('refuses a file that is none', function (string $text): void {
    $this->post("$this->at/log/csv", ['text' => $text, 'key' => (string) Str::uuid()])->assertSessionHasErrors('text');
    expect(SessionLog::query()->count())->toBe(0);
})->with(['nothing' => '', 'a heading alone' => 'date,exercise', 'bytes' => "\x00\x01\x02",
    'a long one' => str_repeat("a,b\n", 2100)]);

it('takes from paper as much as half an hour in seconds, and no more', function (): void {
    $item = $this->plan->items->firstOrFail(static fn (PlanItem $i): bool => isset($i->dose['hold']));
    $this->post("$this->at/log/paper", [
        'plan_id' => $this->plan->id, 'key' => (string) Str::uuid(), 'confirmed' => true, 'sessions' => [[
            'done_on' => ($this->day)(6),
            'items' => [['item' => $item->id, 'amounts' => '1800', 'effort' => '6']],
        ]],
    ])->assertSessionHasNoErrors();
    expect(SessionLog::query()->with('items')->sole()->items[0]->sets[0]['hold'])->toBe(1800);
});
