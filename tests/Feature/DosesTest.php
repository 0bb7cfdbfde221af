<?php

declare(strict_types=1);

use App\Models\LoggedEstimate;
use App\Models\LogItem;
use App\Models\MeasureResult;
use App\Models\PlanItem;
use App\Models\Proposal;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->plan = $this->scene->issued();
    $this->url = "/clients/{$this->plan->client_id}";
    $this->row = $this->plan->items->firstWhere('family', 'tote_row');
    $this->log = function (float|string $effort, string $on, ?string $key = null, array $item = []): string {
        $key ??= (string) Str::uuid();
        $items = $this->plan->items->map(fn (PlanItem $i): array => [
            'item' => $i->id, 'done' => $i->id === $this->row->id, 'pain_during' => '', 'effort' => $effort, ...$item,
            'load_kg' => (string) (($i->dose['load_g'] ?? 0) / 1000 ?: ''),
            'sets' => $i->id === $this->row->id ? [['amount' => 8, 'side' => 'left']] : [],
        ])->all();
        $this->post("{$this->url}/log", [
            'key' => $key, 'plan_id' => $this->plan->id, 'done_on' => $on, 'items' => $items,
        ])->assertSessionHasNoErrors();

        return $key;
    };
});

it('keeps what a logged set tells about the 1RM, and works it out again with a correction', function (): void {
    $key = ($this->log)(8, (string) $this->scene->user->clinic->today());
    $kept = LoggedEstimate::query()->where('family', 'tote_row')->sole();
    // Eight with two left are ten: 36/27 of the load.
    expect($kept->grams)->toBe((int) round($this->row->dose['load_g'] * 36 / 27))
        ->and($kept->confidence)->toBe('good')
        ->and($kept->done_on)->toBe((string) $this->scene->user->clinic->today());
    ($this->log)(10, (string) $this->scene->user->clinic->today(), $key);
    $again = LoggedEstimate::query()->where('family', 'tote_row')->sole();
    expect($again->grams)->toBeLessThan($kept->grams)
        ->and(json_encode(Scene::props($this->get("{$this->url}/plan"))['plan']))->not->toBeFalse();
});

it('takes the reps that were left in place of an effort', function (): void {
    ($this->log)('', (string) $this->scene->user->clinic->today(), null, ['left' => '2']);
    $set = LogItem::query()->where('family', 'tote_row')->sole()->sets[0];
    expect($set['rir'])->toBe(2)->and($set['effort'])->toEqual(8)
        ->and(LoggedEstimate::query()->sole()->grams)->toBe((int) round($this->row->dose['load_g'] * 36 / 27));
});

it('takes nothing from an effort that tells nothing', function (): void {
    ($this->log)(3, (string) $this->scene->user->clinic->today());
    expect(LoggedEstimate::query()->count())->toBe(0);
});

it('doses by an easy set as soon as it is measured, and knows which rung it was', function (): void {
    $this->scene->goodSession($this->plan, (string) $this->scene->user->clinic->today());
    $this->post("{$this->url}/measure", ['measured_on' => (string) $this->scene->user->clinic->today(), 'results' => [[
        'test' => 'easy_set', 'family' => 'tote_row', 'load_kg' => '9', 'reps' => '8', 'rir' => '2',
    ]]])->assertSessionHasNoErrors();
    $proposal = Proposal::query()->where('status', 'open')->where('plan_item_id', $this->row->id)->sole();
    expect(MeasureResult::query()->where('test', 'easy_set')->where('family', 'tote_row')->latest('id')->value('rung'))
        ->toBe($this->row->rung)
        ->and($proposal->lever)->toBe('measure')
        ->and($proposal->dose['load_g'])->toBeGreaterThan($this->row->dose['load_g']);
    $line = array_column(Scene::props($this->get("{$this->url}/review"))['proposals'], null, 'id')[$proposal->id];
    expect($line['lever'])->toBe('by an easy set')->and($line['offers'])->toBe([]);
});

it('sets tempo, a hold in each rep and a rest inside a set, and prints them', function (): void {
    $draft = $this->scene->drafted(['given_name' => 'Other']);
    $url = "/clients/{$draft->client_id}";
    $item = $draft->items->firstWhere('family', 'heel_raise');
    $dose = $item->dose;
    $send = fn (array $with) => $this->put("$url/plan/items/{$item->id}/dose", [
        'revision' => $draft->client->refresh()->plan_revision, 'sets' => $dose['sets'],
        'amount_lo' => $dose['reps']['lo'], 'amount_hi' => $dose['reps']['hi'], 'effort_lo' => $dose['effort']['lo'],
        'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'], 'load_kg' => '', ...$with,
    ]);
    $send(['tempo' => '4-1-fast-0', 'hold_s' => '5', 'pause_s' => '5'])->assertSessionHasNoErrors();
    $now = $item->refresh()->dose;
    expect($now['tempo'])->toBe('4-1-fast-0')->and($now['hold_s'])->toBe(5)->and($now['pause_s'])->toBe(5);
    $sheet = json_encode(Scene::props($this->get("$url/sheet")));
    expect($sheet)->toContain('lower for 4 s, pause for 1 s, lift fast')->toContain('each held 5 s');
    $send(['tempo' => '4-1'])->assertSessionHasErrors('tempo');
    $send(['tempo' => '11-0-2-0'])->assertSessionHasErrors('tempo');
    $send(['hold_s' => '61'])->assertSessionHasErrors('hold_s');
    $send(['pause_s' => '31'])->assertSessionHasErrors('pause_s');
    $send(['tempo' => '', 'hold_s' => '', 'pause_s' => ''])->assertSessionHasNoErrors();
    expect($item->refresh()->dose)->not->toHaveKeys(['tempo', 'hold_s', 'pause_s']);
});

it('holds a hold inside a rep to the longest that a limit allows', function (): void {
    $draft = $this->scene->drafted([
        'given_name' => 'Tense', 'conditions' => [['code' => 'hypertension_controlled', 'details' => []]],
    ]);
    $item = $draft->items->firstWhere('family', 'heel_raise');
    $dose = $item->dose;
    $send = fn (int $hold) => $this->put("/clients/{$draft->client_id}/plan/items/{$item->id}/dose", [
        'revision' => $draft->client->refresh()->plan_revision, 'sets' => $dose['sets'],
        'amount_lo' => $dose['reps']['lo'], 'amount_hi' => $dose['reps']['hi'], 'effort_lo' => $dose['effort']['lo'],
        'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'], 'load_kg' => '', 'hold_s' => $hold,
    ]);
    $send(10)->assertSessionHasNoErrors();
    $send(11)->assertSessionHasErrors('hold_s');
});
