<?php

declare(strict_types=1);

use App\Models\Plan;
use App\Models\PlanItem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Feature\Support\Scene;

uses(RefreshDatabase::class);

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

const PARTS = [
    'structure' => 'circuit', 'activation' => false, 'ramp' => true, 'cool_down' => true, 'aerobic_minutes' => '0',
    'block_weeks' => '6',
];

it('builds the session as it is told, with the minutes of each part, and takes it back', function (): void {
    $plan = $this->scene->drafted();
    $at = "/clients/{$plan->client_id}/plan";
    $before = Scene::props($this->get($at))['plan'];
    expect(array_column($before['parts'], 'part'))->toBe(['warm_up', 'main', 'cool_down']);
    $this->put("$at/session", [...PARTS, 'activation' => true, 'aerobic_minutes' => '3', 'revision' => 1])
        ->assertSessionHasNoErrors();
    $page = Scene::props($this->get($at))['plan'];
    expect(array_column($page['parts'], 'part'))->toBe(['warm_up', 'activation', 'main', 'cool_down'])
        ->and(implode(' ', $page['parts'][2]['says']))->toContain('walk or march easily for 3 min')
        ->and($page['minutes'])->toBeGreaterThan($before['minutes'])
        ->and($page['session']['aerobic_minutes'])->toBe(3);
    $this->put("$at/session", [...PARTS, 'structure' => 'straight', 'cool_down' => false, 'revision' => 2])
        ->assertSessionHasNoErrors();
    $page = Scene::props($this->get($at))['plan'];
    expect(array_column($page['parts'], 'part'))->toBe(['warm_up', 'main'])
        ->and($page['structure'])->toBe('straight')
        ->and($plan->client->refresh()->structure)->toBe('straight')
        ->and(implode(' ', $page['parts'][1]['says']))->toContain('All sets of one before the next');
    // The next draft is built so as well; switched on again, the cool-down comes at the end.
    $this->post($at, ['revision' => 3])->assertSessionHasNoErrors();
    expect(array_column(Scene::props($this->get($at))['plan']['parts'], 'part'))->toBe(['warm_up', 'main']);
    $this->put("$at/session", [...PARTS, 'structure' => 'pairs', 'revision' => 4])->assertRedirect()
        ->assertSessionHasNoErrors();
    $page = Scene::props($this->get($at))['plan'];
    expect($page['parts'][count($page['parts']) - 1]['part'])->toBe('cool_down');
    $this->post("$at/undo", ['revision' => 5])->assertSessionHasNoErrors();
    expect(array_column(Scene::props($this->get($at))['plan']['parts'], 'part'))->toBe(['warm_up', 'main']);
});

it('refuses what is no session', function (array $with, string $field): void {
    $plan = $this->scene->drafted();
    $this->put("/clients/{$plan->client_id}/plan/session", [...PARTS, ...$with, 'revision' => 1])
        ->assertSessionHasErrors($field);
    expect($plan->refresh()->session['aerobic_minutes'])->toBe(0)->and($plan->structure)->toBe('circuit');
})->with([
    [['structure' => 'spiral'], 'structure'], [['aerobic_minutes' => '11'], 'aerobic_minutes'],
    [['aerobic_minutes' => '-1'], 'aerobic_minutes'], [['ramp' => 'perhaps'], 'ramp'],
    [['block_weeks' => '5'], 'block_weeks'], [['block_weeks' => ''], 'block_weeks'],
    [['activation' => ''], 'activation'], [['cool_down' => []], 'cool_down'],
]);

it('leaves no plan without a warm-up where heart, lungs or pressure ask for one', function (): void {
    $heart = $this->scene->drafted(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $at = "/clients/{$heart->client_id}/plan";
    $warmUp = $heart->items->firstOrFail('goal', 'warm_up');
    $this->delete("$at/items/{$warmUp->id}", ['revision' => 1])->assertSessionHasErrors('plan');
    expect(PlanItem::query()->whereKey($warmUp->id)->exists())->toBeTrue();
    $warmUp->delete();
    $this->post("$at/issue", ['revision' => 1])->assertSessionHasErrors('plan');
    expect($heart->refresh()->status)->toBe(Plan::DRAFT);
    $other = $this->scene->drafted(['given_name' => 'Other']);
    $his = $other->items->firstOrFail('goal', 'warm_up');
    $this->delete("/clients/{$other->client_id}/plan/items/{$his->id}", ['revision' => 1])->assertSessionHasNoErrors();
    expect(PlanItem::query()->whereKey($his->id)->exists())->toBeFalse();
});

it('moves an exercise to another place, also past the ends', function (int $to, int $lands): void {
    $plan = $this->scene->drafted();
    $families = $plan->items->pluck('family')->all();
    $item = $plan->items[2];
    $this->put("/clients/{$plan->client_id}/plan/items/{$item->id}/place", ['to' => $to, 'revision' => 1])
        ->assertSessionHasNoErrors();
    $now = $plan->items()->pluck('family')->all();
    expect($now[$lands])->toBe($item->family)
        ->and(array_values(array_diff($now, [$item->family])))
        ->toBe(array_values(array_diff($families, [$item->family])))
        ->and($plan->items()->pluck('position')->all())->toBe(range(1, count($families)));
})->with([[1, 0], [2, 1], [4, 3]]);

it('refuses a place that is none', function (mixed $to): void {
    $plan = $this->scene->drafted();
    $this->put("/clients/{$plan->client_id}/plan/items/{$plan->items[0]->id}/place", ['to' => $to, 'revision' => 1])
        ->assertSessionHasErrors('to');
})->with([0, 61, 'up', null]);

it('counts a block from its first issue, and begins anew after its re-test', function (): void {
    $this->travelTo('2026-11-02 09:00:00');
    $plan = $this->scene->issued(['training_level' => 'returning']);
    $at = "/clients/{$plan->client_id}/plan";
    $block = fn (): array => Scene::props($this->get($at))['plan']['block'];
    expect($plan->refresh()->block_start)->toBe('2026-11-02')->and($plan->block_weeks)->toBe(8)
        ->and($block()['retest'])->toBe('28 December 2026');
    $this->put("$at/session", [...PARTS, 'block_weeks' => '4', 'revision' => 2])->assertSessionHasNoErrors();
    expect($block()['retest'])->toBe('30 November 2026')->and($block()['weeks'])->toHaveCount(4);
    // A week later, drafted anew and issued: still the same block.
    $this->travelTo('2026-11-10 09:00:00');
    $this->post($at, ['revision' => 3])->assertSessionHasNoErrors();
    $this->post("$at/issue", ['revision' => 4])->assertSessionHasNoErrors();
    $now = Plan::query()->where('status', Plan::ISSUED)->sole();
    expect($now->block_start)->toBe('2026-11-02')
        ->and(array_column($block()['weeks'], 'now'))->toBe([false, true, false, false]);
    // After the re-test the next issue begins another.
    $this->travelTo('2026-12-01 09:00:00');
    expect($block()['over'])->toBeTrue();
    $this->post($at, ['revision' => 5])->assertSessionHasNoErrors();
    // It is as long as is usual by then.
    expect($block()['over'])->toBeFalse()->and($block()['retest'])->toBe('26 January 2027');
    $this->post("$at/issue", ['revision' => 6])->assertSessionHasNoErrors();
    expect(Plan::query()->where('status', Plan::ISSUED)->sole()->block_start)->toBe('2026-12-01')
        ->and($block()['over'])->toBeFalse();
});
