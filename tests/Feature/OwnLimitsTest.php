<?php

declare(strict_types=1);

use App\Models\Decision;
use App\Models\OwnLimit;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->client = $this->scene->client();
    $this->letter = [
        'field' => 'effort_max', 'value' => '4', 'region' => 'any', 'side' => 'both', 'until' => '',
        'set_by' => 'Dr Amari, letter of 3 May 2026', 'why' => 'Until the wound has healed.',
    ];
});

it('makes a letter\'s restriction a limit like any other, with the letter as its source', function (): void {
    $url = "/clients/{$this->client->id}/limits";
    $this->post("$url/own", $this->letter)->assertSessionHasNoErrors();
    $page = Scene::props($this->get($url));
    expect($page['own'])->toHaveCount(1)
        ->and($page['own'][0]['by'])->toBe('Dr Amari, letter of 3 May 2026')
        ->and(json_encode($page['fields']))->toContain('Set for this client')
        ->and(json_encode($page['client']['limits']))->toContain('RPE up to 4')
        ->and(Decision::query()->where('kind', 'limit.set')->firstOrFail()->reason)
        ->toBe('Until the wound has healed.');
});

it('keeps the day up to which it was ordered, and tells it among the dates ahead', function (): void {
    $day = (string) $this->scene->user->clinic->today()->plus(30);
    $this->post("/clients/{$this->client->id}/limits/own", [...$this->letter, 'until' => $day])
        ->assertSessionHasNoErrors();
    $page = Scene::props($this->get("/clients/{$this->client->id}/limits"));
    expect(OwnLimit::query()->value('until'))->toBe($day)
        ->and(json_encode($page['crossings']))->toContain('may end (Dr Amari, letter of 3 May 2026)');
});

it('limits what may be lifted in the unit of the clinic', function (): void {
    $url = "/clients/{$this->client->id}/limits";
    $this->post("$url/own", [...$this->letter, 'field' => 'lift_max_g', 'value' => '10 lb'])
        ->assertSessionHasNoErrors();
    expect(OwnLimit::query()->firstOrFail()->value)->toBe('4536');
    $this->post("$url/own", [...$this->letter, 'field' => 'lift_max_g', 'value' => 'ten'])
        ->assertSessionHasErrors('value');
});

it('refuses what is no limit and keeps nothing', function (string $field, array $with): void {
    $this->post("/clients/{$this->client->id}/limits/own", [...$this->letter, ...$with])
        ->assertSessionHasErrors($field);
    expect(OwnLimit::query()->count())->toBe(0)
        ->and(Decision::query()->where('kind', 'limit.set')->count())->toBe(0)
        ->and(Scene::props($this->get("/clients/{$this->client->id}/limits"))['own'])->toBe([]);
})->with([
    'no field' => ['field', ['field' => '']],
    'a field that is not offered' => ['field', ['field' => 'watches']],
    'out of range' => ['value', ['value' => '12']],
    'a word for a number' => ['value', ['value' => 'gentle']],
    'a list for a number' => ['value', ['value' => ['4']]],
    'a position that does not exist' => ['value', ['field' => 'avoid_positions', 'value' => 'upside']],
    'no side' => ['side', ['side' => 'middle']],
    'nobody' => ['set_by', ['set_by' => '']],
    'no reason' => ['why', ['why' => '']],
    'a mistyped year' => ['until', ['until' => '20266-05-03']],
    'a day gone by' => ['until', ['until' => '2020-05-03']],
]);

it('ends by hand and for a reason, once, and keeps the record', function (): void {
    $url = "/clients/{$this->client->id}/limits/own";
    $this->post($url, $this->letter);
    $id = OwnLimit::query()->firstOrFail()->id;
    $this->post("$url/$id/end", ['reason' => ''])->assertSessionHasErrors('reason');
    expect($this->client->ownLimits()->count())->toBe(1);
    $version = $this->client->refresh()->screen_version;
    $this->post("$url/$id/end", ['reason' => 'The surgeon has cleared it.'])->assertSessionHasNoErrors();
    // Another tab that still shows the limit is told so.
    expect($this->client->refresh()->screen_version)->toBe($version + 1);
    expect($this->client->ownLimits()->count())->toBe(0)
        ->and(OwnLimit::query()->count())->toBe(1)
        ->and(Decision::query()->where('kind', 'limit.ended')->firstOrFail()->reason)
        ->toBe('The surgeon has cleared it.');
    $this->post("$url/$id/end", ['reason' => 'Again.'])->assertNotFound();
});

it('is not to be reached through another client', function (): void {
    $this->post("/clients/{$this->client->id}/limits/own", $this->letter);
    $other = $this->scene->client(['given_name' => 'Other']);
    $id = OwnLimit::query()->firstOrFail()->id;
    $this->post("/clients/{$other->id}/limits/own/$id/end", ['reason' => 'Not mine.'])->assertNotFound();
    expect($this->client->ownLimits()->count())->toBe(1);
});

it('takes the limits of a letter with the clearance on Screen, all or nothing', function (): void {
    $letter = [
        'given_by' => 'Dr Amari', 'given_on' => '2026-01-10', 'until' => '2040-01-01', 'restrictions' => 'Go gently.',
    ];
    $save = fn (array $limits, array $with = []) => $this->put("/clients/{$this->client->id}/screen", Scene::form([
        'clearance' => [...$letter, ...$with, 'limits' => $limits],
        'version' => $this->client->refresh()->screen_version,
    ]));
    $gentle = ['field' => 'effort_max', 'value' => '4', 'part' => 'any|both'];
    $light = ['field' => 'lift_max_g', 'value' => '10 lb', 'part' => 'upper|left'];
    $save([$gentle, [...$light, 'value' => 'ten']])->assertSessionHasErrors('clearance.limits.1.value');
    $save([[...$gentle, 'part' => 'knee']])->assertSessionHasErrors('clearance.limits.0.part');
    $save([[...$gentle, 'field' => 'watches']])->assertSessionHasErrors('clearance.limits.0.field');
    foreach (['field', 'value', 'part'] as $missing) {
        $save([array_diff_key($gentle, [$missing => 1])])->assertSessionHasErrors("clearance.limits.0.$missing");
    }
    $save([$gentle], ['given_by' => ''])->assertSessionHasErrors('clearance.given_by');
    expect(OwnLimit::query()->count())->toBe(0);

    $save([$gentle], ['restrictions' => str_repeat('Gently. ', 60)])->assertSessionHasNoErrors();
    expect(mb_strlen(OwnLimit::query()->sole()->why))->toBe(300);
    OwnLimit::query()->delete();
    $save([$gentle], ['restrictions' => ''])->assertSessionHasNoErrors();
    expect(OwnLimit::query()->sole()->why)->toBe('A restriction of the clearance.');
    OwnLimit::query()->delete();

    $save([$gentle, $light])->assertSessionHasNoErrors();
    $rows = OwnLimit::query()->orderBy('id')->get();
    expect($rows->map(fn (OwnLimit $r): array => [$r->field, $r->value, $r->region, $r->side])->all())->toBe([
        ['effort_max', '4', 'any', 'both'], ['lift_max_g', '4536', 'upper', 'left'],
    ])->and($rows[0]->set_by)->toBe('Dr Amari, letter of 10 January 2026')->and($rows[0]->why)->toBe('Go gently.')
        ->and($rows[0]->until)->toBe('2040-01-01');
    $page = Scene::props($this->get("/clients/{$this->client->id}/screen"));
    expect(json_encode($page['client']['limits']))->toContain('Dr Amari, letter of 10 January 2026')
        ->and($page['form']['clearance']['limits'])->toBe([]);
});
