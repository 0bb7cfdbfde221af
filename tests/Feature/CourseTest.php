<?php

declare(strict_types=1);

use App\Actions\LogSession;
use App\Exchange\ChartSvg;
use App\Models\Client;
use App\Models\Plan;
use App\Models\SessionLog;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;

/** Review over time: what is drawn is what was logged. */
beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->plan = $this->scene->issued();
    $this->course = fn (array $with = []): array => Scene::props(
        $this->get("/clients/{$this->plan->client_id}/course?".http_build_query($with)),
    );
});

/** One session of one exercise of the plan, with its sets as they are given. */
function logged(Plan $plan, string $on, array $sets, array $session = [], ?int $pain = 1): SessionLog
{
    $item = $plan->items->firstWhere('family', 'tote_row');

    return app(LogSession::class)->run(
        Client::query()->with('clinic')->findOrFail($plan->client_id), test()->scene->user, $plan, (string) Str::uuid(),
        [
            'done_on' => $on, 'pain_before' => 1, 'pain_next_morning' => 1, 'stop_sign' => null, 'skipped' => null,
            'note' => null, ...$session,
        ],
        [['item' => $item->id, 'pain_during' => $pain, 'sets' => $sets]],
    );
}

/** @return array<string, array<string, mixed>> panels by key */
function panels(array $page, string $of = 'panels'): array
{
    return array_column($page[$of], null, 'key');
}

it('says what to do first where nothing was logged', function (): void {
    expect(($this->course)())->toMatchArray(['exercises' => [], 'panels' => [], 'compared' => [], 'others' => []]);
});

it('draws load, volume, best set, effort, pain and the estimate with its band, as they were logged', function (): void {
    $row = $this->plan->items->firstWhere('family', 'tote_row');
    $key = "tote_row/$row->rung";
    $day = now()->subDays(3)->format('Y-m-d');
    $side = $row->sides[0];
    logged($this->plan, $day, [
        ['reps' => 10, 'load_g' => 8000, 'rir' => 3, 'side' => $side],
        ['reps' => 8, 'load_g' => 8000, 'rir' => 3, 'side' => $side],
    ]);
    $drawn = panels(($this->course)(['exercise' => $key]));
    $point = static fn (string $what): array => $drawn[$what]['series'][0]['points'][0];
    expect($point('load'))->toBe(['on' => $day, 'value' => 8, 'lo' => null, 'hi' => null])
        ->and($point('best')['value'])->toBe(10)
        // 10 and 8 times 8 kg.
        ->and($point('moved')['value'])->toBe(144)
        ->and($drawn['moved']['unit'])->toBe('kg × reps')
        // Three left is RPE 7.
        ->and($point('effort')['value'])->toBe(7)
        ->and($point('pain')['value'])->toBe(1)
        // Epley with 13 in all, and with 12 and 14: 8(1 + 13/30), 8(1 + 12/30), 8(1 + 14/30).
        ->and($point('max'))->toBe(['on' => $day, 'value' => 11.467, 'lo' => 11.2, 'hi' => 11.733]);
    expect(panels(($this->course)(['what' => 'moved']))[$key]['series'][0]['points'][0]['value'])->toBe(144);
});

it('draws in the unit of the reader', function (): void {
    $row = $this->plan->items->firstWhere('family', 'tote_row');
    logged($this->plan, now()->format('Y-m-d'), [
        ['reps' => 10, 'load_g' => 4536, 'effort' => 6.0, 'side' => $row->sides[0]],
    ]);
    $this->plan->client->update(['mass_unit' => 'lb']);
    $panel = panels(($this->course)())["tote_row/$row->rung"];
    expect($panel['unit'])->toBe('lb')->and($panel['series'][0]['points'][0]['value'])->toBe(10);
});

it('tells left from right, and sessions done from those planned', function (): void {
    $row = $this->plan->items->firstWhere('family', 'tote_row');
    logged($this->plan, now()->format('Y-m-d'), [
        ['reps' => 10, 'load_g' => 3000, 'effort' => 6.0, 'side' => 'left'],
        ['reps' => 10, 'load_g' => 4000, 'effort' => 6.0, 'side' => 'right'],
    ]);
    $page = ($this->course)();
    $series = panels($page)["tote_row/$row->rung"]['series'];
    expect(array_map(static fn (array $s): array => [$s['name'], $s['mark'], $s['points'][0]['value']], $series))
        ->toBe([['left', 'open', 3], ['right', 'square', 4]]);
    $weeks = panels($page, 'others')['adherence']['series'];
    expect(array_column($weeks[0]['points'], 'value'))->toBe([1])
        ->and(array_column($weeks[1]['points'], 'value'))->toBe([2]);
});

it('puts what happened on the line: versions, doses, limits, flares and red flags', function (): void {
    $row = $this->plan->items->firstWhere('family', 'tote_row');
    $set = [['reps' => 8, 'load_g' => 3000, 'effort' => 6.0, 'side' => $row->sides[0]]];
    logged($this->plan, now()->subDays(4)->format('Y-m-d'), $set, [], 9);
    logged($this->plan, now()->subDays(3)->format('Y-m-d'), $set, ['pain_next_morning' => 4]);
    logged($this->plan, now()->subDays(2)->format('Y-m-d'), $set, ['stop_sign' => 'faintness']);
    $this->post("/clients/{$this->plan->client_id}/limits/own", [
        'field' => 'effort_max', 'value' => '5', 'region' => 'any', 'side' => 'both', 'set_by' => 'Dr Amari',
        'why' => 'After a fever.',
    ])->assertSessionHasNoErrors();
    $events = ($this->course)()['events'];
    expect(array_column($events, 'says'))->toContain(
        'Pain next morning was 4, worse than 1 before.', 'Red flag: faintness.',
    )->and(implode(' ', array_column($events, 'says')))->toContain('Pain during was 9, over')
        ->toContain('Version 1 issued')->toContain('set by Dr Amari')
        ->and(array_column($events, 'on'))->toBe(collect($events)->pluck('on')->sort()->values()->all());
    $dose = collect(($this->course)(['exercise' => "tote_row/$row->rung"])['events'])->where('kind', 'dose')
        ->pluck('says');
    expect($dose->all())->toHaveCount(1)->and($dose[0])->toStartWith('Version 1: 2 ×');
});

it('holds the last weeks beside as many before, and ignores an address that means nothing', function (): void {
    $row = $this->plan->items->firstWhere('family', 'tote_row');
    $set = static fn (int $reps, int $load): array => [
        ['reps' => $reps, 'load_g' => $load, 'rir' => 3, 'side' => $row->sides[0]],
    ];
    $this->plan->update(['issued_on' => now()->subDays(90)->format('Y-m-d')]);
    logged($this->plan, now()->subDays(30)->format('Y-m-d'), $set(8, 3000), [], 4);
    logged($this->plan, now()->subDays(27)->format('Y-m-d'), $set(9, 4000));
    logged($this->plan, now()->format('Y-m-d'), $set(10, 4000));
    $row = collect(($this->course)()['compared'])->first();
    expect($row['before'])->toMatchArray(['sessions' => 1, 'best' => 8, 'pain' => 4])
        ->and($row['now'])->toMatchArray(['sessions' => 2, 'best' => 10, 'pain' => 1])
        ->and($row['before']['load'])->toBe("3\u{202F}kg")->and($row['now']['load'])->toBe("4\u{202F}kg");
    // Without a block before there is none to compare with.
    expect(($this->course)()['spans'])->toBe([4, 6, 8, 12]);
    $this->plan->update(['block_start' => now()->subDays(20)->format('Y-m-d')]);
    $this->plan->replicate()->fill([
        'version' => 9, 'status' => Plan::SUPERSEDED, 'block_start' => now()->subDays(31)->format('Y-m-d'),
    ])->save();
    $blocks = ($this->course)(['weeks' => 1]);
    $row = collect($blocks['compared'])->first();
    expect($blocks['spans'])->toBe([4, 6, 8, 12, 1])->and($row['before'])->toMatchArray(['sessions' => 2, 'best' => 9])
        ->and($row['now'])->toMatchArray(['sessions' => 1, 'best' => 10]);
    $eight = collect(($this->course)(['weeks' => 8])['compared'])->first();
    expect($eight['now']['sessions'])->toBe(3)->and($eight['before']['sessions'])->toBe(0);
    foreach ([['exercise' => 'no/such'], ['what' => 'x'], ['weeks' => '9999'], ['exercise' => ['a']]] as $odd) {
        expect(($this->course)($odd))->toMatchArray(['chosen' => '', 'what' => 'load', 'weeks' => 4]);
    }
});

it('prints the pictures, with each point where its day and its value are', function (): void {
    $row = $this->plan->items->firstWhere('family', 'tote_row');
    foreach ([[10, 3000], [5, 4000], [0, 4500]] as [$ago, $load]) {
        logged($this->plan, now()->subDays($ago)->format('Y-m-d'), [
            ['reps' => 10, 'load_g' => $load, 'effort' => 6.0, 'side' => $row->sides[0]],
        ]);
    }
    $pdf = $this->get(
        "/clients/{$this->plan->client_id}/course.pdf?exercise=".urlencode("tote_row/$row->rung"),
    )->assertOk();
    expect(Str::startsWith((string) $pdf->getContent(), '%PDF'))->toBeTrue();
    $this->get("/clients/{$this->plan->client_id}/course.pdf?what=max")->assertOk();
    $page = ($this->course)();
    $panel = panels($page)["tote_row/$row->rung"];
    $chart = ChartSvg::of($panel, $page['events'], $page['from'], $page['to']);
    preg_match_all('/(?:cx|rect x)="([\d.]+)" (?:cy|y)="([\d.]+)"/', $chart['svg'], $at, PREG_SET_ORDER);
    // Ten days over 408 of width, 0 to 4.5 kg over 108 of height, from an edge of 6; a square is drawn from its corner.
    $corner = $panel['series'][0]['mark'] === 'square' ? 2.5 : 0.0;
    expect(array_map(static fn (array $m): array => [
        round((float) $m[1] + $corner, 1), round((float) $m[2] + $corner, 1),
    ], $at))->toBe([[6.0, 42.0], [210.0, 18.0], [414.0, 6.0]])
        ->and([$chart['least'], $chart['most']])->toBe([0.0, 4.5]);
});

it('prints nothing of nobody', function (): void {
    $this->get("/clients/{$this->plan->client_id}/course.pdf")->assertOk();
});
