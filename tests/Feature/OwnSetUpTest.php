<?php

declare(strict_types=1);

use App\Models\PlanItem;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->client = $this->scene->issued()->client;
    $this->at = "/clients/{$this->client->id}/plan";
    $this->draft = fn () => $this->post($this->at, ['revision' => $this->client->fresh()->plan_revision]);
    $this->rows = fn (): array => Scene::props($this->get($this->at))['plan']['items'];
    $this->keep = fn (int $id, ?string $says) => $this->from($this->at)->put("$this->at/items/$id/set-up", [
        'set_up' => $says, 'revision' => $this->client->fresh()->plan_revision,
    ]);
    ($this->draft)();
});

it('keeps a set-up for the client, prints it, and brings it back with the rung', function (): void {
    $row = collect(($this->rows)())->first(
        static fn (array $r): bool => collect($r['stair'])->where('state', '!=', 'under')->count() > 1,
    );
    $says = 'toes 30 cm from the wall, 2 cushions';
    ($this->keep)($row['id'], "  $says ")->assertSessionHasNoErrors();
    $now = static fn (array $rows): array => collect($rows)->firstWhere('family', $row['family']);
    expect($now(($this->rows)())['own_set_up'])->toBe($says);
    // Another rung has a set-up of its own; back on the first one it is there again.
    $other = collect($row['stair'])->first(
        static fn (array $s): bool => $s['state'] !== 'under' && $s['code'] !== $row['rung'],
    )['code'];
    foreach ([[$other, ''], [$row['rung'], $says]] as [$rung, $there]) {
        $this->put("$this->at/items/{$now(($this->rows)())['id']}/rung", [
            'rung' => $rung, 'revision' => $this->client->fresh()->plan_revision,
        ])->assertSessionHasNoErrors();
        expect($now(($this->rows)())['own_set_up'])->toBe($there);
    }
    // A new draft has it too, and once it is issued the sheet prints it.
    ($this->draft)()->assertSessionHasNoErrors();
    expect($now(($this->rows)())['own_set_up'])->toBe($says);
    $this->post("$this->at/issue", ['revision' => $this->client->fresh()->plan_revision])->assertSessionHasNoErrors();
    $sheet = Scene::props($this->get("/clients/{$this->client->id}/sheet"))['sheet']['items'];
    expect(array_column($sheet, 'own_set_up'))->toContain($says);
});

it('takes it back, by an empty line and by undoing', function (): void {
    $id = ($this->rows)()[0]['id'];
    ($this->keep)($id, 'one cushion')->assertSessionHasNoErrors();
    $id = ($this->rows)()[0]['id'];
    ($this->keep)($id, '')->assertSessionHasNoErrors();
    expect(($this->rows)()[0]['own_set_up'])->toBe('')->and($this->client->fresh()->set_ups)->toBe([]);
    $this->post("$this->at/undo", ['revision' => $this->client->fresh()->plan_revision])->assertSessionHasNoErrors();
    expect(($this->rows)()[0]['own_set_up'])->toBe('one cushion');
});

it('refuses one that is too long for the sheet, and one of another client', function (): void {
    $id = ($this->rows)()[0]['id'];
    ($this->keep)($id, str_repeat('x', 161))->assertSessionHasErrors('set_up');
    ($this->keep)($id, str_repeat('x', 160))->assertSessionHasNoErrors();
    $other = PlanItem::query()->whereIn('plan_id', [(new Scene('Else'))->issued()->id])->firstOrFail();
    ($this->keep)($other->id, 'mine')->assertNotFound();
});
