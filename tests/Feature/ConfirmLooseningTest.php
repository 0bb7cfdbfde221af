<?php

declare(strict_types=1);

use App\Models\Decision;
use BuoyantStep\Core\Units\Day;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->today = $this->scene->user->clinic->today();
});

/** The limits in force and what waits, as the Limits page says them. */
function limitsPage(int $client): array
{
    return Scene::props(test()->get("/clients/$client/limits"));
}

it('opens on a word what a date allows, and records who said so and why', function (): void {
    $client = $this->scene->client(
        [
            'conditions' => [
                [
                    'code' => 'knee_replacement', 'side' => 'left', 'since' => (string) $this->today->plus(-90),
                    'details' => [],
                ],
            ],
        ],
    );
    expect(array_column(limitsPage($client->id)['waiting'], 'rule'))->toBe(['knee_replacement']);
    $this->post(
        "/clients/{$client->id}/limits/confirm",
        ['rule' => 'knee_replacement', 'reason' => 'Surgeon agrees by letter.'],
    )->assertSessionHasNoErrors();
    expect(limitsPage($client->id)['waiting'])->toBe([])
        ->and($client->conditions()->firstOrFail()->details)->toBe(['impact_cleared'])
        ->and(
            Decision::query()->where('kind', 'limit.loosened')->firstOrFail()->reason,
        )->toBe('Surgeon agrees by letter.');
});

it('ends by word a whole condition that had no end date', function (): void {
    $client = $this->scene->client(
        ['conditions' => [['code' => 'sternotomy', 'since' => (string) $this->today->plus(-84), 'details' => []]]],
    );
    $lift = fn (): bool => str_contains(json_encode(limitsPage($client->id)['client']['limits']) ?: '', 'Lift');
    expect($lift())->toBeTrue();
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'sternotomy', 'reason' => 'Healed, says the team.'],
    )->assertSessionHasNoErrors();
    expect($lift())->toBeFalse()
        ->and($client->conditions()->firstOrFail()->until)->toBe((string) $this->today->plus(-1));
});

it(
    'opens the first block of the condition that is ticked, and leaves the level of training to its own',
    function (): void {
        $client = $this->scene->client([
            'training_level' => 'new',
            'training_since' => (string) $this->today->plus(-60),
            'conditions' => [
                ['code' => 'older_adult_new', 'since' => (string) $this->today->plus(-60), 'details' => []],
            ],
        ]);
        $this->post("/clients/{$client->id}/limits/confirm", [
            'rule' => 'older_adult_new',
            'reason' => 'Goes well.',
        ])->assertSessionHasNoErrors();
        expect($client->conditions()->firstOrFail()->details)->toBe(['first_block_done'])
            ->and($client->refresh()->training_level)->toBe('returning');
    },
);

it('ends by word a condition whose own date is over, and keeps that date', function (): void {
    $until = (string) $this->today->plus(-3);
    $client = $this->scene->client(['conditions' => [[
        'code' => 'hip_replacement_anterior', 'side' => 'left', 'since' => (string) $this->today->plus(-90),
        'until' => $until, 'details' => [],
    ]]]);
    $rule = array_column(limitsPage($client->id)['waiting'], 'rule')[0];
    $this->post("/clients/{$client->id}/limits/confirm", ['rule' => $rule, 'reason' => 'The surgeon agrees.'])
        ->assertSessionHasNoErrors();
    $condition = $client->conditions()->firstOrFail();
    expect($condition->until)->toBe($until)->and($condition->details)->toBe(['end_confirmed']);
});

it('opens by date on the last day of a condition, and ends it the day after', function (
    int $days, string $detail,
): void {
    $until = (string) $this->today->plus($days);
    $client = $this->scene->client(['conditions' => [[
        'code' => 'knee_replacement', 'side' => 'left', 'since' => (string) $this->today->plus(-90),
        'until' => $until, 'details' => [],
    ]]]);
    $this->post("/clients/{$client->id}/limits/confirm", ['rule' => 'knee_replacement', 'reason' => 'Goes well.'])
        ->assertSessionHasNoErrors();
    $condition = $client->conditions()->firstOrFail();
    expect($condition->until)->toBe($until)->and($condition->details)->toBe([$detail]);
})->with([[0, 'impact_cleared'], [-1, 'end_confirmed']]);

it('leaves the level of training where the condition itself has ended', function (): void {
    $client = $this->scene->client(['training_level' => 'new', 'conditions' => [[
        'code' => 'older_adult_new', 'since' => (string) $this->today->plus(-90),
        'until' => (string) $this->today->plus(-3), 'details' => [],
    ]]]);
    expect(array_column(limitsPage($client->id)['waiting'], 'rule'))->toContain('older_adult_new');
    $this->post("/clients/{$client->id}/limits/confirm", ['rule' => 'older_adult_new', 'reason' => 'Goes well.'])
        ->assertSessionHasNoErrors();
    expect($client->conditions()->firstOrFail()->details)->toBe(['end_confirmed'])
        ->and($client->refresh()->training_level)->toBe('new');
});

it('refuses a word before its day, or for nothing', function (): void {
    $client = $this->scene->client(
        ['conditions' => [['code' => 'sternotomy', 'since' => (string) $this->today->plus(-83), 'details' => []]]],
    );
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'sternotomy', 'reason' => 'Feels fine.'],
    )->assertSessionHasErrors('rule');
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'glaucoma', 'reason' => 'None.'],
    )->assertSessionHasErrors('rule');
    expect(Decision::query()->where('kind', 'limit.loosened')->count())->toBe(0);
});

it('takes the word of a symptom-free screen after a birth, and not while symptoms are recorded', function (): void {
    $born = (string) $this->today->plus(-100);
    $client = $this->scene->client(
        [
            'birth_date' => '1994-01-01', 'birth_given_on' => $born, 'birth_kind' => 'vaginal',
            'birth_symptoms' => ['leaking'],
        ],
    );
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'postpartum', 'reason' => 'Screened today.'],
    )->assertSessionHasErrors(
        ['rule' => 'Recorded as symptoms: leaking. When they are gone, take them out on Screen first.'],
    );
    $client->update(['birth_symptoms' => []]);
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'postpartum', 'reason' => 'Screened today.'],
    )->assertSessionHasNoErrors();
    expect($client->refresh()->birth_symptoms)->toBe(['symptom_free_screen'])
        ->and(limitsPage($client->id)['waiting'])->toBe([]);
});

it('does not make a heart patient trained when the first block of the heart is over', function (): void {
    $client = $this->scene->client(
        [
            'birth_date' => '1970-01-01',
            'training_level' => 'new',
            'conditions' => [
                ['code' => 'coronary_disease', 'since' => (string) $this->today->plus(-60), 'details' => []],
            ],
        ],
    );
    $this->post(
        "/clients/{$client->id}/limits/confirm", ['rule' => 'coronary_disease', 'reason' => 'Four good weeks.'],
    )->assertSessionHasNoErrors();
    expect($client->refresh()->training_level)->toBe('new')
        ->and($client->conditions()->firstOrFail()->details)->toBe(['first_block_done']);
});

it('lets Today say what waits', function (): void {
    $this->scene->issued(
        [
            'given_name' => 'Kay',
            'conditions' => [
                [
                    'code' => 'knee_replacement',
                    'side' => 'right',
                    'since' => (string) Day::of((string) $this->today)->plus(-85),
                    'details' => [],
                ],
            ],
        ],
    );
    $needs = array_column(Scene::props($this->get('/'))['rows'], 'needs', 'name')['Kay Mole'];
    expect(implode(' ', array_column($needs, 'says')))->toContain('impact may begin');
});
