<?php

declare(strict_types=1);

use App\Queries\CatalogueIndex;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Pattern;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

it('lists every family, the same from the cache as from the files', function (): void {
    $page = Scene::props($this->get('/exercises'));
    $again = Scene::props($this->get('/exercises'));
    expect($page['families'][0])->not->toHaveKey('bands');
    expect(array_column($page['families'], 'code'))->toBe(
        array_map(static fn ($f): string => $f->code, Catalogue::standard()->families()),
    )
        ->and($again['families'])->toBe($page['families'])
        ->and(app(CatalogueIndex::class)->bandRungs())->not->toBe([]);
});

it('shows each family whole', function (): void {
    foreach (Catalogue::standard()->families() as $family) {
        $page = Scene::props($this->get('/exercises/'.$family->code))['family'];
        expect($page['rungs'])->toHaveCount(count($family->rungs));
        foreach ($page['rungs'] as $rung) {
            expect($rung['figure']['frames'])->not->toBe([])
                ->and($rung['equipment'])->not->toBe([])
                ->and($rung['demands'])->not->toBe([]);
        }
    }
    $this->get('/exercises/leg_press')->assertNotFound();
});

it('shows the figures of every pattern, and of rising when the pattern is unknown', function (): void {
    foreach (Pattern::cases() as $pattern) {
        expect(
            Scene::props($this->get('/exercises/figures?pattern='.$pattern->value))['families'],
        )->not->toBe([], $pattern->value);
    }
    expect(Scene::props($this->get('/exercises/figures?pattern=flying'))['pattern'])->toBe('rise');
});

it('leads from a gym machine to home families', function (): void {
    $found = $this->getJson('/exercises/search?q=leg+press')->assertOk()->json('families');
    expect(array_column($found, 'code'))->toContain('seat_rise', 'squat')
        ->and($found[0]['why'])->toBe('at home in place of the leg press')
        ->and($found[0]['open'])->toBeNull()
        ->and($this->getJson('/exercises/search?q=')->json('families'))->toBe([])
        ->and($this->getJson('/exercises/search?q[]=a')->assertOk()->json('families'))->toBe([]);
    $everywhere = fn (string $q): array => $this->getJson('/find?q='.urlencode($q))->assertOk()->json('exercises');
    expect($everywhere('leg press')[0])->toBe(['code' => $found[0]['code'], 'name' => $found[0]['name']])
        ->and(array_column($everywhere('goblet'), 'code'))->toContain('squat')
        ->and(count($everywhere('row')))->toBe(5)
        ->and($everywhere('ro'))->toBe([]);
    foreach (['/find?q[]=a', '/exercises/figures?pattern[]=rise'] as $address) {
        $this->get($address)->assertOk();
    }
    foreach (['/find?q=%FF%00', '/exercises/search?q=%FF'] as $address) {
        $this->get($address)->assertStatus(400);
        $this->getJson($address)->assertStatus(422)->assertJsonValidationErrors('q');
    }
});

it('prints a figure for each exercise of the sheet', function (): void {
    $plan = $this->scene->issued();
    foreach (Scene::props($this->get("/clients/{$plan->client_id}/sheet"))['sheet']['items'] as $item) {
        expect($item['figure']['frames'])->not->toBe([])->and($item['figure']['width'])->toBeGreaterThan(100);
    }
});
