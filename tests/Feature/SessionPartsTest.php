<?php

declare(strict_types=1);

use App\Actions\IssuePlan;
use App\Actions\IssueReasons;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use BuoyantStep\Core\Units\Day;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

uses(RefreshDatabase::class);

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

const PARTS = [
    'structure' => 'circuit', 'activation' => false, 'ramp' => true, 'cool_down' => true, 'aerobic_minutes' => '0',
    'block_weeks' => '6', 'block_easier' => false, 'week' => 'same',
];

/** @return list<string> of the first day */
function partsOf(TestResponse $page): array
{
    return array_column(Scene::props($page)['plan']['sessions'][0]['parts'], 'part');
}

it('builds the session as it is told, with the minutes of each part, and takes it back', function (): void {
    $plan = $this->scene->drafted();
    $at = "/clients/{$plan->client_id}/plan";
    $before = Scene::props($this->get($at))['plan'];
    expect(array_column($before['sessions'][0]['parts'], 'part'))->toBe(['warm_up', 'main', 'cool_down']);
    $this->put("$at/session", [...PARTS, 'activation' => true, 'aerobic_minutes' => '3', 'revision' => 1])
        ->assertSessionHasNoErrors();
    $page = Scene::props($this->get($at))['plan'];
    expect(array_column($page['sessions'][0]['parts'], 'part'))->toBe(['warm_up', 'activation', 'main', 'cool_down'])
        ->and(implode(' ', $page['sessions'][0]['parts'][2]['says']))->toContain('walk or march easily for 3 min')
        ->and($page['minutes'])->toBeGreaterThan($before['minutes'])
        ->and($page['session']['aerobic_minutes'])->toBe(3);
    // The structure is the screen's as well: one that is open elsewhere is older now, and only then.
    $version = $plan->client->refresh()->screen_version;
    $this->put("$at/session", [...PARTS, 'structure' => 'straight', 'cool_down' => false, 'revision' => 2])
        ->assertSessionHasNoErrors();
    expect($plan->client->refresh()->screen_version)->toBe($version + 1);
    $page = Scene::props($this->get($at))['plan'];
    expect(array_column($page['sessions'][0]['parts'], 'part'))->toBe(['warm_up', 'main'])
        ->and($page['structure'])->toBe('straight')
        ->and($plan->client->refresh()->structure)->toBe('straight')
        ->and(implode(' ', $page['sessions'][0]['parts'][1]['says']))->toContain('All sets of one before the next');
    // The next draft is built so as well; switched on again, the cool-down comes at the end.
    $this->post($at, ['revision' => 3])->assertSessionHasNoErrors();
    expect(partsOf($this->get($at)))->toBe(['warm_up', 'main']);
    $this->put("$at/session", [...PARTS, 'structure' => 'pairs', 'revision' => 4])->assertRedirect()
        ->assertSessionHasNoErrors();
    $page = Scene::props($this->get($at))['plan'];
    expect($page['sessions'][0]['parts'][count($page['sessions'][0]['parts']) - 1]['part'])->toBe('cool_down');
    $places = Plan::query()->where('client_id', $plan->client_id)->where('status', Plan::DRAFT)->sole()->items
        ->pluck('position');
    expect($places->unique())->toHaveCount($places->count());
    $this->post("$at/undo", ['revision' => 5])->assertSessionHasNoErrors();
    expect(partsOf($this->get($at)))->toBe(['warm_up', 'main']);
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
    [['block_easier' => 'often'], 'block_easier'],
    [['week' => 'odd'], 'week'], [['week' => ''], 'week'], [['activation' => ''], 'activation'],
    [['cool_down' => []], 'cool_down'],
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
    // What is no warm-up may go, whether or not there is one.
    $this->delete("$at/items/{$heart->items()->firstOrFail()->id}", ['revision' => 1])->assertSessionHasNoErrors();
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

it('splits the week, each day with its own session, on the page, the sheet and the calendar', function (): void {
    $plan = $this->scene->drafted(['days' => [1, 2, 4, 5], 'minutes' => '45']);
    $at = "/clients/{$plan->client_id}";
    $this->put("$at/plan/session", [...PARTS, 'week' => 'split', 'revision' => 1])->assertSessionHasNoErrors();
    $page = Scene::props($this->get("$at/plan"))['plan'];
    [$legs, $rest] = $page['sessions'];
    expect(array_column($page['sessions'], 'days'))->toBe([[1, 4], [2, 5]])
        ->and($page['minutes'])->toBe(max($legs['minutes'], $rest['minutes']))
        ->and($page['session']['week'])->toBe('split');
    $held = static fn (array $session): array => array_merge(...array_column($session['parts'], 'items'));
    $family = array_column($page['items'], 'family', 'id');
    $onLegs = array_map(static fn (int $id): string => $family[$id], $held($legs));
    expect($onLegs)->toContain('seat_rise')->not->toContain('tote_row')
        ->and(array_unique([...$held($legs), ...$held($rest)]))->toHaveCount(count($page['items']));
    foreach ($page['items'] as $item) {
        expect($item['dose']['days_a_week'] ?? 4 - count($item['off_days']))->toBe(4 - count($item['off_days']));
    }
    $sheet = Scene::props($this->get("$at/sheet"))['sheet'];
    expect(array_column($sheet['sessions'], 'days'))->toBe([[1, 4], [2, 5]]);
    $this->get("$at/sheet.pdf")->assertOk();
    $calendar = (string) $this->get("$at/plan.ics")->assertOk()->getContent();
    expect($calendar)->toContain('BYDAY=MO,TH')->toContain('BYDAY=TU,FR');
    // The next draft is split as well; taken back, every day holds the same again.
    $this->post("$at/plan", ['revision' => 2])->assertSessionHasNoErrors();
    expect(Scene::props($this->get("$at/plan"))['plan']['sessions'])->toHaveCount(2);
    $this->post("$at/plan/undo", ['revision' => 3])->assertSessionHasNoErrors();
    $this->post("$at/plan/undo", ['revision' => 4])->assertSessionHasNoErrors();
    expect(Scene::props($this->get("$at/plan"))['plan']['sessions'])->toHaveCount(1);
});

it('puts what is added on the days that its half of the body has', function (): void {
    $plan = $this->scene->drafted(['days' => [1, 2, 4, 5], 'minutes' => '45']);
    $at = "/clients/{$plan->client_id}/plan";
    $this->put("$at/session", [...PARTS, 'week' => 'split', 'revision' => 1])->assertSessionHasNoErrors();
    $this->post("$at/items", ['family' => 'curl', 'revision' => 2])->assertSessionHasNoErrors();
    $added = PlanItem::query()->where('plan_id', $plan->id)->where('family', 'curl')->sole();
    expect($added->off_days)->toBe([1, 4])->and($added->dose['days_a_week'])->toBe(2);
});

it('makes every second day a light one, and gives it back', function (): void {
    $plan = $this->scene->drafted(['days' => [1, 3, 5]]);
    $at = "/clients/{$plan->client_id}/plan";
    $row = $plan->items->firstOrFail('family', 'tote_row');
    $this->put("$at/session", [...PARTS, 'week' => 'heavy_light', 'revision' => 1])->assertSessionHasNoErrors();
    expect($row->refresh()->light_days)->toBe([3]);
    $this->put("$at/session", [...PARTS, 'week' => 'same', 'revision' => 2])->assertSessionHasNoErrors();
    expect($row->refresh()->light_days)->toBeNull();
});

it('refuses a split that would leave a day empty', function (): void {
    $plan = $this->scene->drafted(['days' => [2]]);
    $this->put("/clients/{$plan->client_id}/plan/session", [...PARTS, 'week' => 'split', 'revision' => 1])
        ->assertSessionHasErrors('week');
    expect($plan->refresh()->session['week'])->toBe('same');
    $this->put("/clients/{$plan->client_id}/plan/session", [...PARTS, 'ramp' => false, 'revision' => 1])
        ->assertSessionHasNoErrors();
});

it('leaves what was decided of one half on the table when the other half was done', function (): void {
    $plan = $this->scene->drafted(['days' => [1, 2, 4, 5], 'minutes' => '45']);
    $this->put("/clients/{$plan->client_id}/plan/session", [...PARTS, 'week' => 'split', 'revision' => 1])
        ->assertSessionHasNoErrors();
    $plan = app(IssuePlan::class)->run($plan->client->refresh(), $this->scene->user, 2, new IssueReasons);
    $today = $this->scene->user->clinic->today();
    $ago = static fn (int $weekday): Day => $today->plus(-(($today->weekday() - $weekday + 7) % 7 ?: 7));
    $do = function (Day $on) use ($plan): SessionLog {
        $held = $plan->load('items')->items->reject(
            static fn (PlanItem $i): bool => in_array($on->weekday(), $i->off_days ?? [], true),
        );

        return $this->scene->goodSession($plan->setRelation('items', $held->values()), (string) $on);
    };
    // Of the last seven days: legs on Monday and Thursday, the rest on Tuesday, the earliest first.
    $days = [$ago(1), $ago(4), $ago(2)];
    usort($days, static fn (Day $a, Day $b): int => strcmp((string) $a, (string) $b));
    $byLog = [];
    foreach ($days as $day) {
        $log = $do($day);
        $byLog[$day->weekday()] = Proposal::query()->where('session_log_id', $log->id)->with('planItem')->get()
            ->map(static fn (Proposal $p): string => $p->planItem->family)->all();
    }
    expect($byLog[1])->toContain('seat_rise')->not->toContain('tote_row')
        ->and($byLog[2])->toContain('tote_row')->not->toContain('seat_rise');
    $open = Proposal::query()->where('client_id', $plan->client_id)->where('status', Proposal::OPEN)
        ->with('planItem')->get()->map(static fn (Proposal $p): string => $p->planItem->family)->all();
    expect($open)->toContain('seat_rise')->toContain('tote_row')->and($open)->toBe(array_unique($open));
});

it('asks for fewer sets in an easier week, and lets nothing step on them', function (): void {
    $plan = $this->scene->drafted();
    $at = "/clients/{$plan->client_id}";
    $this->put("$at/plan/session", [...PARTS, 'block_weeks' => '4', 'block_easier' => true, 'revision' => 1])
        ->assertSessionHasNoErrors();
    $plan = app(IssuePlan::class)->run($plan->client->refresh(), $this->scene->user, 2, new IssueReasons);
    $plan->load('items');
    expect($plan->block_easier)->toBeTrue();
    $today = $this->scene->user->clinic->today();
    $easier = Scene::props($this->get("$at/sheet"))['sheet']['easier'];
    expect($easier)->toHaveCount(1)->and($easier[0])->toContain($today->plus(21)->label())
        ->toContain($today->plus(27)->label())->toContain('Where it says 2 ×, do 1 ×');
    $page = Scene::props($this->get("$at/log"))['plan'];
    expect($page['easier'])->toBe([[(string) $today->plus(21), (string) $today->plus(27)]]);
    $row = $plan->items->firstOrFail('family', 'seat_rise');
    expect(array_column($page['items'], 'easier_sets', 'id')[$row->id])->toBe(1);
    // Six weeks ago it began: two good sessions of the fourth week move nothing, those of the fifth do.
    $plan->update(['block_start' => (string) $today->plus(-34), 'block_weeks' => 6]);
    $plan->client->update(['training_level' => 'trained']);
    $decided = function (int $daysAgo) use ($plan, $today, $row): string {
        $log = $this->scene->goodSession($plan, (string) $today->plus(-$daysAgo));

        return Proposal::query()->where('session_log_id', $log->id)->where('plan_item_id', $row->id)->sole()->decision;
    };
    expect([$decided(11), $decided(8)])->toBe(['stay', 'stay'])
        ->and(LogItem::query()->where('plan_item_id', $row->id)->firstOrFail()->sets[0]['light'])->toBeTrue()
        ->and([$decided(3), $decided(0)])->toBe(['stay', 'step_up'])
        ->and(LogItem::query()->latest('id')->firstOrFail()->sets[0]['light'] ?? false)->toBeFalse();
});
