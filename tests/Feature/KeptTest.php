<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Plan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\Scene;

/** What the page draws of the plan: 'plan' or 'sheet'. */
function drawnOf(Client $client, string $stage): string
{
    return (string) json_encode(Scene::props(test()->get("/clients/$client->id/$stage")->assertOk())[$stage]);
}

// A change in any row that a plan is worked out from, past every action: nothing says so to the page but the row.
dataset('changes', [
    'the mass' => ['clients', ['body_mass_g' => 91_300], 'plan'],
    'the client\'s name' => ['clients', ['given_name' => 'Berta'], 'sheet'],
    'a condition' => ['client_conditions', ['code' => 'glaucoma'], 'plan'],
    'a measure' => ['measure_results', ['value' => 4], 'plan'],
    'a thing of the house' => ['kit_pieces', ['mass_g' => 700], 'plan'],
    'a bag' => ['kit_carriers', ['mass_g' => 1_900], 'plan'],
    'the days' => ['plans', ['days' => '[1,2]'], 'plan'],
    'the dose' => ['plan_items', ['note' => 'By the window.'], 'plan'],
    'a note on the sheet' => ['plan_items', ['note' => 'By the window.'], 'sheet'],
    'the telephone of the clinic' => ['clinics', ['phone' => '555 0199'], 'sheet'],
]);

it('shows what changed at once', function (string $table, array $with, string $stage): void {
    $scene = new Scene;
    $plan = $scene->issued(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $client = Client::query()->findOrFail($plan->client_id);
    $this->actingAs($scene->user);
    $before = drawnOf($client, $stage);
    expect(drawnOf($client, $stage))->toBe($before);

    $of = [
        'clients' => ['id', $client->id], 'clinics' => ['id', $client->clinic_id],
        'plan_items' => ['plan_id', $plan->id], 'plans' => ['id', $plan->id],
    ][$table] ?? ['client_id', $client->id];
    expect(DB::table($table)->where(...$of)->update($with))->toBeGreaterThan(0);
    $scene->user->unsetRelations();
    $after = drawnOf($client, $stage);
    Cache::flush();
    expect($after)->not->toBe($before)->and(drawnOf($client, $stage))->toBe($after);
})->with('changes');

it('draws a plan anew on another day', function (): void {
    $scene = new Scene;
    $plan = $scene->issued(['conditions' => [], 'due_date' => now()->addDays(141)->format('Y-m-d')]);
    $client = Client::query()->findOrFail($plan->client_id);
    $this->actingAs($scene->user);
    $before = drawnOf($client, 'plan');
    $this->travel(8)->days();

    expect(drawnOf($client, 'plan'))->not->toBe($before);
});

it('keeps one answer for each plan and page, and none that could not be worked out', function (): void {
    $scene = new Scene;
    $plan = $scene->issued([]);
    $this->actingAs($scene->user);
    $this->get("/clients/$plan->client_id/plan")->assertOk();
    $first = Cache::get("kept.plan.$plan->client_id");
    expect($first)->toHaveKeys(['from', 'json'])->and(Cache::get("kept.sheet.$plan->client_id"))->toBeNull();
    DB::table('plan_items')->where('plan_id', $plan->id)->update(['goal' => 'no such goal']);

    $this->get("/clients/$plan->client_id/plan")->assertOk();
    expect(Cache::get("kept.plan.$plan->client_id"))->toBe($first);
});
