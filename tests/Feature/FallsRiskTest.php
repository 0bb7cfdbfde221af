<?php

declare(strict_types=1);

use App\Models\Decision;
use BuoyantStep\Core\Client\Condition;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->client = $this->scene->client(['abilities' => ['fallen_in_year' => 'yes']]);
});

/** @return array<string, mixed> the frame of the client as the Limits page has it */
function frame(int $client): array
{
    return Scene::props(test()->get("/clients/$client/limits"))['client'];
}

it('asks after a fall whether high falls risk belongs on the screen, and holds on meanwhile', function (): void {
    $frame = frame($this->client->id);
    expect($frame['falls'])->toBe(['A fall in the last year'])
        ->and(json_encode($frame['limits']))->toContain('Balance work: one hand on something fixed')
        ->toContain('Eyes open');
});

it('asks nothing where nobody fell and the tests are steady, nor where the risk is entered', function (): void {
    expect(frame($this->scene->client(['abilities' => ['fallen_in_year' => 'no']])->id)['falls'])->toBe([])
        ->and(frame($this->scene->client([
            'abilities' => ['fallen_in_year' => 'yes'],
            'conditions' => [['code' => 'falls_risk_high', 'details' => []]],
        ])->id)['falls'])->toBe([]);
});

it('adds the risk at one press, and records it', function (): void {
    $this->post("/clients/{$this->client->id}/falls", ['answer' => 'yes'])->assertSessionHasNoErrors();
    expect(frame($this->client->id)['falls'])->toBe([])
        ->and($this->client->conditions()->pluck('code')->all())->toBe(['falls_risk_high'])
        ->and(Decision::query()->where('kind', 'falls.added')->count())->toBe(1);
    $this->post("/clients/{$this->client->id}/falls", ['answer' => 'yes'])->assertSessionHasErrors('answer');
    expect($this->client->conditions()->count())->toBe(1);
});

it('brings back a risk that had ended', function (): void {
    $this->client->conditions()->create([
        'code' => 'falls_risk_high', 'details' => [Condition::END_CONFIRMED], 'until' => '2020-01-01',
    ]);
    $this->post("/clients/{$this->client->id}/falls", ['answer' => 'yes'])->assertSessionHasNoErrors();
    expect($this->client->conditions()->sole()->until)->toBeNull();
});

it('takes a no for a reason only, keeps the limits, and asks again when something new is found', function (): void {
    $url = "/clients/{$this->client->id}/falls";
    $this->post($url, ['answer' => 'no', 'reason' => ''])->assertSessionHasErrors('reason');
    $this->post($url, ['answer' => 'perhaps'])->assertSessionHasErrors('answer');
    expect(frame($this->client->id)['falls'])->not->toBe([]);
    $this->post($url, ['answer' => 'no', 'reason' => 'Tripped over the dog.'])->assertSessionHasNoErrors();
    $frame = frame($this->client->id);
    expect($frame['falls'])->toBe([])
        ->and(json_encode($frame['limits']))->toContain('one hand on something fixed')
        ->and(Decision::query()->where('kind', 'falls.dismissed')->sole()->reason)->toBe('Tripped over the dog.');
    $this->post("/clients/{$this->client->id}/measure", [
        'measured_on' => (string) $this->scene->user->clinic->today(),
        'results' => [['test' => 'timed_up_and_go', 'value' => '12']],
    ])->assertSessionHasNoErrors();
    expect(frame($this->client->id)['falls'])->toBe(['Timed up and go 12.0 s', 'A fall in the last year']);
});

it('tells a form that was opened before the answer of the change', function (string $answer): void {
    $stale = Scene::props($this->get("/clients/{$this->client->id}/screen"));
    $this->post("/clients/{$this->client->id}/falls", ['answer' => $answer, 'reason' => 'Tripped over the dog.'])
        ->assertSessionHasNoErrors();
    $this->put("/clients/{$this->client->id}/screen", [...$stale['form'], 'version' => $stale['version']])
        ->assertSessionHasErrors('version');
})->with(['yes', 'no']);
