<?php

declare(strict_types=1);

use App\Models\Plan;
use App\Models\PlanItem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

uses(RefreshDatabase::class);

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

it('prints a note beside its exercise, in this plan and its copy, and takes it back', function (): void {
    $plan = $this->scene->drafted();
    $item = $plan->items->firstOrFail('family', 'tote_row');
    $at = "/clients/{$plan->client_id}/plan/items/{$item->id}/note";
    $this->put($at, ['note' => '  slower than last week  ', 'revision' => 1])->assertSessionHasNoErrors();
    $printed = Scene::props($this->get("/clients/{$plan->client_id}/sheet"))['sheet']['items'];
    expect(array_column($printed, 'note', 'id')[$item->id])->toBe('slower than last week')
        ->and(array_filter(array_column($printed, 'note')))->toHaveCount(1);
    $this->put($at, ['note' => str_repeat('x', 201), 'revision' => 2])->assertSessionHasErrors('note');
    $this->put($at, ['note' => ['x'], 'revision' => 2])->assertSessionHasErrors('note');
    expect($item->refresh()->note)->toBe('slower than last week');
    $this->put($at, ['note' => '', 'revision' => 2])->assertSessionHasNoErrors();
    expect($item->refresh()->note)->toBeNull();
    $this->post("/clients/{$plan->client_id}/plan/undo", ['revision' => 3])->assertSessionHasNoErrors();
    expect(PlanItem::query()->where('family', 'tote_row')->sole()->note)->toBe('slower than last week');
});

it('throws a draft away, leaves what is issued, and brings it back', function (): void {
    $plan = $this->scene->issued();
    $at = "/clients/{$plan->client_id}/plan";
    $revision = $plan->client->refresh()->plan_revision;
    $this->post("$at/discard", ['revision' => $revision])->assertSessionHasErrors('plan');
    expect($plan->client->refresh()->plan_revision)->toBe($revision);
    $this->post($at, ['revision' => $revision])->assertSessionHasNoErrors();
    $families = Plan::query()->where('status', Plan::DRAFT)->sole()->items->pluck('family')->all();
    $this->post("$at/discard", ['revision' => $revision])->assertSessionHasErrors('revision');
    $this->post("$at/discard", ['revision' => $revision + 1])->assertSessionHasNoErrors();
    expect(Plan::query()->where('status', Plan::DRAFT)->count())->toBe(0)
        ->and($plan->refresh()->status)->toBe(Plan::ISSUED);
    $this->post("$at/undo", ['revision' => $revision + 2])->assertSessionHasNoErrors();
    expect(Plan::query()->where('status', Plan::DRAFT)->sole()->items->pluck('family')->all())->toBe($families);
});

it('compares two versions: what is another, by whom and why', function (): void {
    $plan = $this->scene->issued();
    $at = "/clients/{$plan->client_id}/plan";
    $row = $plan->items->firstOrFail('family', 'seat_rise');
    $gone = $plan->items->firstOrFail('family', 'brace');
    $revision = $plan->client->refresh()->plan_revision;
    $this->put("$at/items/{$row->id}/rung", ['rung' => 'no_hands', 'revision' => $revision])
        ->assertSessionHasNoErrors();
    $this->delete("$at/items/{$gone->id}", ['revision' => $revision + 1])->assertSessionHasNoErrors();
    $page = Scene::props($this->get($at));
    expect($page['plan']['version'])->toBe(2)->and($page['versions'][0][0])->toBe(1)
        ->and($page['versions'][0][1])->toStartWith('Version 1, issued');
    // Whichever is named first.
    foreach (['from=1&to=2', 'from=2&to=1'] as $asked) {
        $answer = $this->getJson("$at/compare?$asked")->assertOk()->json();
        $kinds = array_column($answer['differences'], 'kind', 'exercise');
        expect($kinds['Seat rise, arms crossed'])->toBe('changed')
            ->and(array_values($kinds))->toContain('gone')
            ->and(json_encode($answer))->not->toContain('{{')
            ->and(array_column($answer['decisions'], 'by'))->toContain('T. Clinician');
    }
    $this->getJson("$at/compare?from=1&to=9")->assertNotFound();
    $this->getJson("$at/compare?from=x&to=1")->assertStatus(422);
    $other = $this->scene->drafted(['given_name' => 'Other']);
    expect($this->getJson("/clients/{$other->client_id}/plan/compare?from=1&to=1")->json('differences'))->toBe([]);
});

it('takes one exercise over from an earlier version, as it was where that still stands', function (): void {
    $plan = $this->scene->issued();
    $at = "/clients/{$plan->client_id}/plan";
    $row = $plan->items->firstOrFail('family', 'tote_row');
    $brace = $plan->items->firstOrFail('family', 'brace');
    // So many sets were asked about when they were set: what stood then is not asked about again.
    $row->update(['note' => 'Elbow close.', 'dose' => [...$row->dose, 'sets' => 7]]);
    $brace->update(['nth' => 2]);
    $was = $row->refresh()->dose;
    $revision = fn (): int => $plan->client->refresh()->plan_revision;
    $take = fn (string $family, string $rung, int $version = 1): TestResponse => $this->post("$at/items/from", [
        'version' => $version, 'family' => $family, 'rung' => $rung, 'revision' => $revision(),
    ]);
    $this->delete("$at/items/{$brace->id}", ['revision' => $revision()])->assertSessionHasNoErrors();
    $draft = fn (): Plan => Plan::query()->where('client_id', $plan->client_id)->where('status', Plan::DRAFT)
        ->with('items')->sole();
    $draft()->items->firstOrFail('family', 'tote_row')->update(['note' => null, 'dose' => [...$was, 'sets' => 3]]);
    // What changed is put back in its place, what is gone comes back at the end.
    $place = $draft()->items->firstOrFail('family', 'tote_row')->position;
    $take('tote_row', $row->rung)->assertSessionHasNoErrors();
    $back = $draft()->items->firstOrFail('family', 'tote_row');
    expect($back->dose)->toEqual($was)->and($back->note)->toBe('Elbow close.')->and($back->position)->toBe($place);
    $take('brace', $brace->rung)->assertSessionHasNoErrors();
    $places = $draft()->items->pluck('position');
    $last = $draft()->items->last()->only(['family', 'nth']);
    expect($last)->toBe(['family' => 'brace', 'nth' => 2])->and($places->unique())->toHaveCount(count($plan->items))
        ->and($places->last())->toBe($places->max());
    // It may be taken back, like every change; nobody else's plan and no version that is none can be asked.
    $this->post("$at/undo", ['revision' => $revision()])->assertSessionHasNoErrors();
    expect($draft()->items->pluck('family')->all())->not->toContain('brace');
    $take('brace', $brace->rung, 9)->assertNotFound();
    $take('brace', 'moon')->assertNotFound();
    // Out by today's limits: it says why, and nothing is put in.
    $plan->client->conditions()->create(['code' => 'pregnancy_doming', 'details' => []]);
    $take('brace', $brace->rung)->assertSessionHasErrors('plan');
    expect($draft()->items->pluck('family')->all())->not->toContain('brace');
});

it('makes again what was taken back, until something else is changed', function (): void {
    $plan = $this->scene->drafted(['wants' => 'carry the shopping in']);
    $at = "/clients/{$plan->client_id}/plan";
    $families = fn (): array => Plan::query()->where('status', Plan::DRAFT)->sole()->items()->pluck('family')->all();
    $row = $plan->items->firstOrFail('family', 'tote_row');
    $brace = $plan->items->firstOrFail('family', 'seat_rise');
    $whole = $families();
    $this->post("$at/redo", ['revision' => 1])->assertSessionHasErrors('plan');
    $this->delete("$at/items/{$row->id}", ['revision' => 1])->assertSessionHasNoErrors();
    $this->delete("$at/items/{$brace->id}", ['revision' => 2])->assertSessionHasNoErrors();
    $without = $families();
    $this->post("$at/undo", ['revision' => 3])->assertSessionHasNoErrors();
    $this->post("$at/undo", ['revision' => 4])->assertSessionHasNoErrors();
    expect($families())->toBe($whole);
    $page = Scene::props($this->get($at));
    expect($page['redo'])->toStartWith('Taken out: tote row')->and($page['undo'])->toContain('drafted anew');
    $this->post("$at/redo", ['revision' => 4])->assertSessionHasErrors('revision');
    $this->post("$at/redo", ['revision' => 5])->assertSessionHasNoErrors();
    $this->post("$at/redo", ['revision' => 6])->assertSessionHasNoErrors();
    expect($families())->toBe($without)->and(Scene::props($this->get($at))['redo'])->toBeNull();
    // Back once more, then another change: there is nothing to make again.
    $this->post("$at/undo", ['revision' => 7])->assertSessionHasNoErrors();
    $this->post("$at/items", ['family' => 'clam', 'revision' => 8])->assertSessionHasNoErrors();
    $this->post("$at/redo", ['revision' => 9])->assertSessionHasErrors('plan');
    // The goals go back and forth with the draft that was made by them.
    $this->post($at, ['revision' => 9, 'wishes' => ['goals' => ['dress'], 'pin' => [], 'exclude' => []]])
        ->assertSessionHasNoErrors();
    $this->post("$at/undo", ['revision' => 10])->assertSessionHasNoErrors();
    expect($plan->client->refresh()->wishes)->toBeNull();
    $this->post("$at/redo", ['revision' => 11])->assertSessionHasNoErrors();
    expect($plan->client->refresh()->wishes['goals'])->toBe(['dress']);
});
