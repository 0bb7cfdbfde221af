<?php

declare(strict_types=1);

use App\Models\Decision;
use App\Models\KitPiece;
use App\Models\MeasureResult;
use BuoyantStep\Core\Tests\Support\Made;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->client = $this->scene->client();
    $this->actingAs($this->scene->user);
    $this->today = (string) $this->scene->user->clinic->today();
});

it('keeps results, and shows norm, flag, symmetry and estimate', function (): void {
    $this->post("/clients/{$this->client->id}/measure", ['measured_on' => $this->today, 'results' => [
        ['test' => 'chair_stand_30s', 'value' => '8'],
        ['test' => 'one_leg_stand', 'side' => 'left', 'value' => '4.5'],
        ['test' => 'one_leg_stand', 'side' => 'right', 'value' => '9'],
        ['test' => 'easy_set', 'family' => 'tote_row', 'load_kg' => '3.3', 'reps' => '10', 'rir' => '3'],
        ['test' => 'grip', 'side' => 'left', 'not_tested' => 'sore wrist'],
    ]])->assertSessionHasNoErrors();
    $page = Scene::props($this->get("/clients/{$this->client->id}/measure"));
    $tests = array_column($page['tests'], null, 'code');
    expect($tests['chair_stand_30s']['latest'][0]['flag'])->toContain('falls risk')
        ->and($tests['one_leg_stand']['symmetry']['acts'])->toBeTrue()
        ->and($tests['grip']['latest'][0]['value'])->toBeNull()
        ->and($page['easy_sets'][0]['e1rm'])->toBe(Made::shown('4.73 kg'))
        ->and($page['easy_sets'][0]['confidence'])->toBe('fair');
});

it('refuses results that cannot be, all of the visit, at the field', function (array $row, string $field): void {
    $this->post(
        "/clients/{$this->client->id}/measure",
        ['measured_on' => $this->today, 'results' => [['test' => 'chair_stand_30s', 'value' => '10'], $row]],
    )->assertSessionHasErrors("results.1.$field");
    expect(MeasureResult::query()->count())->toBe(0);
})->with([
    [['test' => 'chair_stand_30s', 'value' => '70'], 'value'],
    [['test' => 'one_leg_stand', 'value' => '7'], 'side'],
    [['test' => 'tandem_stand', 'value' => '-1'], 'value'],
    [['test' => 'tandem_stand', 'value' => 'ten'], 'value'],
    [['test' => 'easy_set', 'family' => 'leg_press', 'load_kg' => '3', 'reps' => '8', 'rir' => '2'], 'family'],
    [['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '3', 'reps' => '-8', 'rir' => '2'], 'reps'],
    [['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '3', 'reps' => '8.5', 'rir' => '2'], 'reps'],
    [['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '3', 'reps' => '8', 'rir' => '2.5'], 'rir'],
    [['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '0', 'reps' => '8', 'rir' => '2'], 'load_kg'],
    [['test' => 'easy_set', 'family' => 'curl', 'load_kg' => 'heavy', 'reps' => '8', 'rir' => '2'], 'load_kg'],
    [['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '3', 'reps' => 'some', 'rir' => '2'], 'reps'],
    [['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '3', 'reps' => '8', 'rir' => 'few'], 'rir'],
    [['test' => 'blood_pressure', 'value' => '120', 'second_value' => 'low'], 'second_value'],
    [['test' => 'vertical_jump', 'value' => '30'], 'test'],
]);

it('does not take a visit of tomorrow', function (): void {
    $this->post(
        "/clients/{$this->client->id}/measure",
        [
            'measured_on' => now()->addDays(2)->format('Y-m-d'),
            'results' => [['test' => 'tandem_stand', 'value' => '10']],
        ],
    )->assertSessionHasErrors('measured_on');
});

it('keeps a kit as a whole and shows the loads it makes', function (): void {
    $piece = [
        'label' => 'Bottle', 'mass_kg' => '0.52', 'count' => '3', 'grip' => 'power', 'holdable' => true,
        'packable' => true, 'plate' => false, 'weighed' => true,
    ];
    $tote = [
        'label' => 'Tote', 'mass_kg' => '0.15', 'count' => '1', 'grip' => 'hook', 'max_mass_kg' => '12',
        'max_pieces' => '12', 'plates' => false,
    ];
    $this->put(
        "/clients/{$this->client->id}/kit", ['pieces' => [$piece], 'carriers' => [$tote]],
    )->assertSessionHasNoErrors();
    $ladders = array_column(Scene::props($this->get("/clients/{$this->client->id}/kit"))['ladders'], null, 'holding');
    expect(array_column($ladders['one_hand']['loads'], 'g'))->toBe([150, 520, 670, 1190, 1710])
        ->and($ladders['one_hand']['loads'][4]['recipe'])->toBe('Tote with 3 × Bottle')
        ->and($ladders['one_hand']['loads'][3]['too_far'])->toBeTrue()
        ->and(array_column($ladders['each_hand']['loads'], 'g'))->toBe([520]);
    $this->put(
        "/clients/{$this->client->id}/kit", ['pieces' => [$piece, [...$piece, 'mass_kg' => '520']], 'carriers' => []],
    )->assertSessionHasErrors('pieces.1.mass_kg');
    expect(KitPiece::query()->count())->toBe(1)
        ->and(Decision::query()->where('kind', 'kit.changed')->count())->toBe(1);
});

it('takes what a result leaves empty, and a carrier that bears up to a hundred kilograms', function (): void {
    $this->post("/clients/{$this->client->id}/measure", ['measured_on' => $this->today, 'results' => [[
        'test' => 'chair_stand_30s', 'value' => '8', 'side' => '', 'second_value' => '', 'family' => '',
        'load_kg' => '', 'reps' => '', 'rir' => '', 'not_tested' => '',
    ]]])->assertSessionHasNoErrors();
    $this->post("/clients/{$this->client->id}/measure", ['measured_on' => $this->today, 'results' => [[
        'test' => 'grip', 'side' => 'left', 'value' => '', 'not_tested' => 'sore wrist',
    ]]])->assertSessionHasNoErrors();
    $tote = [
        'label' => 'Tote', 'mass_kg' => '0.15', 'count' => '1', 'grip' => 'hook', 'max_mass_kg' => '100',
        'max_pieces' => '60', 'plates' => false,
    ];
    $save = fn (array $with) => $this->put(
        "/clients/{$this->client->id}/kit", ['pieces' => [], 'carriers' => [[...$tote, ...$with]]],
    );
    $save([])->assertSessionHasNoErrors();
    $save(['max_mass_kg' => '100.1'])->assertSessionHasErrors('carriers.0.max_mass_kg');
    $save(['mass_kg' => '100.1'])->assertSessionHasErrors('carriers.0.mass_kg');
    $save(['max_pieces' => '61'])->assertSessionHasErrors('carriers.0.max_pieces');
});

it('does not compare a hold that a limit stopped', function (): void {
    $client = $this->scene->client(
        ['given_name' => 'Bo', 'conditions' => [['code' => 'hypertension_controlled', 'details' => []]]],
    );
    foreach (['2026-01-02' => '6', '2026-02-02' => '10'] as $day => $seconds) {
        $this->post(
            "/clients/{$client->id}/measure",
            ['measured_on' => $day, 'results' => [['test' => 'front_plank', 'value' => $seconds]]],
        )->assertSessionHasNoErrors();
    }
    $test = array_column(
        Scene::props($this->get("/clients/{$client->id}/measure"))['tests'], null, 'code',
    )['front_plank'];
    expect($test['safety'])->toContain('Stop at 10 s')
        ->and($test['latest'][0]['norm'])->toBe('stopped at the cap of 10 s: not compared')
        ->and($test['latest'][0]['change'])->toBeNull();
});

it('asks on Today for a re-test after a fall, and after a date of the limits', function (): void {
    $plan = $this->scene->issued(['given_name' => 'Cy']);
    $this->travel(3)->days();
    $this->scene->goodSession($plan, now()->format('Y-m-d'), ['stop_sign' => 'fall_with_injury']);
    $due = now()->addDays(280 - 110)->format('Y-m-d');
    $pregnant = $this->scene->issued(['given_name' => 'Di', 'birth_date' => '1994-01-01', 'due_date' => $due]);
    $this->travel(4)->days();
    $needs = array_column(Scene::props($this->get('/'))['rows'], 'needs', 'name');
    expect(implode(' ', array_column($needs['Cy Mole'], 'says')))->toContain('Re-test now: a fall was reported')
        ->and(implode(' ', array_column($needs['Di Mole'], 'says')))->toContain('Re-test now: 16 weeks')
        ->and($pregnant->status)->toBe('issued');
});

it('takes sixty results of a visit, and no more', function (): void {
    $send = fn (int $n) => $this->post("/clients/{$this->client->id}/measure", [
        'measured_on' => $this->today,
        'results' => array_fill(0, $n, ['test' => 'chair_stand_30s', 'not_tested' => 'cannot stand']),
    ]);
    $send(60)->assertSessionDoesntHaveErrors('results');
    $send(61)->assertSessionHasErrors('results');
});

it('asks for what each thing is: nothing is taken for a no', function (string $list, string $field): void {
    $things = [
        'pieces' => [[
            'label' => 'Bottle', 'mass_kg' => '0.52', 'count' => '3', 'grip' => 'power', 'holdable' => true,
            'packable' => true, 'plate' => false, 'weighed' => true,
        ]],
        'carriers' => [[
            'label' => 'Tote', 'mass_kg' => '0.15', 'count' => '1', 'grip' => 'hook', 'max_mass_kg' => '12',
            'max_pieces' => '12', 'plates' => false,
        ]],
    ];
    unset($things[$list][0][$field]);
    $this->put("/clients/{$this->client->id}/kit", $things)->assertSessionHasErrors("$list.0.$field");
    expect(KitPiece::query()->count())->toBe(0);
})->with([
    ['pieces', 'label'], ['pieces', 'mass_kg'], ['pieces', 'count'], ['pieces', 'grip'], ['pieces', 'holdable'],
    ['pieces', 'packable'], ['pieces', 'plate'], ['pieces', 'weighed'], ['carriers', 'mass_kg'],
    ['carriers', 'max_mass_kg'], ['carriers', 'max_pieces'], ['carriers', 'plates'],
]);
