<?php

declare(strict_types=1);

use App\Actions\SaveScreen;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Conditions\LatexAllergy;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Clearance;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

function itemOf(Plan $plan, string $family): PlanItem
{
    return $plan->items->firstOrFail('family', $family);
}

/** @return array<string, string> */
function doseForm(PlanItem $item, array $with = []): array
{
    $dose = $item->dose;
    $kind = isset($dose['reps']) ? 'reps' : (isset($dose['seconds']) ? 'seconds' : 'steps');

    return array_map(
        strval(...),
        [
            'sets' => $dose['sets'], 'amount_lo' => $dose[$kind]['lo'], 'amount_hi' => $dose[$kind]['hi'],
            'effort_lo' => $dose['effort']['lo'], 'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'],
            'load_kg' => isset($dose['load_g']) ? $dose['load_g'] / 1000 : '', 'revision' => 1, ...$with,
        ],
    );
}

it('drafts, and shows every number with its reasons, channel and stair', function (): void {
    $client = $this->scene->measured();
    $this->post("/clients/{$client->id}/plan")->assertSessionHasNoErrors();
    $plan = Scene::props($this->get("/clients/{$client->id}/plan"))['plan'];
    expect($plan['version'])->toBe(1)
        ->and($plan['status'])->toBe('draft')
        ->and(count($plan['items']))->toBeGreaterThanOrEqual(6)->toBeLessThanOrEqual(11);
    foreach ($plan['items'] as $item) {
        expect($item['because'])->not->toBe([])
            ->and($item['breaches'])->toBe([])
            ->and($item['channel']['text'])->not->toBe('')
            ->and(count($item['stair']))->toBeGreaterThanOrEqual(3);
    }
    $row = array_column($plan['items'], null, 'family')['tote_row'];
    expect($row['channel']['unit'])->toBe('g')
        ->and($row['channel']['ticks'])->toContain($row['channel']['float'])
        ->and(array_column($row['because'], 'from'))->toContain('goal', 'measure', 'kit');
});

it('swaps a rung within what is open and refuses one under water, with the reason', function (): void {
    $conditions = [['code' => 'stroke_hemiparesis', 'side' => 'left', 'details' => []]];
    $plan = $this->scene->drafted(
        ['conditions' => $conditions, 'home' => 'alone', 'wants' => 'climb the stairs'],
    );
    $item = itemOf($plan, 'heel_raise');
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$item->id}/rung", ['rung' => 'seated', 'revision' => 1],
    )->assertSessionHasNoErrors();
    expect($item->refresh()->rung)->toBe('seated');
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$item->id}/rung", ['rung' => 'fingertips', 'revision' => 2],
    )->assertSessionHasErrors('rung');
    expect(session('errors')->first('rung'))->toContain('One hand')->and($item->refresh()->rung)->toBe('seated');
});

it('keeps a typed dose only inside the envelope and the kit', function (
    array $with, ?string $field, string $says,
): void {
    $plan = $this->scene->drafted(
        [
            'conditions' => [
                ['code' => 'hypertension_controlled', 'details' => []],
                ['code' => 'older_adult_new', 'details' => ['first_block_done']],
            ],
        ],
    );
    $item = itemOf($plan, 'tote_row');
    $answer = $this->put("/clients/{$plan->client_id}/plan/items/{$item->id}/dose", doseForm($item, $with));
    if ($field === null) {
        $answer->assertSessionHasNoErrors();
    } else {
        $answer->assertSessionHasErrors($field);
        expect(session('errors')->first($field))->toContain($says)
            ->and($item->refresh()->updated_at->eq($item->created_at))->toBeTrue();
    }
})->with([
    'a load the kit makes' => [['load_kg' => '2.23'], null, ''],
    'a load it cannot make' => [['load_kg' => '2.2'], 'load', Made::said('Nearest: 2.19 kg or 2.23 kg')],
    'a load over the cap' => [['load_kg' => '4.31'], 'load', 'Outside the limits'],
    'no load' => [['load_kg' => ''], 'load', 'takes a load'],
    'too much effort' => [['effort_hi' => '8'], 'effort_hi', 'RPE up to 7'],
    'too few reps' => [['amount_lo' => '6'], 'amount_lo', 'Eight reps'],
    'too short a rest' => [['rest_s' => '30'], 'rest_s', '60 s'],
    'negative reps' => [['amount_lo' => '-2'], 'amount_lo', 'for example 8'],
    'a range upside down' => [['amount_lo' => '12', 'amount_hi' => '9'], 'amount_hi', 'from the lower one'],
]);

it('refuses an edit of a page that is older than the plan', function (): void {
    $plan = $this->scene->drafted();
    [$a, $b] = [itemOf($plan, 'tote_row'), itemOf($plan, 'heel_raise')];
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$a->id}/dose", doseForm($a, ['sets' => '1']),
    )->assertSessionHasNoErrors();
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$b->id}/dose", doseForm($b, ['sets' => '1']),
    )->assertSessionHasErrors('revision');
    expect($b->refresh()->dose['sets'])->toBe($b->dose['sets']);
    $this->post("/clients/{$plan->client_id}/plan/issue", ['revision' => 1])->assertSessionHasErrors('revision');
});

it('adds a family that is open and takes one out', function (): void {
    $plan = $this->scene->drafted();
    $out = itemOf($plan, 'heel_raise');
    $this->delete("/clients/{$plan->client_id}/plan/items/{$out->id}", ['revision' => 1])->assertSessionHasNoErrors();
    $this->post(
        "/clients/{$plan->client_id}/plan/items", ['family' => 'knee_extension', 'revision' => 2],
    )->assertSessionHasNoErrors();
    $this->post(
        "/clients/{$plan->client_id}/plan/items", ['family' => 'leg_press', 'revision' => 3],
    )->assertSessionHasErrors('plan');
    expect($plan->items()->pluck('family')->all())->toContain('knee_extension')->not->toContain('heel_raise');
    // What is out for this client says why.
    $plan->client->conditions()->create(['code' => 'knee_replacement', 'side' => 'left', 'details' => []]);
    $this->post("/clients/{$plan->client_id}/plan/items", [
        'family' => 'hop', 'rung' => app(Catalogue::class)->family('hop')->rungs[0]->code, 'revision' => 3,
    ])->assertSessionHasErrors('family');
    expect(session('errors')->first('family'))->toContain('mpact')->not->toContain('No rung of this family');
});

it('issues, keeps the versions apart, and copies the issued plan when it is edited', function (): void {
    $plan = $this->scene->issued();
    $item = itemOf($plan, 'seat_rise');
    expect($plan->status)->toBe('issued')
        ->and(Decision::query()->where('kind', 'plan.issued')->count())->toBe(1);
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$item->id}/rung",
        ['rung' => 'no_hands', 'revision' => $plan->revision],
    )->assertSessionHasNoErrors();
    $draft = Plan::query()->with('items')->where('status', 'draft')->firstOrFail();
    expect($draft->version)->toBe(2)
        ->and(itemOf($draft, 'seat_rise')->rung)->toBe('no_hands')
        ->and($item->refresh()->rung)->not->toBe('no_hands');
    $this->post("/clients/{$plan->client_id}/plan/issue", ['revision' => $draft->revision])->assertSessionHasNoErrors();
    expect(Plan::query()->orderBy('version')->pluck('status')->all())->toBe(['superseded', 'issued']);
    $this->post(
        "/clients/{$plan->client_id}/plan/issue", ['revision' => $draft->refresh()->revision],
    )->assertSessionHasErrors('plan');
});

it('does not issue without a clearance that is required, and does once it is recorded', function (): void {
    $needsClearance = new class implements ConditionRules
    {
        public function about(): ConditionAbout
        {
            return new ConditionAbout('hypertension_controlled', 'Needs clearance', ConditionGroup::Other);
        }

        public function limits(Condition $condition, Facts $facts): Rules
        {
            return (new Rules('x', 'test'))->set(Field::Clearance, Clearance::Required, 'Clearance first.');
        }

        public function crossings(Condition $condition, Facts $facts): iterable
        {
            return [];
        }
    };
    $this->app->instance(RuleBook::class, new RuleBook([new LatexAllergy, $needsClearance], []));
    $plan = $this->scene->drafted(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $this->post("/clients/{$plan->client_id}/plan/issue", ['revision' => 1])->assertSessionHasErrors('clearance');
    expect($plan->refresh()->status)->toBe('draft');
    app(SaveScreen::class)->run(
        $plan->client,
        $this->scene->user,
        array_map(
            static fn (mixed $v): mixed => $v === '' ? null : $v,
            Scene::form(
                [
                    'conditions' => [['code' => 'hypertension_controlled', 'details' => []]],
                    'clearance' => ['given_by' => 'Dr Fenn', 'given_on' => '2026-01-02'],
                ],
            ),
        ),
    );
    $this->post("/clients/{$plan->client_id}/plan/issue", ['revision' => 1])->assertSessionHasNoErrors();
    expect($plan->refresh()->status)->toBe('issued');
});

it('does not issue what no longer fits, and says so on Today once limits tighten under an issued '
    .'plan', function (): void {
        $plan = $this->scene->drafted();
        $client = $plan->client;
        $tight = array_map(static fn (mixed $v): mixed => $v === '' ? null : $v, Scene::form(['standing' => 'none']));
        app(SaveScreen::class)->run($client, $this->scene->user, $tight);
        $this->post("/clients/{$client->id}/plan/issue", ['revision' => 1])->assertSessionHasErrors('plan');
        $issued = $this->scene->issued(['given_name' => 'Bo']);
        app(SaveScreen::class)->run($issued->client, $this->scene->user, [...$tight, 'given_name' => 'Bo']);
        $rows = array_column(Scene::props($this->get('/'))['rows'], null, 'name');
        expect($rows['Bo Mole']['needs'][0]['says'])->toContain('no longer fits')
            ->and($rows['Bo Mole']['mark'])->toBe('look');
    });

it('prints a sheet in plain words', function (): void {
    $plan = $this->scene->issued(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $sheet = Scene::props($this->get("/clients/{$plan->client_id}/sheet"))['sheet'];
    expect(count($sheet['items']))->toBe($plan->items->count())
        ->and(implode(' ', $sheet['during']))->toContain('Never hold your breath')->toContain('Rise slowly')
        ->and(implode(' ', $sheet['before']))->toContain('take your blood pressure')
        ->and($sheet['stop']['signs'])->toContain('pain or pressure in the chest');
});
