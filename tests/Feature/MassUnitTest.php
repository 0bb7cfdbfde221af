<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\ClientCondition;
use App\Models\Decision;
use App\Models\PlanItem;
use App\Rows\ConditionDetails;
use BuoyantStep\Core\Units\Mass;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** Every sentence of a page, below and above. @return list<string> */
function sentences(mixed $props): array
{
    return is_array($props)
        ? array_merge(...array_map(sentences(...), array_values($props)), ...[[]])
        : (is_string($props) ? [$props] : []);
}

/** @return list<string> what the core said of masses, by their unit */
function unitsSaid(array $props): array
{
    $units = [];
    foreach (sentences($props) as $sentence) {
        preg_match_all('/\d'.Mass::SPACE.'(kg|g|lb)\b/u', $sentence, $found);
        $units = [...$units, ...$found[1]];
    }

    return array_values(array_unique($units));
}

it('says every mass of every stage in the clinic\'s unit', function (string $unit, array $said): void {
    $this->scene->user->clinic->update(['mass_unit' => $unit]);
    $plan = $this->scene->issued(
        [
            'conditions' => [['code' => 'sternotomy', 'since' => '2026-11-01', 'details' => ['lift_g:4000']]],
            'clearance' => ['given_by' => 'Dr A', 'given_on' => '2026-11-20', 'until' => null, 'restrictions' => null],
        ],
    );
    $this->scene->goodSession($plan, (string) $plan->client->clinic->today()->plus(-1));
    foreach (['measure', 'limits', 'kit', 'plan', 'sheet', 'log'] as $stage) {
        $props = Scene::props($this->get("/clients/{$plan->client_id}/$stage"));
        expect($props['unit'])->toBe($unit)
            ->and(array_diff(unitsSaid($props), $said))->toBe([], $stage);
        if (in_array($stage, ['kit', 'plan', 'limits'], true)) {
            expect(unitsSaid($props))->not->toBe([], $stage);
        }
    }
})->with([['kg', ['kg', 'g']], ['lb', ['lb']]]);

it('lets a client\'s own unit win over the clinic\'s', function (): void {
    $client = $this->scene->measured(['mass_unit' => 'lb']);
    $other = $this->scene->measured();
    expect(unitsSaid(Scene::props($this->get("/clients/{$client->id}/kit"))))->toBe(['lb'])
        ->and(unitsSaid(Scene::props($this->get("/clients/{$other->id}/kit"))))->toBe(['kg', 'g'])
        // Its boxes hold what its reader types, with the unit.
        ->and(Scene::props($this->get("/clients/{$client->id}/kit"))['form']['pieces'][0]['mass_kg'])->toBe('1.146 lb')
        ->and(Scene::props($this->get("/clients/{$other->id}/kit"))['form']['pieces'][0]['mass_kg'])->toBe('0.52')
        ->and(Scene::props($this->get("/clients/{$client->id}/screen"))['form']['mass_unit'])->toBe('lb');
});

it('says what is wrong with a field in the unit that the field is typed in', function (): void {
    $client = $this->scene->measured(['mass_unit' => 'lb']);
    $this->from("/clients/{$client->id}/kit")->put(
        "/clients/{$client->id}/kit",
        [
            'pieces' => [
                [
                    'label' => 'Anvil', 'mass_kg' => '400', 'count' => '1', 'grip' => 'power', 'holdable' => true,
                    'packable' => false, 'plate' => false, 'weighed' => true,
                ],
            ],
            'carriers' => [],
        ],
    )->assertSessionHasErrors('pieces.0.mass_kg');
    expect(Scene::props($this->get("/clients/{$client->id}/kit"))['errors']['pieces.0.mass_kg'])->toBe(
        'Mass must be from 0'
            .Mass::SPACE
            .'lb to 220.46'
            .Mass::SPACE
            .'lb, for example 1.15'
            .Mass::SPACE
            .'lb for a half-litre bottle.',
    );
});

it('takes a load typed as the page showed it', function (string $kilograms, ?int $kept): void {
    $plan = $this->scene->drafted(
        ['conditions' => [['code' => 'older_adult_new', 'details' => ['first_block_done']]], 'mass_unit' => 'lb'],
    );
    $item = $plan->items->firstOrFail('family', 'tote_row');
    $dose = $item->dose;
    $answer = $this->put(
        "/clients/{$plan->client_id}/plan/items/{$item->id}/dose",
        [
            'sets' => '2', 'amount_lo' => (string) $dose['reps']['lo'], 'amount_hi' => (string) $dose['reps']['hi'],
            'effort_lo' => '5', 'effort_hi' => '6', 'rest_s' => '90', 'load_kg' => $kilograms, 'revision' => '1',
        ],
    );
    $kept === null ? $answer->assertSessionHasErrors('load') : $answer->assertSessionHasNoErrors();
    expect(PlanItem::query()->findOrFail($item->id)->dose['load_g'])->toBe($kept ?? $dose['load_g']);
})->with([
    // The page shows 2230 g as 4.92 lb, which is 2231.7 g.
    'in pounds' => ['4.92 lb', 2230],
    'in kilograms with their unit' => ['2,23 kg', 2230],
    'to the gram' => ['2.23', 2230],
    'another load' => ['2.21', null],
    'another load in pounds' => ['2.23 lb', null],
]);

it('reads a mass as it was typed, whatever the client\'s unit is by then', function (string $typed, ?int $grams): void {
    $client = $this->scene->client();
    $this->put(
        "/clients/{$client->id}/kit",
        [
            'pieces' => [
                [
                    'label' => 'Dumbbell', 'mass_kg' => $typed, 'count' => '1', 'grip' => 'power', 'holdable' => true,
                    'packable' => false, 'plate' => false, 'weighed' => true,
                ],
            ],
            'carriers' => [],
        ],
    );
    expect($client->pieces()->value('mass_g'))->toBe($grams);
})->with([
    // By hand: 5 lb is 5 times 453.59237 g.
    ['5 lb', 2268], ['5lb', 2268], ['4,41 LB', 2000], ['5 lbs', 2268], ['2', 2000], ['2 kg', 2000], ['2,5', 2500],
    ['5 st', null], ['lb', null], ['5 lb 3', null], ['-5 lb', null], ['1..5 lb', null],
]);

it('gives back the same grams for each field of a kit that was only opened and saved', function (): void {
    $client = $this->scene->measured(['mass_unit' => 'lb']);
    $before = $client->pieces()->orderBy('id')->pluck('mass_g')->all();
    $props = Scene::props($this->get("/clients/{$client->id}/kit"));
    $this->put("/clients/{$client->id}/kit", [...$props['form'], 'version' => $props['version']])
        ->assertSessionHasNoErrors();
    expect($client->pieces()->orderBy('id')->pluck('mass_g')->all())->toBe($before)->not->toBe([]);
});

it('is set for the clinic by its lead alone, and on the record', function (): void {
    $this->put('/rulebook/unit', ['mass_unit' => 'lb'])->assertForbidden();
    $this->scene->user->update(['role' => 'lead']);
    $this->put('/rulebook/unit', ['mass_unit' => 'stone'])->assertSessionHasErrors('mass_unit');
    $this->put('/rulebook/unit', ['mass_unit' => 'lb'])->assertSessionHasNoErrors();
    expect(Scene::props($this->get('/rulebook'))['mass_unit'])->toBe('lb')
        ->and(Decision::query()->where('kind', 'unit')->sole()->says)->toBe('Masses are shown in lb.');
});

it('keeps an ordered figure as the core reads it and asks it again as it was typed', function (): void {
    $form = Scene::form(['conditions' => [
        [
            'code' => 'hernia', 'side' => '', 'since' => '', 'until' => '', 'details' => [],
            'numbers' => ['lift_kg' => '3.175147'],
        ],
        [
            'code' => 'platelets_low', 'side' => '', 'since' => '', 'until' => '', 'details' => [],
            'numbers' => ['count' => '45'],
        ],
    ]]);
    $this->post('/clients', $form)->assertSessionHasNoErrors();
    $client = Client::query()->latest('id')->firstOrFail();
    expect(
        $client->conditions->mapWithKeys(static fn (ClientCondition $c): array => [$c->code => $c->details])->all(),
    )->toBe(['hernia' => ['lift_g:3175'], 'platelets_low' => ['count:45']]);
    $page = Scene::props($this->get("/clients/{$client->id}/screen"));
    // The page asks by the very field that is kept.
    $known = array_column($page['known'], 'numbers', 'code');
    expect($known['hernia'][0])->toMatchArray(['field' => 'lift_kg', 'mass' => true])
        ->and($known['platelets_low'][0])->toMatchArray(['field' => 'count', 'mass' => false]);
    $asked = array_column($page['form']['conditions'], null, 'code');
    expect($asked['hernia']['numbers'])->toBe(['lift_kg' => '3.175'])
        ->and($asked['platelets_low']['numbers'])->toBe(['count' => '45'])
        ->and($asked['hernia']['details'])->toBe([]);
    // And it binds.
    expect(
        collect(
            Scene::props($this->get("/clients/{$client->id}/limits"))['client']['limits'],
        )->pluck('title')->implode(' '),
    )->toContain('3.18'.Mass::SPACE.'kg');
});

it('refuses an order that is none, at its field', function (array $numbers, string $field): void {
    $condition = [
        'code' => 'hernia', 'side' => '', 'since' => '', 'until' => '', 'details' => [], 'numbers' => $numbers,
    ];
    $this->post(
        '/clients', Scene::form(['conditions' => [$condition]]),
    )->assertSessionHasErrors("conditions.0.numbers.$field");
    expect(Client::query()->count())->toBe(0);
})->with([
    'words' => [['lift_kg' => 'light'], 'lift_kg'],
    'nothing at all' => [['lift_kg' => '0'], 'lift_kg'],
    'grams in the kilogram box' => [['lift_kg' => '4500'], 'lift_kg'],
    'half a count' => [['count' => '4.5'], 'count'],
    'a negative count' => [['count' => '-1'], 'count'],
]);

it('takes the tighter of two orders and keeps words that are no numbers', function (): void {
    expect(
        ConditionDetails::forForm(['vertebral_fracture', 'lift_g:5000', 'lift_g:2500', 'end_confirmed']),
    )->toBe(['details' => ['vertebral_fracture', 'end_confirmed'], 'numbers' => ['lift_kg' => '2.5']])
        ->and(
            ConditionDetails::fromForm(['arms', 7], ['lift_kg' => '2.5', 'count' => '', 'other' => null]),
        )->toBe(['arms', 'lift_g:2500'])
        ->and(ConditionDetails::fromForm('nonsense', 'more'))->toBe([]);
});
