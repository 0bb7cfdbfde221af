<?php

declare(strict_types=1);

use App\Models\ClinicFigure;
use App\Models\Decision;
use App\Models\GateCheck;
use BuoyantStep\Core\Tests\Support\Made;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->client = $this->scene->client(
        ['conditions' => [['code' => 'hypertension_controlled', 'details' => []]], 'usual' => ['sbp' => 130]],
    );
    $this->actingAs($this->scene->user);
});

/** @return array<string, mixed> */
function gateForm(array $with = []): array
{
    return [
        'sbp' => '', 'dbp' => '', 'heart_rate' => '', 'spo2' => '', 'glucose_mmol' => '', 'ketones_mmol' => '',
        'temp_c' => '', 'weight_kg' => '', 'fatigue' => '', 'pain' => '', 'skin_ok' => '', 'limb_change' => '',
        'irregular_pulse' => '', 'unwell' => '', 'slept_badly' => '', 'symptoms' => [], 'repeat' => false, ...$with,
    ];
}

it('asks first for what the limits watch, and goes lighter without it', function (): void {
    $numbers = Scene::props($this->get("/clients/{$this->client->id}/gate"))['numbers'];
    // What the limits ask for stands first, in the field's own words.
    expect(array_column(array_filter($numbers, static fn (array $n): bool => $n['asked']), 'label'))
        ->toBe(['Systolic pressure', 'Diastolic pressure'])
        ->and(array_column(array_slice($numbers, 0, 2), 'asked'))->toBe([true, true]);
    $this->post("/clients/{$this->client->id}/gate", gateForm())->assertSessionHasNoErrors();
    $check = Scene::props($this->get("/clients/{$this->client->id}/gate"))['checks'][0];
    expect($check['verdict'])->toBe('lighter')
        ->and($check['actions'])->toBe(['Enter blood pressure. Until then lighter.']);
});

it('shows beside each box what is usual, nothing where that is not known', function (): void {
    $usual = ['sbp' => 131, 'dbp' => 83, 'heart_rate' => 61, 'spo2' => 94, 'weight_kg' => 71.5];
    $client = $this->scene->client(['usual' => $usual, 'usual_pain' => 2]);
    $numbers = Scene::props($this->get("/clients/$client->id/gate"))['numbers'];
    expect(array_filter(array_column($numbers, 'usual', 'key'), static fn (mixed $n): bool => $n !== null))
        ->toEqual([
            'sbp' => 131, 'dbp' => 83, 'heart_rate' => 61, 'spo2' => 94, 'weight_kg' => "71.5\u{202f}kg", 'pain' => 2,
        ]);
});

it('waits on a high first reading, and decides on the second look', function (): void {
    $this->post(
        "/clients/{$this->client->id}/gate", gateForm(['sbp' => '184', 'dbp' => '92']),
    )->assertSessionHasNoErrors();
    $check = Scene::props($this->get("/clients/{$this->client->id}/gate"))['checks'][0];
    expect($check['verdict'])->toBe('wait')
        ->and($check['again_in_minutes'])->toBe(5)
        ->and($check['again_at'])->not->toBeNull();
    $this->post("/clients/{$this->client->id}/gate", gateForm(['sbp' => '158', 'dbp' => '90', 'repeat' => true]));
    expect(GateCheck::query()->latest('id')->value('verdict'))->toBe('go')
        ->and(GateCheck::query()->count())->toBe(2)
        ->and(Decision::query()->where('kind', 'gate')->count())->toBe(2);
});

it('shows on Today whom the gate stopped or left waiting, until a later check says otherwise', function (): void {
    $says = fn (): string => implode(
        ' | ',
        array_merge(
            ...array_map(
                static fn (array $r): array => array_column($r['needs'], 'says'), Scene::props($this->get('/'))['rows'],
            ),
        ),
    );
    $url = "/clients/{$this->client->id}/gate";
    $this->post($url, gateForm(['sbp' => '184', 'dbp' => '92']));
    expect($says())->toContain('Gate today: wait. Check again.');
    $this->post($url, gateForm(['sbp' => '150', 'dbp' => '90', 'symptoms' => ['chest_pain']]));
    expect($says())->toContain('Gate today: stop and call.')->not->toContain('Gate today: wait');
    $stopped = now()->setTimezone($this->client->clinic->timezone);
    $state = fn (): string => array_column(Scene::props($this->get($url))['client']['stages'], 'state', 'key')['gate'];
    $this->travel(2)->days();
    expect($says())->not->toContain('Gate today')->toContain('Gate of '.$stopped->format('j F Y').': stop and call.')
        ->and($state())->toBe('stop')
        ->and(array_column(Scene::props($this->get($url))['checks'], 'holds'))->toBe([true, false]);
    $this->post($url, gateForm(['sbp' => '184', 'dbp' => '92']));
    expect($says())->toContain('Gate today: wait')->not->toContain('stop and call');
    $this->travel(1)->days();
    expect($says())->not->toContain('Gate')->and($state())->toBe('');
});

it('says which readings are plausible, a mass in the unit of the clinic', function (): void {
    $this->post("/clients/{$this->client->id}/gate", gateForm(['sbp' => '10', 'weight_kg' => '1']));
    $errors = session('errors')->getBag('default');
    expect($errors->first('sbp'))->toContain('it must be from 40 to 300')
        ->and($errors->first('weight_kg'))->toContain('from {{g:20000}} to {{g:350000}}');
});

it('refuses an implausible reading, at its field, and keeps nothing', function (array $with, string $field): void {
    $this->post("/clients/{$this->client->id}/gate", gateForm($with))->assertSessionHasErrors($field);
    expect(GateCheck::query()->count())->toBe(0);
})->with(
    [
        [['sbp' => '420', 'dbp' => '80'], 'sbp'], [['sbp' => '80', 'dbp' => '90'], 'dbp'], [['spo2' => '7'], 'spo2'],
        [['glucose_mmol' => '98'], 'glucose_mmol'], [['pain' => '12'], 'pain'],
        [['symptoms' => ['gloom']], 'symptoms.0'],
    ],
);

it('lets the lead tighten a figure, live for every client, and nobody else', function (): void {
    $other = $this->scene->client(
        ['given_name' => 'Bo', 'conditions' => [['code' => 'hypertension_controlled', 'details' => []]]],
    );
    $set = ['rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '5', 'reason' => ''];
    $this->put('/rulebook', $set)->assertForbidden();
    $this->scene->user->update(['role' => 'lead']);
    $this->put('/rulebook', $set)->assertSessionHasNoErrors();
    foreach ([$this->client, $other] as $client) {
        $field = array_column(
            Scene::props($this->get("/clients/{$client->id}/limits"))['fields'], null, 'field',
        )['effort_max'];
        expect($field['value'])->toBe('5')
            ->and(implode(' ', array_column($field['because'], 'says')))->toContain('Tightened by the clinic to 5');
    }
});

it('lets the lead loosen a figure only with a reason, and marks it wherever it acts', function (): void {
    $this->scene->user->update(['role' => 'lead']);
    $set = ['rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '8'];
    $this->put('/rulebook', [...$set, 'reason' => ''])->assertSessionHasErrors('reason');
    $this->put('/rulebook', [...$set, 'reason' => ' Order 22  '])->assertSessionHasErrors('reason');
    $this->put('/rulebook', [...$set, 'reason' => 'Order 22-3'])->assertSessionHasNoErrors();
    $this->put(
        '/rulebook', [...$set, 'reason' => 'Protocol of the cardiac clinic, 2026-03'],
    )->assertSessionHasNoErrors();
    $lines = array_column(
        Scene::props($this->get("/clients/{$this->client->id}/limits"))['client']['limits'], 'says', 'field',
    );
    expect($lines['effort_max'])->toContain('Loosened by the clinic to 8: Protocol of the cardiac clinic')
        ->and(ClinicFigure::query()->value('loosens'))->toBe(true);
    $this->put('/rulebook', [...$set, 'value' => '', 'reason' => ''])->assertSessionHasNoErrors();
    expect(ClinicFigure::query()->count())->toBe(0)
        ->and(
            Decision::query()->where('kind', 'like', 'rulebook.%')->pluck('kind')->all(),
        )->toBe(['rulebook.loosened', 'rulebook.loosened', 'rulebook.default']);
});

it('asks for no reason where a figure stays as it is', function (): void {
    $this->scene->user->update(['role' => 'lead']);
    // Seven is what the rule says by itself.
    $this->put('/rulebook', [
        'rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '7', 'reason' => '',
    ])->assertSessionHasNoErrors();
    expect(ClinicFigure::query()->where('loosens', true)->count())->toBe(0);
});

it('takes a figure that tightens one step of a rule for a tightening, and asks for a reason where none is', function (
    int $value, bool $loosens,
): void {
    // The arms and the trunk up to 40 % in the first block, the legs up to 60 %.
    $this->scene->user->update(['role' => 'lead']);
    $set = ['rule' => 'coronary_disease', 'field' => 'load_pct_max', 'value' => (string) $value];
    $answer = $this->put('/rulebook', [...$set, 'reason' => '']);
    $loosens ? $answer->assertSessionHasErrors('reason') : $answer->assertSessionHasNoErrors();
    $this->put('/rulebook', [...$set, 'reason' => 'Protocol of the cardiac clinic'])->assertSessionHasNoErrors();
    expect(ClinicFigure::query()->sole()->loosens)->toBe($loosens);
})->with([[30, false], [40, false], [41, false], [59, false], [60, true], [61, true]]);

it('refuses a figure that makes no sense', function (array $set, string $field): void {
    $this->scene->user->update(['role' => 'lead']);
    $this->put(
        '/rulebook',
        ['rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '5', 'reason' => '', ...$set],
    )->assertSessionHasErrors($field);
})->with(
    [
        [['value' => '11'], 'value'], [['value' => 'five'], 'value'], [['field' => 'breath'], 'field'],
        [['rule' => 'gout'], 'field'], [['field' => 'load_pct_max'], 'field'],
    ],
);

it('takes a figure from the least to the most that makes sense, and says both beyond them', function (
    string $rule, string $field, int $least, int $most,
): void {
    $this->scene->user->update(['role' => 'lead']);
    $set = ['rule' => $rule, 'field' => $field, 'reason' => 'Protocol of the clinic, 2026-03'];
    foreach ([$least, $most] as $value) {
        $this->put('/rulebook', [...$set, 'value' => (string) $value])->assertSessionHasNoErrors();
        expect(ClinicFigure::query()->sole()->value)->toBe($value);
    }
    foreach ([$least - 1, $most + 1] as $value) {
        $this->put('/rulebook', [...$set, 'value' => (string) $value])->assertSessionHasErrors('value');
        expect(session('errors')->first('value'))->toContain($value < 0 ? '0' : "from $least to $most")
            ->and(ClinicFigure::query()->sole()->value)->toBe($most);
    }
})->with([
    ['default', 'effort_max', 0, 10], ['default', 'load_pct_max', 0, 100], ['sternotomy', 'lift_max_g', 0, 50_000],
    ['default', 'reps_min', 1, 30], ['coronary_disease', 'reps_max', 1, 50],
    ['retinopathy_severe', 'hold_max_s', 1, 120], ['default', 'impact_max', 0, 3],
    ['default', 'step_pct_max', 1, 20], ['default', 'sessions_between_steps', 1, 10],
    ['default', 'rest_min_s', 0, 600], ['default', 'hours_between_same_muscle', 24, 120],
]);

it('does not touch another clinic', function (): void {
    $this->scene->user->update(['role' => 'lead']);
    $this->put(
        '/rulebook', ['rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '5', 'reason' => ''],
    );
    $other = new Scene('Other');
    $theirs = $other->client(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $fields = array_column(
        Scene::props($this->actingAs($other->user)->get("/clients/{$theirs->id}/limits"))['fields'], 'value', 'field',
    );
    expect($fields['effort_max'])->toBe('7');
});

it('shows every condition in the rulebook with a source', function (): void {
    $rows = Scene::props($this->get('/rulebook'))['rows'];
    expect(count(array_unique(array_column($rows, 'rule'))))->toBeGreaterThan(60)
        ->and(array_filter(array_column($rows, 'source'), static fn (string $s): bool => trim($s) === ''))->toBe([]);
});

it('takes a birth, medicines and usual values, and refuses the implausible', function (): void {
    $this->put(
        "/clients/{$this->client->id}/screen",
        Scene::form(
            [
                'birth_given_on' => now()->subDays(30)->format('Y-m-d'), 'birth_kind' => 'caesarean',
                'birth_symptoms' => ['leaking'], 'medicines' => ['beta blocker'],
                'usual' => ['sbp' => '128', 'heart_rate' => ''],
            ],
        ),
    )->assertSessionHasNoErrors();
    $fields = array_column(Scene::props($this->get("/clients/{$this->client->id}/limits"))['fields'], 'value', 'field');
    expect($fields['lift_max_g'])->toBe(Made::shown('6 kg'))
        ->and($fields['clearance'])->toBe('clearance required before anything is loaded')
        ->and($fields['heart_rate_valid'])->toBe('no');
    $this->put(
        "/clients/{$this->client->id}/screen", Scene::form(['usual' => ['sbp' => '12']]),
    )->assertSessionHasErrors('usual.sbp');
    $this->put(
        "/clients/{$this->client->id}/screen",
        Scene::form(['birth_given_on' => '2199-01-01', 'birth_kind' => 'vaginal']),
    )->assertSessionHasErrors('birth_given_on');
    $this->put(
        "/clients/{$this->client->id}/screen",
        Scene::form(['birth_given_on' => now()->subDays(30)->format('Y-m-d'), 'birth_kind' => '']),
    )->assertSessionHasErrors('birth_kind');
});

it('takes the clinic\'s school as default and the client\'s own choice before it', function (): void {
    $bone = $this->scene->measured(
        ['given_name' => 'Bo', 'conditions' => [['code' => 'osteoporosis', 'details' => []]]],
    );
    $goal = fn (): string => collect(
        Scene::props($this->get("/clients/{$bone->id}/plan"))['plan']['items'],
    )->firstWhere('family', 'tote_row')['goal'];
    $this->put('/rulebook/school', ['school' => 'fragile_bone', 'choice' => 'light_many'])->assertForbidden();
    $this->scene->user->update(['role' => 'lead']);
    $this->put('/rulebook/school', ['school' => 'fragile_bone', 'choice' => 'heavy'])->assertSessionHasErrors('choice');
    $this->put('/rulebook/school', ['school' => 'fragile_bone', 'choice' => 'light_many'])->assertSessionHasNoErrors();
    $this->post("/clients/{$bone->id}/plan")->assertSessionHasNoErrors();
    expect($goal())->toBe('light and many, for fragile bone');
    $bone->update(['bone_school' => 'moderate']);
    $this->post("/clients/{$bone->id}/plan")->assertSessionHasNoErrors();
    expect($goal())->toBe('strength, after the first block');
});

it('takes no check in which nobody was asked about warning signs at all', function (): void {
    $form = gateForm();
    unset($form['symptoms']);
    $this->post("/clients/{$this->client->id}/gate", $form)->assertSessionHasErrors('symptoms');
});

it('asks whose pressure drops for it standing too, and holds one against the other', function (): void {
    $this->client->conditions()->create(['code' => 'orthostatic_drop', 'details' => []]);
    $asked = array_filter(
        Scene::props($this->get("/clients/{$this->client->id}/gate"))['numbers'],
        static fn (array $n): bool => $n['asked'],
    );
    expect(array_column($asked, 'key'))->toBe(['sbp', 'dbp', 'sbp_standing', 'dbp_standing']);
    $this->post("/clients/{$this->client->id}/gate", gateForm([
        'sbp' => '130', 'dbp' => '80', 'sbp_standing' => '109', 'dbp_standing' => '75', 'no_signs' => true,
    ]))->assertSessionHasNoErrors();
    expect(GateCheck::query()->latest('id')->first())->verdict->toBe('lighter')
        ->and(GateCheck::query()->latest('id')->first()->because[0]['says'])->toContain('130/80, standing 109/75');
});

it('holds a weight against those of the three days before', function (float $then, int $days, string $verdict): void {
    $this->client->conditions()->create(['code' => 'heart_failure', 'details' => []]);
    $check = ['sbp' => '130', 'dbp' => '80', 'no_signs' => true];
    $this->travel(-$days)->days();
    $this->post("/clients/{$this->client->id}/gate", gateForm([...$check, 'weight_kg' => (string) $then]));
    $this->travelBack();
    $this->post("/clients/{$this->client->id}/gate", gateForm([...$check, 'weight_kg' => '72.5']))
        ->assertSessionHasNoErrors();
    expect(GateCheck::query()->latest('id')->value('verdict'))->toBe($verdict);
})->with([
    'up by 2.5 in three days' => [70, 3, 'not_today'], 'up by 2.5 in four' => [70, 4, 'go'],
    'up by 2' => [70.5, 2, 'go'],
]);
