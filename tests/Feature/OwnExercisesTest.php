<?php

declare(strict_types=1);

use App\Models\Decision;
use App\Models\OwnFamily;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** @return array<string, mixed> the form for a copy, filled in */
function ownForm(object $test, string $family, array $with = []): array
{
    $form = Scene::props($test->get("/exercises/$family/own"))['form'];

    return [...$form, 'name' => 'Squat at the bath rail', 'words' => "bath squat\nrail squat", ...$with];
}

function lead(Scene $scene): User
{
    return User::query()->create([
        'clinic_id' => $scene->user->clinic_id, 'name' => 'L. Lead', 'email' => 'lead@clinic.example',
        'password' => 'secret-pass', 'role' => 'lead',
    ])->load('clinic');
}

it('adds a copy in the clinic\'s words, and finds, shows and plans it like any other', function (): void {
    $form = ownForm($this, 'squat');
    $form['rungs'][0]['name'] = 'Small squat at the bath rail';
    $form['rungs'][0]['cues'] = "Hold the rail.\nSeat back.";
    $form['rungs'][3]['use'] = false;
    $this->post('/own-exercises', $form)->assertSessionHasNoErrors();
    $row = OwnFamily::query()->firstOrFail();
    expect($row->code)->toStartWith('own_'.$this->scene->user->clinic_id.'_squat')
        ->and(Decision::query()->latest('id')->value('kind'))->toBe('exercise.added');
    $page = Scene::props($this->get('/exercises/'.$row->code))['family'];
    expect($page['rungs'])->toHaveCount(3)
        ->and($page['rungs'][0]['cues'])->toBe(['Hold the rail.', 'Seat back.'])
        ->and($page['copied_from']['code'])->toBe('squat')
        ->and($this->getJson('/exercises/search?q=bath+squat')->json('families.0.code'))->toBe($row->code);
    $listed = collect(Scene::props($this->get('/exercises'))['families'])->firstWhere('code', $row->code);
    expect($listed['own'])->toBeTrue();
    $plan = $this->scene->drafted();
    $this->post("/clients/{$plan->client_id}/plan/items", ['family' => $row->code, 'revision' => $plan->revision])
        ->assertSessionHasNoErrors();
    $items = Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan']['items'];
    expect(array_column($items, 'family'))->toContain($row->code);
    $this->get("/clients/{$plan->client_id}/sheet")->assertOk();
});

it('says in the record what became of a copy, and gives a second of that name another code', function (): void {
    $says = static fn (): string => (string) Decision::query()->latest('id')->value('says');
    $this->post('/own-exercises', ownForm($this, 'squat'))->assertSessionHasNoErrors();
    expect($says())->toBe('Squat at the bath rail, a copy of squat, was added.');
    $row = OwnFamily::query()->firstOrFail();
    $form = Scene::props($this->get("/exercises/$row->code/own"))['form'];
    $this->put("/own-exercises/$row->code", [...$form, 'name' => 'Rail squat'])->assertSessionHasNoErrors();
    expect($says())->toBe('Rail squat, a copy of squat, was changed.');
    $this->post("/own-exercises/$row->code/retire", ['out' => true])->assertSessionHasNoErrors();
    expect($says())->toBe('Rail squat is no longer offered; plans that hold it keep it.');
    $this->post("/own-exercises/$row->code/retire", ['out' => false])->assertSessionHasNoErrors();
    expect($says())->toBe('Rail squat is offered again.');
    foreach ([2, 3] as $n) {
        $this->post('/own-exercises', ownForm($this, 'squat'))->assertSessionHasNoErrors();
        expect(OwnFamily::query()->latest('id')->value('code'))->toBe($row->code.'_'.$n);
    }
});

it('takes another pose from an exercise of the pattern, and leaves the rest as it is', function (): void {
    $form = ownForm($this, 'squat');
    $form['rungs'][0]['start_pose'] = 'seat_rise/no_hands/start';
    $form['rungs'][1]['start_pose'] = 'no_such/thing/start';
    $this->post('/own-exercises', $form)->assertSessionHasNoErrors();
    $rungs = OwnFamily::query()->firstOrFail()->data['rungs'];
    expect($rungs[0]['figure']['start']['body'])->toBe('sit_lean')
        ->and($rungs[0]['figure']['end']['body'])->toBe('stand')
        ->and($rungs[1]['figure']['start'])->toBe(['body' => 'chair_stand', 'arms' => 'front']);
});

it('lets a copy ask less only for a lead with a reason', function (): void {
    $form = ownForm($this, 'squat');
    $form['rungs'][1]['balance'] = 0;
    $this->post('/own-exercises', $form)->assertSessionHasErrors('reason');
    expect(session('errors')->first('reason'))->toContain('balance')->toContain('Only a lead');
    $this->post('/own-exercises', [...$form, 'reason' => 'It is a chair.'])->assertSessionHasErrors('reason');
    $this->actingAs(lead($this->scene));
    $this->post('/own-exercises', $form)->assertSessionHasErrors('reason');
    expect(OwnFamily::query()->count())->toBe(0);
    $this->post('/own-exercises', [...$form, 'reason' => 'The rail is fixed.'])->assertSessionHasNoErrors();
    $line = Decision::query()->latest('id')->firstOrFail();
    expect(OwnFamily::query()->value('reason'))->toBe('The rail is fixed.')
        ->and($line->reason)->toBe('The rail is fixed.')->and($line->says)->toContain('balance');
});

it('changes one, tells an older page, and never takes another clinic\'s', function (): void {
    $this->post('/own-exercises', ownForm($this, 'squat'));
    $row = OwnFamily::query()->firstOrFail();
    $form = Scene::props($this->get("/exercises/{$row->code}/own"))['form'];
    $this->put("/own-exercises/{$row->code}", [...$form, 'name' => 'Rail squat'])->assertSessionHasNoErrors();
    expect($row->refresh()->version)->toBe(2)
        ->and(Scene::props($this->get("/exercises/{$row->code}"))['family']['name'])->toBe('Rail squat');
    $this->put("/own-exercises/{$row->code}", [...$form, 'name' => 'Other'])->assertSessionHasErrors('version');
    $other = new Scene('Other Clinic');
    $this->actingAs($other->user);
    $this->get("/exercises/{$row->code}")->assertNotFound();
    $this->get("/exercises/{$row->code}/own")->assertNotFound();
    $this->put("/own-exercises/{$row->code}", $form)->assertNotFound();
    $this->post("/own-exercises/{$row->code}/retire", ['out' => true])->assertNotFound();
    expect($this->getJson('/exercises/search?q=rail+squat')->json('families.0.code'))->not->toBe($row->code);
});

it('takes one out of use, keeps it where it is planned, and offers it again', function (): void {
    $this->post('/own-exercises', ownForm($this, 'squat'));
    $code = OwnFamily::query()->value('code');
    $plan = $this->scene->drafted();
    $this->post("/clients/{$plan->client_id}/plan/items", ['family' => $code, 'revision' => $plan->revision]);
    $this->post("/own-exercises/$code/retire", ['out' => true])->assertSessionHasNoErrors();
    $listed = array_column(Scene::props($this->get('/exercises'))['families'], 'code');
    $items = Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan']['items'];
    expect($listed)->not->toContain($code)->and(array_column($items, 'family'))->toContain($code)
        ->and(Decision::query()->latest('id')->value('kind'))->toBe('exercise.retired');
    $this->post("/own-exercises/$code/retire", ['out' => false]);
    expect(array_column(Scene::props($this->get('/exercises'))['families'], 'code'))->toContain($code);
});

it('goes out as a file and comes in as the same, checked', function (): void {
    $this->post('/own-exercises', ownForm($this, 'squat'));
    $code = OwnFamily::query()->value('code');
    $file = $this->get("/exercises/$code.json")->assertOk()->getContent();
    $other = new Scene('Other Clinic');
    $this->actingAs($other->user);
    $send = fn (string $text) => $this->post('/own-exercises/import', [
        'file' => UploadedFile::fake()->createWithContent('squat.json', $text),
    ]);
    $send($file)->assertSessionHasNoErrors();
    $copy = OwnFamily::query()->where('clinic_id', $other->user->clinic_id)->firstOrFail();
    expect($copy->code)->not->toBe($code)
        ->and([...$copy->data, 'code' => ''])->toEqual([...json_decode($file, true), 'code' => '']);
    foreach ([
        'no JSON' => 'words', 'a list' => '[1]', 'no exercise' => '{"name": "x"}',
        'no copy' => (string) $this->get('/exercises/squat.json')->getContent(),
        'lowered' => str_replace('"balance": 1', '"balance": 0', $file),
    ] as $what => $text) {
        $send($text)->assertSessionHasErrors();
        expect(OwnFamily::query()->count())->toBe(2, $what);
    }
    $this->post('/own-exercises/import', ['file' => 'words'])->assertSessionHasErrors('file');
});

it('names the field that is wrong and keeps nothing', function (string $field, Closure $spoil): void {
    $this->post('/own-exercises', $spoil(ownForm($this, 'squat')))->assertSessionHasErrors($field);
    expect(OwnFamily::query()->count())->toBe(0);
})->with([
    'no name' => ['name', static fn (array $f): array => [...$f, 'name' => '']],
    'a source that is none' => ['copied_from', static fn (array $f): array => [...$f, 'copied_from' => 'leg_press']],
    'no rung in use' => ['rungs', static fn (array $f): array => [
        ...$f, 'rungs' => array_map(static fn (array $r): array => [...$r, 'use' => false], $f['rungs']),
    ]],
    'one cue' => ['rungs', static function (array $f): array {
        $f['rungs'][0]['cues'] = 'Up you go.';

        return $f;
    }],
    'an hour for a rep' => ['rungs.0.seconds_per_unit', static function (array $f): array {
        $f['rungs'][0]['seconds_per_unit'] = 3600;

        return $f;
    }],
    'no motions' => ['rungs.0.motions', static function (array $f): array {
        unset($f['rungs'][0]['motions']);

        return $f;
    }],
    'a motion that is none' => ['rungs.0.motions.0', static function (array $f): array {
        $f['rungs'][0]['motions'] = ['levitation'];

        return $f;
    }],
]);

it('takes nothing but words where words are asked for', function (string $field): void {
    $this->post('/own-exercises', ownForm($this, 'squat', [$field => ['a', 'list', 'of', 'words']]))
        ->assertSessionHasErrors($field);
    expect(OwnFamily::query()->count())->toBe(0);
})->with(['name', 'copied_from', 'purpose', 'words', 'reason']);
