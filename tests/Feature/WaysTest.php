<?php

declare(strict_types=1);

use App\Models\PlanItem;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->client = $this->scene->issued()->client;
    $this->post("/clients/{$this->client->id}/plan", ['revision' => $this->client->fresh()->plan_revision]);
});

/** @return array<string, mixed> the rows of the plan on screen that leave something to choose */
function choosable(object $test): array
{
    $rows = Scene::props($test->get("/clients/{$test->client->id}/plan"))['plan']['items'];

    return array_values(array_filter($rows, static fn (array $r): bool => $r['ways'] !== []));
}

function choose(object $test, array $row, string $way, bool $always = false): mixed
{
    return $test->from("/clients/{$test->client->id}/plan")->put(
        "/clients/{$test->client->id}/plan/items/{$row['id']}/way",
        ['way' => $way, 'always' => $always, 'revision' => $test->client->fresh()->plan_revision],
    );
}

it('keeps a way for the exercise, prints it, and takes it along into a new draft', function (): void {
    $row = choosable($this)[0];
    $choice = $row['ways'][0];
    [$way] = $choice['options'][1];
    choose($this, $row, $way)->assertSessionHasNoErrors();
    $again = collect(choosable($this))->firstWhere('family', $row['family']);
    expect(collect($again['ways'])->firstWhere('code', $choice['code'])['value'])->toBe($way)
        ->and($this->client->fresh()->ways)->toBeNull();
    $this->post("/clients/{$this->client->id}/plan", ['revision' => $this->client->fresh()->plan_revision]);
    $drafted = collect(choosable($this))->firstWhere('family', $row['family']);
    expect(collect($drafted['ways'])->firstWhere('code', $choice['code'])['value'])->toBe($way);
});

it('keeps it for the client from now on, and says it on the sheet', function (): void {
    $row = choosable($this)[0];
    $option = collect($row['ways'][0]['options'])->last();
    choose($this, $row, $option[0], always: true)->assertSessionHasNoErrors();
    expect($this->client->fresh()->ways)->toBe([$option[0]]);
    PlanItem::query()->update(['ways' => null]);
    $again = collect(choosable($this))->firstWhere('family', $row['family']);
    expect($again['ways'][0]['value'])->toBe($option[0]);
});

it('refuses a way that does not exist, and one that is not open here', function (): void {
    $row = choosable($this)[0];
    choose($this, $row, 'stance_headstand')->assertSessionHasErrors('way');
    $not = collect(['stance_wide', 'palms_up', 'elbows_in', 'feet_bare', 'hold_stick'])->first(
        static fn (string $w): bool => ! in_array(explode('_', $w)[0], array_column($row['ways'], 'code'), true),
    );
    choose($this, $row, $not)->assertSessionHasErrors('way');
    expect(PlanItem::query()->whereNotNull('ways')->count())->toBe(0);
});
