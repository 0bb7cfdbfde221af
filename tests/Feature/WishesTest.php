<?php

declare(strict_types=1);

use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\PlanTemplate;
use BuoyantStep\Core\Exercises\Purpose;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Feature\Support\Scene;

uses(RefreshDatabase::class);

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

const NO_WISHES = ['goals' => [], 'pin' => [], 'exclude' => [], 'max_exercises' => ''];

/** @return list<string> */
function draftedFamilies(int $client): array
{
    return Plan::query()->where(['client_id' => $client, 'status' => Plan::DRAFT])->firstOrFail()->items
        ->map(static fn (PlanItem $i): string => $i->family)->all();
}

it('drafts for what the screen says they want, until the goals are chosen', function (): void {
    $client = $this->scene->measured(['wants' => 'carry the shopping in']);
    $wishes = Scene::props($this->get("/clients/{$client->id}/plan"))['wishes'];
    expect($wishes['goals'])->toBe(['shopping'])->and($wishes['from_words'])->toBe('carry the shopping in');
    $this->post("/clients/{$client->id}/plan", ['revision' => 0])->assertSessionHasNoErrors();
    expect(draftedFamilies($client->id))->toContain('suitcase_carry');
    $this->post("/clients/{$client->id}/plan", [
        'revision' => 1, 'wishes' => [...NO_WISHES, 'goals' => ['dress']],
    ])->assertSessionHasNoErrors();
    $page = Scene::props($this->get("/clients/{$client->id}/plan"));
    expect(draftedFamilies($client->id))->toContain('table_slide')->not->toContain('suitcase_carry')
        ->and($page['wishes']['goals'])->toBe(['dress'])->and($page['wishes']['from_words'])->toBeNull();
    $rows = array_column($page['plan']['items'], null, 'family');
    expect($rows['table_slide']['for'])->toContain('to dress and wash');
    // Taking it back takes the goals back as well.
    $this->post("/clients/{$client->id}/plan/undo", ['revision' => 2])->assertSessionHasNoErrors();
    expect(Scene::props($this->get("/clients/{$client->id}/plan"))['wishes']['goals'])->toBe(['shopping']);
});

it('pins, leaves out and counts as it is told', function (): void {
    $client = $this->scene->measured();
    $this->post("/clients/{$client->id}/plan", ['revision' => 0, 'wishes' => [
        'goals' => [], 'pin' => ['clam'], 'exclude' => ['tote_row', 'pattern:hinge', 'position:floor'],
        'max_exercises' => '5',
    ]])->assertSessionHasNoErrors();
    $families = draftedFamilies($client->id);
    // The cool-down comes on top.
    expect($families)->toHaveCount(6)->toContain('clam', 'march')->not->toContain('tote_row')->not->toContain('hinge');
    $wishes = Scene::props($this->get("/clients/{$client->id}/plan"))['wishes'];
    expect($wishes['pin'])->toBe([['clam', 'Clam']])->and($wishes['max_exercises'])->toBe('5')
        ->and(array_column($wishes['exclude'], 0))->toBe(['tote_row', 'pattern:hinge', 'position:floor']);
});

it('takes from one to twelve exercises', function (string $most, bool $taken): void {
    $client = $this->scene->measured();
    $sent = $this->post("/clients/{$client->id}/plan", [
        'revision' => 0, 'wishes' => [...NO_WISHES, 'max_exercises' => $most],
    ]);
    $taken ? $sent->assertSessionHasNoErrors() : $sent->assertSessionHasErrors('wishes.max_exercises');
    expect($client->plans()->count())->toBe($taken ? 1 : 0);
})->with([['0', false], ['1', true], ['12', true], ['13', false]]);

it('keeps a template of the plan in use where nothing is drafted, else of the draft', function (): void {
    $issued = $this->scene->issued();
    $at = "/clients/{$issued->client_id}/plan";
    $rungs = static fn (Plan $p): array => $p->items()->orderBy('id')->get()->map(
        static fn (PlanItem $i): string => $i->family.'/'.$i->rung,
    )->all();
    $this->post("$at/templates", ['name' => 'In use'])->assertSessionHasNoErrors();
    expect(PlanTemplate::query()->where('name', 'In use')->sole()->exercises)->toEqualCanonicalizing($rungs($issued));
    $this->post($at, [
        'revision' => $issued->client->refresh()->plan_revision, 'wishes' => [...NO_WISHES, 'max_exercises' => '2'],
    ])->assertSessionHasNoErrors();
    $draft = Plan::query()->where('client_id', $issued->client_id)->where('status', Plan::DRAFT)->sole();
    $this->post("$at/templates", ['name' => 'Drafted'])->assertSessionHasNoErrors();
    expect(PlanTemplate::query()->where('name', 'Drafted')->sole()->exercises)->toEqualCanonicalizing($rungs($draft))
        ->and($rungs($draft))->not->toEqualCanonicalizing($rungs($issued));
});

it('refuses wishes of which a list is missing, and says who changed the plan meanwhile', function (): void {
    $client = $this->scene->measured();
    foreach (['goals', 'pin', 'exclude'] as $list) {
        $this->post("/clients/{$client->id}/plan", [
            'revision' => 0, 'wishes' => array_diff_key(NO_WISHES, [$list => 1]),
        ])->assertSessionHasErrors('wishes.'.$list);
    }
    $draft = fn () => $this->post("/clients/{$client->id}/plan", ['revision' => 0, 'wishes' => NO_WISHES]);
    $draft()->assertSessionHasNoErrors();
    $draft()->assertSessionHasErrors('revision');
    expect(session('errors')->first('revision'))->toContain('meanwhile (T. Clinician: ');
});

it('refuses wishes that mean nothing, and keeps what there was', function (array $wishes, string $field): void {
    $client = $this->scene->measured();
    $this->post("/clients/{$client->id}/plan", ['revision' => 0, 'wishes' => [...NO_WISHES, ...$wishes]])
        ->assertSessionHasErrors($field);
    expect($client->refresh()->wishes)->toBeNull()->and($client->plan_revision)->toBe(0)
        ->and($client->plans()->count())->toBe(0);
})->with([
    'a goal' => [['goals' => ['fly']], 'wishes.goals.0'],
    'thirteen goals' => [
        ['goals' => array_slice(array_column(Purpose::cases(), 'value'), 0, 13)], 'wishes.goals',
    ],
    'a goal twice' => [['goals' => ['bed', 'bed']], 'wishes.goals.0'],
    'no list' => [['goals' => 'bed'], 'wishes.goals'], 'a pin' => [['pin' => ['nothing']], 'wishes.pin.0'],
    'a pin of another kind' => [['pin' => [['squat']]], 'wishes.pin.0'],
    'a wish' => [['exclude' => ['position:flying']], 'wishes.exclude.0'],
    'no list' => [['exclude' => 'tote_row'], 'wishes.exclude'],
    'too many' => [['max_exercises' => '13'], 'wishes.max_exercises'],
    'none' => [['max_exercises' => '0'], 'wishes.max_exercises'],
]);

it('keeps what has been done, with its rung and dose, unless it is told not to', function (): void {
    $plan = $this->scene->issued();
    $row = $plan->items->firstOrFail('family', 'seat_rise');
    $this->scene->goodSession($plan, '2026-11-20');
    $dose = [...$row->dose, 'reps' => ['lo' => 9, 'hi' => 11], 'load_g' => null];
    $row->update(['rung' => 'no_hands', 'dose' => $dose]);
    $id = $plan->client_id;
    $done = Scene::props($this->get("/clients/$id/plan"))['wishes']['done'];
    expect($done)->toContain('Seat rise, arms crossed');
    $revision = $plan->client->refresh()->plan_revision;
    $this->post("/clients/$id/plan", ['revision' => $revision, 'wishes' => [...NO_WISHES, 'goals' => ['shelf']]])
        ->assertSessionHasNoErrors();
    $draft = Plan::query()->where(['client_id' => $id, 'status' => Plan::DRAFT])->with('items')->firstOrFail();
    $kept = $draft->items->firstOrFail('family', 'seat_rise');
    expect($kept->rung)->toBe('no_hands')->and($kept->dose['reps'])->toBe(['lo' => 9, 'hi' => 11])
        ->and(array_column($kept->because, 'rule'))->toContain('need.kept');
    $this->post("/clients/$id/plan", ['revision' => $revision + 1, 'keep' => false])->assertSessionHasNoErrors();
    $anew = Plan::query()->where(['client_id' => $id, 'status' => Plan::DRAFT])->with('items')->firstOrFail();
    foreach ($anew->items as $item) {
        expect(array_column($item->because, 'rule'))->not->toContain('need.kept');
    }
});

it('keeps what an exercise is in for when its rung is swapped', function (): void {
    $plan = $this->scene->drafted(['wants' => 'carry the shopping in']);
    $item = $plan->items->firstOrFail('family', 'suitcase_carry');
    $rows = Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan']['items'];
    $open = array_values(array_filter(
        array_column($rows, null, 'family')['suitcase_carry']['stair'],
        static fn (array $s): bool => $s['state'] !== 'under' && $s['code'] !== $item->rung,
    ));
    $this->put("/clients/{$plan->client_id}/plan/items/{$item->id}/rung", [
        'rung' => $open[0]['code'], 'revision' => 1,
    ])->assertSessionHasNoErrors();
    expect($item->refresh()->rung)->toBe($open[0]['code'])
        ->and(array_column($item->because, 'rule'))->toContain('need.shopping');
});

it('keeps the exercises of a plan as a template, for the clinic alone, and starts from it', function (): void {
    $plan = $this->scene->drafted(['wants' => 'carry the shopping in']);
    $at = "/clients/{$plan->client_id}/plan";
    $this->post("$at/templates", ['name' => ' Carriers '])->assertSessionHasNoErrors();
    $this->post("$at/templates", ['name' => 'carriers'])->assertSessionHasErrors('name');
    $this->post("$at/templates", ['name' => ''])->assertSessionHasErrors('name');
    $this->post("$at/templates", ['name' => str_repeat('x', 81)])->assertSessionHasErrors('name');
    $other = $this->scene->measured(['given_name' => 'Other']);
    $template = Scene::props($this->get("/clients/{$other->id}/plan"))['wishes']['templates'][0];
    expect($template['name'])->toBe('Carriers')
        ->and(array_column($template['pin'], 0))->toContain(...$plan->items->map(
            static fn (PlanItem $i): string => $i->family.'/'.$i->rung,
        )->all());
    $this->post("/clients/{$other->id}/plan", ['revision' => 0, 'wishes' => [
        ...NO_WISHES, 'pin' => array_column($template['pin'], 0),
    ]])->assertSessionHasNoErrors();
    expect(draftedFamilies($other->id))->toContain('suitcase_carry');
    $elsewhere = new Scene('Elsewhere');
    $theirs = $elsewhere->client();
    $this->actingAs($elsewhere->user);
    expect(Scene::props($this->get("/clients/{$theirs->id}/plan"))['wishes']['templates'])->toBe([]);
    $this->delete("/clients/{$theirs->id}/plan/templates/{$template['id']}")->assertNotFound();
    $this->actingAs($this->scene->user);
    $this->delete("$at/templates/{$template['id']}")->assertSessionHasNoErrors();
    expect(Scene::props($this->get($at))['wishes']['templates'])->toBe([]);
    // Forty are the most that anybody looks through.
    PlanTemplate::query()->insert(array_map(fn (int $n): array => [
        'clinic_id' => $plan->client->clinic_id, 'user_id' => $this->scene->user->id, 'name' => "Week $n",
        'exercises' => '[]',
    ], range(1, 39)));
    $this->post("$at/templates", ['name' => 'The fortieth'])->assertSessionHasNoErrors();
    $this->post("$at/templates", ['name' => 'One more'])
        ->assertSessionHasErrors(['name' => 'A clinic keeps 40 templates; throw one away first.']);
});

it('takes the rung to begin with where the one that is pinned is out for this client', function (): void {
    $client = $this->scene->measured(['standing' => 'none', 'home' => 'someone_home']);
    $this->post("/clients/{$client->id}/plan", ['revision' => 0, 'wishes' => [
        ...NO_WISHES, 'pin' => ['arm_swing/standing'],
    ]])->assertSessionHasNoErrors();
    $items = Plan::query()->where('client_id', $client->id)->sole()->items;
    expect($items->firstOrFail('family', 'arm_swing')->rung)->toBe('seated');
});
