<?php

declare(strict_types=1);

use App\Devices\DeviceKind;
use App\Devices\StandIn;
use App\Models\DeviceReading;
use App\Models\GatewayToken;
use BuoyantStep\Core\Units\Range;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    // A reading that is sent again has the time of its first sending.
    $this->freezeSecond();
    $this->scene = new Scene;
    $this->client = $this->scene->client();
    GatewayToken::issue($this->scene->user->clinic, 'bench', 'a-gateway-token');
    $this->send = fn (
        array $with = [], string $token = 'a-gateway-token',
    ): TestResponse => $this->postJson('/api/readings', [
        'device_id' => 'cuff-1',
        'kind' => 'cuff',
        'client_id' => $this->client->id,
        'key' => 'key-000001',
        'time' => now()->toIso8601String(),
        'unit' => 'mmHg',
        'values' => ['sbp' => 131, 'dbp' => 77, 'heart_rate' => 66],
        ...$with,
    ], ['Authorization' => 'Bearer '.$token]);
});

it('takes a reading by token, once for a key, and offers it at the gate', function (): void {
    ($this->send)()->assertCreated()->assertJson(['status' => 'fresh', 'note' => null]);
    ($this->send)()->assertOk();
    expect(DeviceReading::query()->count())->toBe(1);
    $reading = Scene::props(
        $this->actingAs($this->scene->user)->get("/clients/{$this->client->id}/gate"),
    )['readings'][0];
    expect($reading['usable'])->toBeTrue()
        ->and($reading['values'])->toMatchArray(['sbp' => 131, 'dbp' => 77]);
    $this->actingAs($this->scene->user)->getJson(
        "/clients/{$this->client->id}/readings",
    )->assertOk()->assertJsonPath('readings.0.usable', true);
});

it('knows nobody without the token, and no client of another clinic', function (): void {
    ($this->send)([], 'guess')->assertUnauthorized();
    ($this->send)([], '')->assertUnauthorized();
    $theirs = (new Scene('Theirs'))->client();
    ($this->send)(['client_id' => $theirs->id])->assertJsonValidationErrors('client_id');
    expect(DeviceReading::query()->count())->toBe(0);
});

it('keeps what cannot be trusted, says so, and never offers it', function (
    array $with, string $status, string $note,
): void {
    ($this->send)(
        [
            ...$with,
            ...(isset($with['minutes']) ? ['time' => now()->addMinutes($with['minutes'])->toIso8601String()] : []),
        ],
    )->assertCreated()->assertJson(['status' => $status]);
    $reading = Scene::props(
        $this->actingAs($this->scene->user)->get("/clients/{$this->client->id}/gate"),
    )['readings'][0];
    expect($reading['usable'])->toBe($status === 'fresh')->and((string) $reading['note'])->toContain($note);
})->with([
    'a pressure nobody has' => [
        ['values' => ['sbp' => 1180, 'dbp' => 77]], 'implausible', 'Systolic pressure 1180 mmHg is not plausible',
    ],
    'a bag of half a ton' => [
        ['kind' => 'luggage_scale', 'unit' => 'kg', 'values' => ['mass_kg' => 500]], 'implausible',
        "500\u{202f}kg is not plausible",
    ],
    'crossed pressures' => [['values' => ['sbp' => 80, 'dbp' => 95]], 'implausible', 'not below the systolic'],
    'eleven minutes old' => [['minutes' => -11], 'stale', 'Read 11 minutes ago: not used.'],
    'nine minutes old' => [['minutes' => -9], 'fresh', ''],
    'from a clock far ahead' => [['minutes' => 9], 'stale', 'From a clock that runs ahead: not used.'],
    'a low battery' => [['battery_pct' => 5], 'fresh', 'Battery low'],
]);

it('stops offering a reading once it has aged', function (): void {
    ($this->send)()->assertCreated();
    $this->travel(11)->minutes();
    expect(
        Scene::props(
            $this->actingAs($this->scene->user)->get("/clients/{$this->client->id}/gate"),
        )['readings'][0]['usable'],
    )->toBeFalse();
});

it('converts units at the edge and refuses others', function (array $with, string $field, float $value): void {
    ($this->send)($with)->assertCreated();
    expect((float) DeviceReading::query()->firstOrFail()->values[$field])->toBe($value);
})->with([
    [['kind' => 'glucose_meter', 'unit' => 'mg/dL', 'values' => ['glucose_mmol' => 90]], 'glucose_mmol', 5.0],
    [['kind' => 'thermometer', 'unit' => '°F', 'values' => ['temp_c' => 98.6]], 'temp_c', 37.0],
    [['kind' => 'luggage_scale', 'unit' => 'lb', 'values' => ['mass_kg' => 10]], 'mass_kg', 4.54],
    [['kind' => 'oximeter', 'unit' => '%', 'values' => ['spo2' => 95, 'heart_rate' => 70]], 'heart_rate', 70.0],
]);

it('refuses a delivery that is not whole', function (array $with, string $field): void {
    ($this->send)($with)->assertJsonValidationErrors($field);
})->with(
    [
        [['unit' => 'kPa'], 'unit'], [['kind' => 'sundial'], 'kind'], [['time' => 'noon-ish'], 'time'],
        [['key' => 'x'], 'key'], [['values' => ['spo2' => 90]], 'values'],
        [['values' => ['sbp' => 'high']], 'values.sbp'],
    ],
);

it('simulates each device with noise around the truth, the same for the same seed', function (DeviceKind $kind): void {
    $true = array_map(static fn (Range $r): float => ($r->min + $r->max) / 2, $kind->fields());
    $read = static fn (int $seed): ?array => (new StandIn($kind, $seed))->read(
        $true, 'none', 1, '2026-11-25T10:00:00Z', 'key-000001',
    );
    expect($read(1))->toBe($read(1))->and($read(1)['values'])->not->toBe($read(2)['values']);
    foreach ($kind->fields() as $field => $range) {
        [$min, $max] = [$range->min, $range->max];
        $mean = array_sum(array_map(static fn (int $s): float => $read($s)['values'][$field], range(1, 200))) / 200;
        expect($mean)->toEqualWithDelta($true[$field], 1.0)
            ->and($mean)->toBeGreaterThan($min)->toBeLessThan($max);
    }
    expect((new StandIn($kind, 1))->read($true, 'dropped', 1, '', ''))->toBeNull()
        ->and((new StandIn($kind, 1))->read($true, 'low_battery', 1, '', '')['battery_pct'])->toBeLessThan(10);
})->with(DeviceKind::cases());

it('makes payloads on the bench for own clients only, in the form the interface takes', function (): void {
    $this->actingAs($this->scene->user);
    $payload = $this->postJson(
        '/bench',
        [
            'kind' => 'cuff', 'client_id' => $this->client->id, 'fault' => 'none',
            'true' => ['sbp' => 130, 'dbp' => 80, 'heart_rate' => 70],
        ],
    )->assertOk()->json('payload');
    ($this->send)($payload)->assertCreated();
    $this->postJson(
        '/bench',
        [
            'kind' => 'cuff', 'client_id' => (new Scene('Theirs'))->client()->id, 'fault' => 'none',
            'true' => ['sbp' => 130],
        ],
    )->assertNotFound();
});
