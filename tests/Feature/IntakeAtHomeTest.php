<?php

declare(strict_types=1);

use App\Models\ClientCondition;
use App\Models\HomeIntake;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->client = $this->scene->client(['home' => '', 'standing' => '']);
    $this->actingAs($this->scene->user)->post("/clients/{$this->client->id}/intake")->assertSessionHas('link');
    $this->path = (string) parse_url(session('link'), PHP_URL_PATH);
});

it('asks the client at home, and counts nothing until a clinician takes it over', function (): void {
    expect(Scene::props($this->get($this->path))['given_name'])->toBe('Ada');
    $this->post(
        $this->path,
        [
            'answers' => [
                'home' => 'alone', 'standing' => 'supported', 'condition:falls_risk_high' => 'yes',
                'wants' => 'Walk to the shop', 'minutes' => '20',
            ],
        ],
    )->assertRedirect($this->path);
    expect($this->client->refresh()->home)->toBeNull()->and(ClientCondition::query()->count())->toBe(0);
    $this->actingAs($this->scene->user);
    $rows = array_column(
        Scene::props($this->get("/clients/{$this->client->id}/screen"))['from_home']['rows'], null, 'field',
    );
    expect($rows['standing']['answer'])->toBe('Only holding on')->and($rows['standing']['now'])->toBe('');
    $id = HomeIntake::query()->value('id');
    $version = $this->client->refresh()->screen_version;
    foreach ([
        'home' => true, 'standing' => true, 'condition:falls_risk_high' => true, 'minutes' => false,
    ] as $field => $accept) {
        $this->post(
            "/clients/{$this->client->id}/intake/$id", ['field' => $field, 'accept' => $accept],
        )->assertSessionHasNoErrors();
    }
    expect($this->client->refresh()->home)->toBe('alone')
        ->and($this->client->standing)->toBe('supported')
        ->and($this->client->minutes)->toBe(40)
        ->and(ClientCondition::query()->value('code'))->toBe('falls_risk_high')
        // A screen that is open elsewhere is older with every answer that was taken over, a condition too.
        ->and($this->client->screen_version)->toBe($version + 3);
    $this->post(
        "/clients/{$this->client->id}/intake/$id", ['field' => 'home', 'accept' => true],
    )->assertSessionHasErrors('field');
    expect(HomeIntake::query()->sole()->decided)->toBe([
        'home' => 'accepted', 'standing' => 'accepted', 'condition:falls_risk_high' => 'accepted',
        'minutes' => 'skipped',
    ]);
    // Asked, and not answered: there is nothing to take over.
    foreach (['condition:latex_allergy', 'shoe_size'] as $field) {
        $this->post("/clients/{$this->client->id}/intake/$id", ['field' => $field, 'accept' => true])
            ->assertSessionHasErrors('field');
    }
});

it('takes answers once, and only those it asked for', function (): void {
    $this->post($this->path, ['answers' => ['home' => 'palace']])->assertSessionHasErrors('answers.home');
    $this->post($this->path, ['answers' => ['home' => 'carer', 'role' => 'lead']]);
    $this->post($this->path, ['answers' => ['home' => 'alone']]);
    expect(HomeIntake::query()->firstOrFail()->answers)->toBe(['home' => 'carer'])
        ->and(Scene::props($this->get($this->path))['done'])->toBeTrue();
});

it('opens for the right token only, and for a fortnight', function (): void {
    $this->get('/intake/'.str_repeat('a', 40))->assertNotFound();
    $this->travel(14)->days();
    $this->travel(-1)->minutes();
    $this->get($this->path)->assertOk();
    $this->travel(2)->minutes();
    $this->get($this->path)->assertNotFound();
});

it('never takes a condition away by a "no" from home', function (): void {
    $this->client->conditions()->create(['code' => 'latex_allergy', 'details' => []]);
    $this->post($this->path, ['answers' => ['condition:latex_allergy' => 'no']]);
    $this->actingAs($this->scene->user)->post(
        "/clients/{$this->client->id}/intake/".HomeIntake::query()->value('id'),
        ['field' => 'condition:latex_allergy', 'accept' => true],
    );
    expect(ClientCondition::query()->where('code', 'latex_allergy')->count())->toBe(1);
});

it('takes minutes from home over as a number', function (): void {
    $this->post($this->path, ['answers' => ['minutes' => '20', 'home' => 'alone']]);
    $this->actingAs($this->scene->user)
        ->post("/clients/{$this->client->id}/intake/".HomeIntake::query()->value('id'), [
            'field' => 'minutes',
            'accept' => true,
        ])
        ->assertSessionHasNoErrors();
    expect($this->client->refresh()->minutes)->toBe(20);
});

it('adds no condition by a "no" from home', function (): void {
    $this->post($this->path, ['answers' => ['condition:latex_allergy' => 'no']]);
    $this->actingAs($this->scene->user)->post(
        "/clients/{$this->client->id}/intake/".HomeIntake::query()->value('id'),
        ['field' => 'condition:latex_allergy', 'accept' => true],
    )->assertSessionHasNoErrors();
    expect(ClientCondition::query()->count())->toBe(0);
});

it('writes a clearance letter that asks exactly for what the limits ask', function (): void {
    $client = $this->scene->client(
        [
            'given_name' => 'Bo',
            'conditions' => [
                ['code' => 'heart_failure', 'details' => []], ['code' => 'hypertension_controlled', 'details' => []],
            ],
        ],
    );
    $letter = $this->actingAs($this->scene->user)->get(
        "/clients/{$client->id}/clearance-letter",
    )->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect(substr((string) $letter->getContent(), 0, 5))->toBe('%PDF-')
        ->and(strlen((string) $letter->getContent()))->toBeGreaterThan(3000);
});
