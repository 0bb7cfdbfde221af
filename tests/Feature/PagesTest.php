<?php

declare(strict_types=1);

use App\Models\Plan;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** @return array<string, string> stage to its state in the frame */
function stagesOf(array $props): array
{
    return array_column($props['client']['stages'], 'state', 'key');
}

it('shows in the frame how far each stage has come', function (): void {
    $client = $this->scene->client();
    $stages = stagesOf(Scene::props($this->get("/clients/{$client->id}/screen")));
    expect($stages['screen'])->toBe('done')
        ->and($stages['measure'])->toBe('')
        ->and($stages['kit'])->toBe('')
        ->and($stages['plan'])->toBe('')
        ->and($stages['log'])->toBe('');
    $plan = $this->scene->issued(['given_name' => 'Bo']);
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $stages = stagesOf(Scene::props($this->get("/clients/{$plan->client_id}/review")));
    expect($stages['measure'])->toBe('8')
        ->and($stages['kit'])->toBe('3')
        ->and($stages['plan'])->toBe('v1')
        ->and($stages['sheet'])->toBe('ready')
        ->and($stages['log'])->toBe('2')
        ->and((int) $stages['review'])->toBeGreaterThan(0);
});

it('says in the frame who the client is and what limits them', function (): void {
    $client = $this->scene->client(
        [
            'due_date' => now()->addDays(140)->format('Y-m-d'),
            'birth_date' => now()->subYears(31)->format('Y-m-d'),
            'conditions' => [['code' => 'osteoarthritis_knee', 'side' => 'left', 'details' => []]],
        ],
    );
    $frame = Scene::props($this->get("/clients/{$client->id}/limits"))['client'];
    expect($frame['facts'])->toBe(['Osteoarthritis, knee, left', '20 weeks 0 days pregnant'])
        ->and($frame['age'])->toBe(31)
        ->and($frame['clearance'])->toBe('Clearance is advised and not recorded.')
        ->and(array_column($frame['limits'], 'title'))->toContain(
            'Not standing still for long, not on the front, not flat on the back',
            'Left leg: no deep knee bend under load',
        )
        ->and($frame['crossings'][0]['days'])->toBe(56);
});

it('offers at the kit only what the hands can hold', function (): void {
    $piece = [
        'label' => 'Can', 'mass_kg' => '0.48', 'count' => '2', 'grip' => 'power', 'holdable' => true,
        'packable' => true, 'plate' => false, 'weighed' => false,
    ];
    $cuff = [
        'label' => 'Cuff', 'mass_kg' => '0.5', 'count' => '2', 'grip' => 'none', 'holdable' => true,
        'packable' => false, 'plate' => false, 'weighed' => false,
    ];
    $loads = function (string $left, string $right) use ($piece, $cuff): array {
        $client = $this->scene->client(['grip_left' => $left, 'grip_right' => $right]);
        $this->put(
            "/clients/{$client->id}/kit", ['pieces' => [$piece, $cuff], 'carriers' => []],
        )->assertSessionHasNoErrors();

        return array_map(
            static fn (array $l): array => array_column($l['loads'], 'g'),
            array_column(Scene::props($this->get("/clients/{$client->id}/kit"))['ladders'], null, 'holding'),
        );
    };
    $full = $loads('full', 'full');
    $mixed = $loads('none', 'full');
    $none = $loads('none', 'none');
    expect($full['one_hand'])->toBe([480, 500])
        ->and($full['each_hand'])->toBe([480, 500])
        ->and($mixed['one_hand'])->toBe([480, 500])
        ->and($mixed['each_hand'])->toBe([500])
        ->and($none['one_hand'])->toBe([500])
        ->and($none['cuff'])->toBe([500])
        ->and($none['lap'])->toBe([480, 500]);
});

it('counts at the kit what a grip aid holds, and no strap on skin that cannot feel', function (): void {
    $piece = [
        'label' => 'Can', 'mass_kg' => '0.48', 'count' => '2', 'grip' => 'power', 'holdable' => true,
        'packable' => true, 'plate' => false, 'weighed' => false,
    ];
    $loads = function (array $aids, array $conditions = []) use ($piece): array {
        $client = $this->scene->client(['grip_left' => 'none', 'grip_right' => 'none', 'conditions' => $conditions]);
        $this->put(
            "/clients/{$client->id}/kit", ['pieces' => [$piece], 'carriers' => [], 'aids' => $aids],
        )->assertSessionHasNoErrors();

        return array_map(
            static fn (array $l): array => array_column($l['loads'], 'g'),
            array_column(Scene::props($this->get("/clients/{$client->id}/kit"))['ladders'], null, 'holding'),
        );
    };
    $left = $loads(['left' => ['strap_mitt'], 'right' => []]);
    $both = $loads(['left' => ['strap_mitt'], 'right' => ['strap_mitt']]);
    $loop = $loads(['left' => ['wrist_loop'], 'right' => ['wrist_loop']]);
    $numb = $loads(
        ['left' => ['strap_mitt'], 'right' => ['strap_mitt']],
        [['code' => 'insensate_skin', 'side' => 'both', 'details' => []]],
    );
    $fistula = $loads(
        ['left' => [], 'right' => ['strap_mitt']], [['code' => 'dialysis_fistula', 'side' => 'right', 'details' => []]],
    );
    expect($left['one_hand'])->toBe([480])
        ->and($fistula['one_hand'])->toBe([])
        ->and($left['each_hand'])->toBe([])
        ->and($both['one_hand'])->toBe([480])
        ->and($both['each_hand'])->toBe([480])
        ->and($loop['one_hand'])->toBe([])
        ->and($numb['one_hand'])->toBe([])
        ->and($numb['each_hand'])->toBe([]);
});

it('drafts for each client in the order of a session, and accounts for the minutes', function (): void {
    $plan = $this->scene->drafted(['minutes' => '60']);
    $page = Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan'];
    $patterns = array_column($page['items'], 'pattern');
    $parts = $page['sessions'][0]['parts'];
    expect($patterns[0])->toBe('warm-up')
        ->and(array_search('balance', $patterns, true))->toBeLessThan(array_search('rise', $patterns, true))
        ->and(array_sum(array_column($parts, 'minutes')))
        ->toBeGreaterThanOrEqual($page['minutes'] - count($parts))
        ->toBeLessThanOrEqual($page['minutes'] + count($parts))
        ->and(array_merge(...array_column($parts, 'items')))->toBe(array_column($page['items'], 'id'))
        ->and($page['minutes'])->toBeLessThanOrEqual(60);
});

it('marks in the stair where the client stands and what is under water', function (): void {
    $plan = $this->scene->drafted(['conditions' => [['code' => 'falls_risk_high', 'details' => []]]]);
    foreach (Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan']['items'] as $item) {
        $codes = array_column($item['stair'], 'code');
        $current = $item['stair'][array_search($item['rung'], $codes, true)];
        expect($codes)->toContain($item['rung'])
            ->and($current['state'])->not->toBe('under');
        foreach ($item['stair'] as $step) {
            expect($step['state'] !== 'under' || $step['says'] !== '')->toBeTrue($step['name']);
        }
    }
});

it('prints the issued version while a newer one is being drafted', function (): void {
    $plan = $this->scene->issued();
    $item = $plan->items->firstWhere('family', 'seat_rise');
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$item->id}/rung", ['rung' => 'no_hands', 'revision' => 2],
    )->assertSessionHasNoErrors();
    $sheet = Scene::props($this->get("/clients/{$plan->client_id}/sheet"))['sheet'];
    expect(Plan::query()->where('status', 'draft')->count())->toBe(1)
        ->and($sheet['version'])->toBe(1)
        ->and($sheet['status'])->toBe('issued')
        ->and(array_column($sheet['items'], 'name'))->not->toContain('Seat rise, arms crossed');
});

it('tells on the sheet how much, how hard, and what to do when it is too much', function (): void {
    $plan = $this->scene->issued();
    foreach (Scene::props($this->get("/clients/{$plan->client_id}/sheet"))['sheet']['items'] as $item) {
        expect($item['dose']['amount'])->not->toBe('')
            ->and($item['dose']['effort_says'])->not->toBe('')
            ->and(count($item['cues']))->toBeGreaterThanOrEqual(2)
            ->and($item['too_hard_if'])->not->toBe('')
            ->and($item['dose']['load_g'] === null || $item['recipe'] !== null)->toBeTrue($item['name']);
    }
});

it('keeps every decision in the record, newest first', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $page = Scene::props($this->get("/clients/{$plan->client_id}/review"));
    $step = array_values(
        array_filter($page['proposals'], static fn (array $p): bool => $p['decision'] === 'step_up'),
    )[0];
    $this->post(
        "/clients/{$plan->client_id}/review/{$step['id']}/refuse", ['reason' => 'travelling next week'],
    )->assertSessionHasNoErrors();
    $record = Scene::props($this->get("/clients/{$plan->client_id}/review"))['record'];
    expect($record[0]['reason'])->toBe('travelling next week')
        ->and(array_column($record, 'says'))->toContain(
            'Version 1 issued with '.$plan->items->count().' exercises.', 'Client added.',
        );
});
