<?php

declare(strict_types=1);

use App\Editing\ThreeWay;
use App\Models\Client;
use App\Models\ClientCondition;
use App\Models\ClinicFigure;
use App\Models\HomeIntake;
use App\Models\KitPiece;
use App\Models\MeasureResult;
use App\Models\Plan;
use App\Models\User;
use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

function colleague(Scene $scene, string $name): User
{
    return User::query()->create([
        'clinic_id' => $scene->user->clinic_id, 'name' => $name, 'email' => strtolower($name[0]).'@clinic.example',
        'password' => 'secret-pass', 'role' => 'clinician',
    ])->load('clinic');
}

/** What the page is told after a save that met another. */
function conflict(MassUnit $unit = MassUnit::Kilogram): array
{
    // As the next page shows it.
    return json_decode($unit->render((string) json_encode(session('conflict'))), true) ?? [];
}

it('does not let a stale tab delete a condition in silence', function (): void {
    $client = $this->scene->client(['conditions' => [['code' => 'osteoporosis', 'details' => []]]]);
    $stale = Scene::props($this->get("/clients/{$client->id}/screen"));
    $this->put(
        "/clients/{$client->id}/screen",
        [
            ...$stale['form'],
            'version' => $stale['version'],
            'base' => $stale['form'],
            'conditions' => [
                ...$stale['form']['conditions'],
                [
                    'code' => 'heart_failure', 'side' => '', 'since' => '', 'until' => '', 'details' => [],
                    'numbers' => [],
                ],
            ],
        ],
    )->assertSessionHasNoErrors();
    // The stale tab changes two other things: they are merged, and nothing is saved until it is sent again.
    $this->put(
        "/clients/{$client->id}/screen",
        [
            ...$stale['form'], 'version' => $stale['version'], 'base' => $stale['form'], 'wants' => 'kneel to weed',
            'given_name' => 'Adela',
        ],
    )->assertSessionHasErrors('version');
    expect(ClientCondition::query()->orderBy('id')->pluck('code')->all())->toBe(['osteoporosis', 'heart_failure'])
        ->and($client->refresh()->wants)->toBeNull()
        ->and(conflict()['clashes'])->toBe([])
        ->and(conflict()['taken'])->toBe(['Condition: heart failure'])
        ->and(array_column(conflict()['merged']['conditions'], 'code'))->toBe(['osteoporosis', 'heart_failure'])
        ->and(conflict()['merged']['wants'])->toBe('kneel to weed');
    $this->put(
        "/clients/{$client->id}/screen", [...conflict()['merged'], 'version' => conflict()['version']],
    )->assertSessionHasNoErrors();
    expect(ClientCondition::query()->orderBy('id')->pluck('code')->all())->toBe(['osteoporosis', 'heart_failure'])
        ->and($client->refresh()->only(['wants', 'given_name']))->toBe(
            ['wants' => 'kneel to weed', 'given_name' => 'Adela'],
        );
});

it('shows both values where two people changed the same field', function (): void {
    $client = $this->scene->client(['minutes' => '40']);
    $stale = Scene::props($this->get("/clients/{$client->id}/screen"));
    $other = colleague($this->scene, 'B. Other');
    $this->actingAs($other)->put(
        "/clients/{$client->id}/screen", [...$stale['form'], 'version' => $stale['version'], 'minutes' => '25'],
    )->assertSessionHasNoErrors();
    $this->actingAs($this->scene->user)->put(
        "/clients/{$client->id}/screen",
        [...$stale['form'], 'version' => $stale['version'], 'base' => $stale['form'], 'minutes' => '55'],
    )->assertSessionHasErrors('version');
    $clash = conflict()['clashes'][0];
    expect(session('errors')->first('version'))->toContain('B. Other')
        ->and($clash)->toMatchArray(
            ['field' => 'minutes', 'label' => 'Minutes a session', 'mine' => '55', 'theirs' => '25'],
        )
        ->and(conflict()['merged']['minutes'])->toBe('55')
        ->and($client->refresh()->minutes)->toBe(25);
});

it('names who changed the screen from another page', function (string $path, array $form): void {
    $plan = $this->scene->issued([
        'conditions' => [[
            'code' => 'knee_replacement', 'side' => 'left', 'details' => [],
            'since' => (string) $this->scene->user->clinic->today()->plus(-90),
        ]],
    ]);
    $client = $plan->client;
    $client->measures()->create([
        'test' => 'timed_up_and_go', 'value' => 13, 'measured_on' => (string) $this->scene->user->clinic->today(),
        'user_id' => $this->scene->user->id,
    ]);
    $client->intakes()->create([
        'token_hash' => str_repeat('a', 64), 'answers' => ['home' => 'alone'], 'decided' => [],
        'expires_at' => now()->addDay(), 'submitted_at' => now(), 'user_id' => $this->scene->user->id,
    ]);
    $stale = Scene::props($this->get("/clients/$client->id/screen"));
    $other = colleague($this->scene, 'B. Other');
    $method = $path === 'plan/session' ? 'put' : 'post';
    $path = str_replace('ID', (string) HomeIntake::query()->value('id'), $path);
    $form += $method === 'put' ? ['revision' => $client->refresh()->plan_revision] : [];
    $this->actingAs($other)->{$method}("/clients/$client->id/$path", $form)->assertSessionHasNoErrors();
    $this->actingAs($this->scene->user)->put("/clients/$client->id/screen", [
        ...$stale['form'], 'version' => $stale['version'], 'base' => $stale['form'], 'wants' => 'swim',
    ])->assertSessionHasErrors('version');
    expect(session('errors')->first('version'))->toContain('B. Other');
})->with([
    'a limit' => ['limits/own', [
        'field' => 'effort_max', 'value' => '4', 'region' => 'any', 'side' => 'both', 'until' => '',
        'set_by' => 'Dr Amari', 'why' => 'Until the wound has healed.',
    ]],
    'falls risk' => ['falls', ['answer' => 'yes']],
    'no falls risk' => ['falls', ['answer' => 'no', 'reason' => 'Walked with a new frame.']],
    'a date that opens' => ['limits/confirm', ['rule' => 'knee_replacement', 'reason' => 'The surgeon agrees.']],
    'the order of the session' => ['plan/session', [
        'structure' => 'straight', 'cool_down' => true, 'activation' => true, 'ramp' => true, 'aerobic_minutes' => '0',
        'block_weeks' => '4', 'block_easier' => false, 'week' => 'same',
    ]],
    'an answer from home' => ['intake/ID', ['field' => 'home', 'accept' => true]],
]);

it('names who changed a kit, and who took out what could not be read of it', function (): void {
    $client = $this->scene->measured();
    $at = "/clients/$client->id";
    $form = ['pieces' => [], 'carriers' => [], 'base' => ['pieces' => [], 'carriers' => []]];
    $version = $client->refresh()->kit_version;
    $told = function (string $who) use ($at, $form, $version): void {
        $this->actingAs($this->scene->user)->put("$at/kit", [...$form, 'version' => $version])
            ->assertSessionHasErrors('version');
        expect(session('errors')->first('version'))->toContain($who);
    };
    $this->actingAs(colleague($this->scene, 'B. Other'))->put("$at/kit", [...$form, 'version' => $version])
        ->assertSessionHasNoErrors();
    $told('B. Other');
    DB::table('clients')->where('id', $client->id)->update(['place' => '{"floor": "lava"}']);
    $this->actingAs(colleague($this->scene, 'C. Third'))
        ->post("$at/mend", ['part' => 'place', 'id' => $client->id])->assertSessionHasNoErrors();
    $told('C. Third');
});

it('refuses a page that does not say what it was made from', function (string $path, array $form): void {
    $client = $this->scene->client();
    $this->asFreshPage = false;
    $this->put("/clients/{$client->id}/$path", $form)->assertSessionHasErrors('version');
})->with([['screen', Scene::form()], ['kit', ['pieces' => [], 'carriers' => []]]]);

it('tells a mass that somebody changed from one that was only shown in pounds', function (): void {
    $client = $this->scene->measured(['mass_unit' => 'lb']);
    $page = "/clients/{$client->id}/kit";
    $stale = Scene::props($this->get($page));
    $form = $stale['form'];
    [$theirs, $mine] = [$form['pieces'], $form['pieces']];
    $theirs[0]['mass_kg'] = '1.3 lb';
    $mine[0]['mass_kg'] = '1 lb';
    $this->put($page, [...$form, 'version' => $stale['version'], 'pieces' => $theirs])->assertSessionHasNoErrors();
    $this->put($page, [...$form, 'version' => $stale['version'], 'base' => $form, 'pieces' => $mine])
        ->assertSessionHasErrors('version');
    $told = conflict(MassUnit::Pound);
    expect(array_column($told['clashes'], 'label'))->toBe(['Piece: Half-litre bottle'])
        ->and($told['clashes'][0]['theirs'])->toContain("mass 1.3\u{202F}lb")
        ->and($told['clashes'][0]['mine'])->toContain("mass 1\u{202F}lb")
        ->and($told['clashes'][0]['value']['mass_kg'])->toBe('1.301 lb')
        ->and($told['taken'])->toBe([])
        ->and($told['merged']['pieces'][0]['mass_kg'])->toBe('1.001 lb');
});

it('keeps both kits that two tabs saved, and shows a thing that both changed', function (): void {
    $client = $this->scene->measured();
    $page = "/clients/{$client->id}/kit";
    $stale = Scene::props($this->get($page));
    $form = $stale['form'];
    $dumbbell = [
        'label' => 'Dumbbell', 'mass_kg' => '2', 'count' => '2', 'grip' => 'power', 'holdable' => true,
        'packable' => false, 'plate' => false, 'weighed' => true,
    ];
    $heavier = $form['pieces'];
    $heavier[0]['mass_kg'] = '0.6';
    $lighter = $form['pieces'];
    $lighter[0]['mass_kg'] = '0.4';
    $this->put(
        $page, [...$form, 'version' => $stale['version'], 'pieces' => [...$heavier, $dumbbell]],
    )->assertSessionHasNoErrors();
    $this->put(
        $page,
        [
            ...$form, 'version' => $stale['version'], 'base' => $form, 'pieces' => $lighter,
            'place' => [...$form['place'], 'floor' => 'carpet'],
        ],
    )->assertSessionHasErrors('version');
    expect(array_column(conflict()['clashes'], 'label'))->toBe(['Piece: Half-litre bottle'])
        ->and(array_column(conflict()['merged']['pieces'], 'label'))->toBe(['Half-litre bottle', 'Can', 'Dumbbell'])
        ->and(conflict()['merged']['place']['floor'])->toBe('carpet')
        ->and(KitPiece::query()->where('label', 'Half-litre bottle')->value('mass_g'))->toBe(600);
    $this->put($page, [...conflict()['merged'], 'version' => conflict()['version']])->assertSessionHasNoErrors();
    expect(
        KitPiece::query()->pluck('mass_g')->all(),
    )->toBe([400, 480, 2000])->and($client->refresh()->place['floor'])->toBe('carpet');
});

it('asks before a second value of the same test on the same day counts, and takes all else', function (): void {
    $client = $this->scene->client();
    $page = "/clients/{$client->id}/measure";
    $today = (string) $this->scene->user->clinic->today();
    $send = fn (array $results, int $seen) => $this->post(
        $page, ['measured_on' => $today, 'results' => $results, 'seen' => $seen],
    );
    $send([['test' => 'chair_stand_30s', 'value' => '12']], 0)->assertSessionHasNoErrors();
    $send(
        [['test' => 'chair_stand_30s', 'value' => '9'], ['test' => 'tandem_stand', 'value' => '7']], 0,
    )->assertSessionHasErrors('version');
    expect(conflict()['clashes'][0])->toMatchArray(
        ['label' => '30 s chair stand', 'mine' => '9', 'theirs' => '12'],
    )->and(MeasureResult::query()->count())->toBe(1);
    // Another test is no clash, nor is the same value; and whoever has seen the other may still add a second.
    $send(
        [['test' => 'tandem_stand', 'value' => '7'], ['test' => 'chair_stand_30s', 'value' => '12']], 0,
    )->assertSessionHasNoErrors();
    $send(
        [['test' => 'chair_stand_30s', 'value' => '9']], MeasureResult::query()->max('id'),
    )->assertSessionHasNoErrors();
    expect(MeasureResult::query()->where('test', 'chair_stand_30s')->count())->toBe(3);
});

it('lets a plan\'s revision grow over drafts and issues, so that no old page fits by chance', function (): void {
    $client = $this->scene->measured();
    $page = "/clients/{$client->id}/plan";
    $revision = static fn (): int => Client::query()->findOrFail($client->id)->plan_revision;
    $seen = [$revision()];
    foreach (['', '', '/issue', ''] as $path) {
        $this->post($page.$path, ['revision' => $revision()])->assertSessionHasNoErrors();
        $seen[] = $revision();
    }
    expect($seen)->toBe([0, 1, 2, 3, 4]);
    foreach ([1, 2, 3, 5] as $old) {
        $this->post("$page/issue", ['revision' => $old])->assertSessionHasErrors('revision');
        $this->post($page, ['revision' => $old])->assertSessionHasErrors('revision');
    }
    expect(Plan::query()->orderBy('id')->pluck('status')->all())->toBe(['issued', 'draft']);
});

it('does not set a figure of the rulebook over one that was set since', function (): void {
    $this->scene->user->update(['role' => 'lead']);
    $set = ['rule' => 'hypertension_controlled', 'field' => 'effort_max', 'reason' => ''];
    $this->put('/rulebook', [...$set, 'value' => '6', 'seen' => null])->assertSessionHasNoErrors();
    $this->put('/rulebook', [...$set, 'value' => '5', 'seen' => null])->assertSessionHasErrors('value');
    expect(session('errors')->first('value'))->toContain('set 6 meanwhile. The page')->and(
        ClinicFigure::query()->value('value'),
    )->toBe(6);
    $this->put('/rulebook', [...$set, 'value' => '4', 'reason' => 'Protocol 7', 'seen' => 6])
        ->assertSessionHasNoErrors();
    $this->put('/rulebook', [...$set, 'value' => '5', 'seen' => 6])->assertSessionHasErrors('value');
    expect(session('errors')->first('value'))->toContain('set 4 meanwhile (“Protocol 7”). The page');
    $this->put('/rulebook', [...$set, 'value' => '6', 'seen' => 4])->assertSessionHasNoErrors();
    // Back to the default is a change like any other; another figure does not clash.
    $this->put('/rulebook', [...$set, 'value' => '', 'seen' => null])->assertSessionHasErrors('value');
    $this->put(
        '/rulebook', [...$set, 'field' => 'hold_max_s', 'value' => '8', 'seen' => null],
    )->assertSessionHasNoErrors();
    $this->put('/rulebook', [...$set, 'value' => '5', 'seen' => 6])->assertSessionHasNoErrors();
    $this->put(
        '/rulebook/school', ['school' => 'fragile_bone', 'choice' => 'light_many', 'seen' => null],
    )->assertSessionHasNoErrors();
    $this->put(
        '/rulebook/school', ['school' => 'fragile_bone', 'choice' => 'moderate', 'seen' => null],
    )->assertSessionHasErrors('choice');
});

it('merges what only one changed, field by field and row by row', function (
    array $base, array $mine, array $theirs, array $merged, array $clashes, array $taken,
): void {
    $found = (new ThreeWay($base, $mine, $theirs, ['rows' => 'name']))->merge();
    expect($found['merged'])->toEqual($merged)->and(
        array_column($found['clashes'], 'field'),
    )->toBe($clashes)->and($found['taken'])->toBe($taken);
})->with([
    'nobody' => [['a' => '1'], ['a' => '1'], ['a' => '1'], ['a' => '1'], [], []],
    'only I' => [['a' => '1'], ['a' => '2'], ['a' => '1'], ['a' => '2'], [], []],
    'only they' => [['a' => '1'], ['a' => '1'], ['a' => '2'], ['a' => '2'], [], ['a']],
    'both, alike' => [['a' => '1'], ['a' => '2'], ['a' => '2'], ['a' => '2'], [], []],
    'both, otherwise' => [['a' => '1'], ['a' => '2'], ['a' => '3'], ['a' => '2'], ['a'], []],
    'text and number are one' => [['a' => '66.5'], ['a' => 66.5], ['a' => '70'], ['a' => '70'], [], ['a']],
    'empty is empty' => [['a' => ''], ['a' => null], ['a' => 'x'], ['a' => 'x'], [], ['a']],
    'inside a group' => [
        ['g' => ['a' => '1', 'b' => '1']], ['g' => ['a' => '2', 'b' => '1']], ['g' => ['a' => '1', 'b' => '3']],
        ['g' => ['a' => '2', 'b' => '3']], [], ['g.b'],
    ],
    'ticks add up' => [
        ['t' => ['a', 'b']], ['t' => ['a', 'b', 'c']], ['t' => ['b', 'd']], ['t' => ['b', 'd', 'c']], [], ['t'],
    ],
    'they took a row out' => [
        ['rows' => [['name' => 'x', 'v' => 1]]], ['rows' => [['name' => 'x', 'v' => 1]]], ['rows' => []],
        ['rows' => []], [], ['rows.x'],
    ],
    'I took a row out' => [
        ['rows' => [['name' => 'x', 'v' => 1]]], ['rows' => []], ['rows' => [['name' => 'x', 'v' => 1]]],
        ['rows' => []], [], [],
    ],
    'I took out what they changed' => [
        ['rows' => [['name' => 'x', 'v' => 1]]], ['rows' => []], ['rows' => [['name' => 'x', 'v' => 2]]],
        ['rows' => []], ['rows.x'], [],
    ],
    'each added a row' => [
        ['rows' => []],
        ['rows' => [['name' => 'm', 'v' => 1]]],
        ['rows' => [['name' => 't', 'v' => 1]]],
        ['rows' => [['name' => 't', 'v' => 1], ['name' => 'm', 'v' => 1]]],
        [],
        ['rows.t'],
    ],
    'two rows of one name' => [
        ['rows' => [['name' => 'x', 'v' => 1], ['name' => 'x', 'v' => 2]]],
        ['rows' => [['name' => 'x', 'v' => 1], ['name' => 'x', 'v' => 3]]],
        ['rows' => [['name' => 'x', 'v' => 9], ['name' => 'x', 'v' => 2]]],
        ['rows' => [['name' => 'x', 'v' => 9], ['name' => 'x', 'v' => 3]]],
        [],
        ['rows.x'],
    ],
]);

it('counts an answer from home and a confirmed loosening as changes of the screen', function (): void {
    $client = $this->scene->client(
        [
            'conditions' => [
                ['code' => 'older_adult_new', 'since' => now()->subDays(40)->format('Y-m-d'), 'details' => []],
            ],
            'training_level' => 'new',
        ],
    );
    $stale = Scene::props($this->get("/clients/{$client->id}/screen"));
    $save = fn () => $this->put(
        "/clients/{$client->id}/screen",
        [...$stale['form'], 'version' => $stale['version'], 'base' => $stale['form'], 'minutes' => '35'],
    );
    $this->post(
        "/clients/{$client->id}/limits/confirm",
        ['rule' => 'older_adult_new', 'reason' => 'four weeks done, form steady'],
    )->assertSessionHasNoErrors();
    $save()->assertSessionHasErrors('version');
    expect(ClientCondition::query()->sole()->details)->toBe(['first_block_done']);
    $stale = Scene::props($this->get("/clients/{$client->id}/screen"));
    $this->post("/clients/{$client->id}/intake");
    $this->post(
        (string) parse_url((string) session('link'), PHP_URL_PATH), ['answers' => ['wants' => 'walk to the shop']],
    )->assertSessionHasNoErrors();
    $this->post(
        "/clients/{$client->id}/intake/".HomeIntake::query()->value('id'), ['field' => 'wants', 'accept' => true],
    )->assertSessionHasNoErrors();
    $save()->assertSessionHasErrors('version');
    expect($client->refresh()->wants)->toBe('walk to the shop')->and(conflict()['taken'])->toContain(
        'What they want to do again',
    );
});

it('keeps the message of an action while the page asks for an answer before it is shown', function (): void {
    $client = $this->scene->measured();
    $this->get("/clients/{$client->id}/kit")->assertOk();
    $this->from("/clients/{$client->id}/plan")->post("/clients/{$client->id}/plan")->assertSessionHasNoErrors();
    // A request that began before that action, and ends after it, neither sees the message nor takes it away.
    $this->getJson("/clients/{$client->id}/kit/next")->assertOk();
    $this->getJson("/clients/{$client->id}/exercises?q=row")->assertOk();
    expect(Scene::props($this->get("/clients/{$client->id}/plan"))['said'])->toContain('drafted')
        ->and(Scene::props($this->get("/clients/{$client->id}/plan"))['said'])->toBeNull()
        ->and(session()->previousUrl())->toEndWith("/clients/{$client->id}/plan");
});
