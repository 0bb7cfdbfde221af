<?php

declare(strict_types=1);

use App\Models\Clearance;
use App\Models\Client;
use App\Models\ClientCondition;
use App\Models\Decision;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

it('keeps an intake with its conditions, clearance and a line in the record', function (): void {
    $this->post('/clients', Scene::form([
        'conditions' => [
            [
                'code' => 'stroke_hemiparesis', 'side' => 'left', 'since' => '2026-01-05', 'until' => '',
                'details' => ['painful_shoulder'],
            ],
        ],
        'clearance' => ['given_by' => 'Dr Fenn', 'given_on' => '2026-01-10', 'until' => '', 'restrictions' => ''],
    ]))->assertSessionHasNoErrors();
    $client = Client::query()->with('conditions')->firstOrFail();
    expect($client->body_mass_g)->toBe(66500)
        ->and($client->height_mm)->toBe(1650)
        ->and($client->conditions[0]->details)->toBe(['painful_shoulder'])
        ->and(Clearance::query()->value('given_by'))->toBe('Dr Fenn')
        ->and(Decision::query()->pluck('kind')->all())->toBe(['clearance.recorded', 'client.added']);
});

it('refuses what cannot be, at its field, and writes nothing', function (array $with, string $field): void {
    $this->from('/clients/new')->post(
        '/clients', Scene::form($with),
    )->assertRedirect('/clients/new')->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->not->toContain('validation.')
        ->and(Client::query()->count() + ClientCondition::query()->count() + Decision::query()->count())->toBe(0);
})->with([
    'no name' => [['given_name' => ' '], 'given_name'],
    'a birth tomorrow' => [['birth_date' => '2199-01-01'], 'birth_date'],
    'a day that does not exist' => [['birth_date' => '1948-02-31'], 'birth_date'],
    'too light' => [['body_mass_kg' => '19.9'], 'body_mass_kg'],
    'grams in the kilogram box' => [['body_mass_kg' => '66500'], 'body_mass_kg'],
    'metres in the centimetre box' => [['height_cm' => '1.65'], 'height_cm'],
    'a due date too far ahead' => [['due_date' => '2199-01-01'], 'due_date'],
    'an unknown condition' => [['conditions' => [['code' => 'gout', 'details' => []]]], 'conditions.0.code'],
    'a sided condition without its side' => [
        ['conditions' => [['code' => 'stroke_hemiparesis', 'side' => '', 'details' => []]]], 'conditions.0.side',
    ],
    'an end before its start' => [
        [
            'conditions' => [
                ['code' => 'osteoporosis', 'since' => '2026-02-01', 'until' => '2026-01-01', 'details' => []],
            ],
        ],
        'conditions.0.until',
    ],
    'a condition that begins in three years' => [
        ['conditions' => [[
            'code' => 'osteoporosis', 'details' => [], 'since' => now()->addYears(2)->addDays(2)->format('Y-m-d'),
        ]]],
        'conditions.0.since',
    ],
    'pain of eleven' => [['usual_pain' => '11'], 'usual_pain'],
    'no days' => [['days' => []], 'days'],
    'two minutes' => [['minutes' => '2'], 'minutes'],
    'a clearance without its day' => [
        ['clearance' => ['given_by' => 'Dr Fenn', 'given_on' => '']], 'clearance.given_on',
    ],
]);

it('names a value that works in its messages', function (): void {
    $this->post('/clients', Scene::form(['body_mass_kg' => '6', 'birth_date' => 'May', 'height_cm' => '9']));
    expect(session('errors')->first('body_mass_kg'))->toContain('for example '.Mass::say(68_500))
        ->and(session('errors')->first('birth_date'))->toContain('for example 1944-03-02')
        ->and(session('errors')->first('height_cm'))->toContain('for example 165');
});

it('changes a screen as a whole, and leaves the old one when the new one is wrong', function (): void {
    $client = $this->scene->client(['conditions' => [['code' => 'osteoporosis', 'details' => []]]]);
    $this->put(
        "/clients/{$client->id}/screen",
        Scene::form(['conditions' => [['code' => 'latex_allergy', 'details' => []]], 'due_date' => '2199-01-01']),
    )->assertSessionHasErrors('due_date');
    expect(ClientCondition::query()->pluck('code')->all())->toBe(['osteoporosis']);
    $this->put(
        "/clients/{$client->id}/screen", Scene::form(['conditions' => [['code' => 'latex_allergy', 'details' => []]]]),
    )->assertSessionHasNoErrors();
    expect(ClientCondition::query()->pluck('code')->all())->toBe(['latex_allergy']);
});

it('is backed by the database where no form stands in front', function (array $with): void {
    $client = $this->scene->client();
    expect(fn () => DB::table('clients')->where('id', $client->id)->update($with))->toThrow(QueryException::class);
})->with([[['body_mass_g' => 19_999]], [['height_mm' => 2301]], [['usual_pain' => 11]], [['minutes' => 4]]]);

it('keeps the record of decisions as it was written', function (): void {
    $this->scene->client();
    expect(
        fn () => DB::table('decisions')->update(['says' => 'nothing happened']),
    )->toThrow(QueryException::class, 'append-only')
        ->and(fn () => DB::table('decisions')->delete())->toThrow(QueryException::class, 'append-only')
        ->and(Decision::query()->count())->toBe(1);
});

it('opens a lighter first block only by a clinician\'s word, with a reason', function (): void {
    $client = $this->scene->client(
        ['training_level' => 'new', 'training_since' => now()->subDays(40)->format('Y-m-d')],
    );
    $cap = fn (): string => array_column(
        Scene::props($this->get("/clients/{$client->id}/limits"))['fields'], 'value', 'field',
    )['load_pct_max'];
    $page = Scene::props($this->get("/clients/{$client->id}/limits"));
    expect($cap())->toBe('60')->and($page['waiting'][0]['rule'])->toBe('older_adult_new');
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'older_adult_new', 'reason' => ''],
    )->assertSessionHasErrors('reason');
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'osteoporosis', 'reason' => 'no such thing'],
    )->assertSessionHasErrors('rule');
    $this->post(
        "/clients/{$client->id}/limits/confirm",
        ['rule' => 'older_adult_new', 'reason' => 'four weeks done, form steady'],
    )->assertSessionHasNoErrors();
    expect($cap())->toBe('100')
        ->and(Decision::query()->latest('id')->first()->reason)->toBe('four weeks done, form steady');
});

it('asks for the side of one condition whatever another one has become on its way', function (mixed $broken): void {
    $this->post('/clients', Scene::form(['conditions' => [
        $broken, ['code' => 'stroke_hemiparesis', 'details' => []],
    ]]))->assertSessionHasErrors(['conditions.1.side' => 'Choose the side: left, right or both.']);
})->with([['junk'], [['code' => ['x'], 'details' => []]], [['details' => []]]]);

it('keeps nobody whom the core finds implausible, whoever sends it, and says at which field', function (
    string $field, string $value,
): void {
    $before = Client::query()->count();
    try {
        $this->scene->client([$field => $value]);
        $at = [];
    } catch (ValidationException $refused) {
        $at = array_keys($refused->errors());
    }
    expect($at)->toBe([$field])->and(Client::query()->count())->toBe($before);
})->with([
    'born tomorrow' => ['birth_date', '2199-01-01'],
    'due in more than forty weeks' => ['due_date', now()->addDays(300)->format('Y-m-d')],
    'gave birth tomorrow' => ['birth_given_on', now()->addDays(2)->format('Y-m-d')],
]);
