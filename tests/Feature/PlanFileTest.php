<?php

declare(strict_types=1);

use App\Models\Plan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Opis\JsonSchema\Validator;
use Tests\Feature\Support\Scene;

uses(RefreshDatabase::class);

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->export = fn (int $client): string => (string) $this->get("/clients/$client/plan.json")
        ->assertOk()->getContent();
    $this->import = fn (int $client, string $json, int $revision) => $this->post("/clients/$client/plan/file", [
        'revision' => $revision, 'file' => UploadedFile::fake()->createWithContent('plan.json', $json),
    ]);
});

/** A plan with something of it changed. */
function changedIn(string $json, callable $change): string
{
    $plan = json_decode($json, true);
    $change($plan);

    return (string) json_encode($plan);
}

it('writes what its schema says, and reads it again without a loss', function (): void {
    $plan = $this->scene->drafted(['wants' => 'carry the shopping in', 'structure' => 'pairs']);
    $item = $plan->items->firstOrFail('family', 'tote_row');
    $item->update(['own_set_up' => 'two books under the heel', 'light_days' => [5], 'school' => 'two_extra_reps']);
    $plan->update(['block_weeks' => 8, 'block_easier' => true]);
    $json = ($this->export)($plan->client_id);
    $schema = json_decode((string) file_get_contents(base_path('core/schema/plan.json')));
    expect((new Validator)->validate(json_decode($json), $schema)->isValid())->toBeTrue()
        ->and($json)->not->toContain('{{');
    ($this->import)($plan->client_id, $json, 1)->assertSessionHasNoErrors();
    $read = Plan::query()->where('client_id', $plan->client_id)->with('items')->firstOrFail();
    expect($read->id)->not->toBe($plan->id)->and(($this->export)($plan->client_id))->toBe($json)
        ->and($read->items->firstOrFail('family', 'tote_row')->own_set_up)->toBe('two books under the heel')
        ->and([$read->block_weeks, $read->block_easier])->toBe([8, true]);
    $this->post("/clients/{$plan->client_id}/plan/undo", ['revision' => 2])->assertSessionHasNoErrors();
    expect(($this->export)($plan->client_id))->toBe($json);
});

it('refuses what is no plan, at its place in the file, and keeps the draft', function (
    callable $change, string $says,
): void {
    $plan = $this->scene->drafted(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $json = changedIn(($this->export)($plan->client_id), $change);
    ($this->import)($plan->client_id, $json, 1)->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain($says)
        ->and(Plan::query()->where('client_id', $plan->client_id)->sole()->id)->toBe($plan->id);
})->with([
    'another version' => [function (array &$p): void {
        $p['version'] = 2;
    }, '/version'],
    'a field nobody knows' => [function (array &$p): void {
        $p['colour'] = 'blue';
    }, 'At '],
    'a family nobody knows' => [function (array &$p): void {
        $p['items'][1]['family'] = 'flight';
    }, '/items/1/family'],
    'a rung nobody knows' => [function (array &$p): void {
        $p['items'][1]['rung'] = 'moon';
    }, '/items/1/rung'],
    'a goal nobody knows' => [function (array &$p): void {
        $p['items'][0]['goal'] = 'fame';
    }, '/items/0/goal'],
    'a school nobody knows' => [function (array &$p): void {
        $p['items'][1]['school'] = 'flight';
    }, 'flight'],
    'eleven sets' => [function (array &$p): void {
        $p['items'][1]['dose']['sets'] = 11;
    }, '/items/1/dose/sets'],
    'an eighth day' => [function (array &$p): void {
        $p['days'] = [8];
    }, '/days/0'],
    'no days' => [function (array &$p): void {
        $p['days'] = [];
    }, '/days'],
    'effort over its limit' => [
        function (array &$p): void {
            $p['items'][2]['dose']['effort'] = ['lo' => 10, 'hi' => 10];
        }, '/items/2',
    ],
]);

it('refuses a load that this home cannot make, and what is no file at all', function (): void {
    $plan = $this->scene->drafted();
    $json = changedIn(($this->export)($plan->client_id), function (array &$p): void {
        foreach ($p['items'] as $i => $item) {
            if (isset($item['dose']['load_g'])) {
                $p['items'][$i]['dose']['load_g'] = 1;
            }
        }
    });
    ($this->import)($plan->client_id, $json, 1)->assertSessionHasErrors('file');
    ($this->import)($plan->client_id, 'not json', 1)->assertSessionHasErrors('file');
    ($this->import)($plan->client_id, '[]', 1)->assertSessionHasErrors('file');
    $this->post("/clients/{$plan->client_id}/plan/file", ['revision' => 1])->assertSessionHasErrors('file');
    ($this->import)($plan->client_id, ($this->export)($plan->client_id), 7)->assertSessionHasErrors('revision');
});

it('is a table as well, one line an exercise', function (): void {
    $plan = $this->scene->drafted();
    $csv = (string) $this->get("/clients/{$plan->client_id}/plan.csv")->assertOk()->getContent();
    $lines = explode("\r\n", trim($csv));
    expect($lines[0])->toStartWith("\xEF\xBB\xBFplace,exercise,pattern,goal,sets")
        ->and(count($lines))->toBe(1 + $plan->items->count());
});

it('shows the week, and what asks for a look', function (): void {
    $plan = $this->scene->drafted(['days' => [1, 2]]);
    $week = Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan']['week'];
    expect($week['days'])->toBe([1, 2])
        ->and($week['findings'][0])->toStartWith('Monday and Tuesday are 24 hours apart');
    $lower = array_column($week['regions'], null, 'name')['legs'];
    expect($lower['days'])->toBe(['full', 'full', '', '', '', '', '']);
    $rest = $this->scene->drafted(['given_name' => 'Rested', 'days' => [1, 4]]);
    expect(Scene::props($this->get("/clients/{$rest->client_id}/plan"))['plan']['week']['findings'])->toBe([]);
});
