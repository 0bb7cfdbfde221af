<?php

declare(strict_types=1);

use App\Http\Middleware\GatewayToken as GatewayDoor;
use App\Models\DeviceReading;
use App\Models\GatewayToken;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->client = $this->scene->client();
    GatewayToken::issue($this->scene->user->clinic, 'bench', 'a-gateway-token');
    $this->body = [
        'device_id' => 'cuff-1', 'kind' => 'cuff', 'client_id' => $this->client->id, 'key' => 'key-00000001',
        'time' => now()->toIso8601String(), 'unit' => 'mmHg', 'values' => ['sbp' => 128, 'dbp' => 76],
    ];
    $this->raw = fn (
        string $body, string $token = 'a-gateway-token', string $accept = '*/*',
    ): TestResponse => $this->call(
        'POST', '/api/readings', [], [], [],
        ['HTTP_AUTHORIZATION' => "Bearer $token", 'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => $accept],
        $body,
    );
    $this->send = fn (array $with = []): TestResponse => ($this->raw)(
        json_encode([...$this->body, ...$with], JSON_PRESERVE_ZERO_FRACTION),
    );
});

it('takes the same reading twice as one, and refuses another under the same key', function (): void {
    ($this->send)()->assertCreated();
    ($this->send)()->assertOk();
    ($this->send)(['values' => ['sbp' => 180, 'dbp' => 76]])->assertStatus(409)->assertJsonValidationErrors('key');
    ($this->send)(['client_id' => $this->scene->client(['given_name' => 'Bo'])->id])->assertStatus(409);
    expect(DeviceReading::query()->sole()->values['sbp'])->toBe(128);
});

it('compares keys to the letter', function (): void {
    ($this->send)(['key' => 'key-abcdef'])->assertCreated();
    ($this->send)(['key' => 'KEY-ABCDEF', 'values' => ['sbp' => 140, 'dbp' => 80]])->assertCreated();
    ($this->send)(['key' => 'key-abcdef '])->assertStatus(422);
    ($this->send)(['key' => 'kéy-abcdef'])->assertStatus(422);
    expect(DeviceReading::query()->count())->toBe(2);
});

it('refuses what is no reading, in JSON, at its field', function (array $with, string $field): void {
    foreach (['text/html', '*/*', 'application/json'] as $accept) {
        $answer = ($this->raw)(json_encode([...$this->body, ...$with]), 'a-gateway-token', $accept);
        $answer->assertStatus(422)->assertHeader(
            'Content-Type', 'application/json',
        )->assertJsonValidationErrors($field);
        expect($answer->json("errors.$field") ?? $answer->json('errors')[$field])->toHaveCount(1);
    }
    expect(DeviceReading::query()->count())->toBe(0);
})->with([
    'a number as text' => [['values' => ['sbp' => '128', 'dbp' => 76]], 'values.sbp'],
    'a client as text' => [['client_id' => '1'], 'client_id'],
    'true for a client' => [['client_id' => true], 'client_id'],
    'half a client' => [['client_id' => 1.5], 'client_id'],
    'a client past every number' => [['client_id' => 9223372036854775807], 'client_id'],
    'a number for a kind' => [['kind' => 5], 'kind'],
    'a list for a kind' => [['kind' => ['cuff']], 'kind'],
    'before there were computers' => [['time' => '1969-12-31T23:59:59Z'], 'time'],
    'after 2038' => [['time' => '2038-01-20T00:00:00Z'], 'time'],
    'in the year 20226' => [['time' => '20226-01-20T00:00:00Z'], 'time'],
    'on 31 February' => [['time' => '2026-02-31T09:00:00Z'], 'time'],
    'without a zone' => [['time' => '2026-02-21T09:00:00'], 'time'],
    'tomorrow in words' => [['time' => 'tomorrow'], 'time'],
    'a number for a time' => [['time' => 1764150000], 'time'],
    'no values' => [['values' => []], 'values'],
    'a list of values' => [['values' => [[1]]], 'values.0'],
    'too many values' => [['values' => array_fill_keys(range(1, 9), 1)], 'values'],
    'a battery over full' => [['battery_pct' => 101], 'battery_pct'],
    'a device with a line break' => [['device_id' => "cuff\n1"], 'device_id'],
    'a device with a NUL' => [['device_id' => "cuff\0"], 'device_id'],
    'a long device' => [['device_id' => str_repeat('x', 61)], 'device_id'],
    'no key' => [['key' => null], 'key'],
]);

it('answers in JSON whatever it is sent', function (string $body, string $field): void {
    ($this->raw)($body)->assertStatus(422)->assertHeader(
        'Content-Type', 'application/json',
    )->assertJsonStructure(['message', 'errors' => [$field]]);
})->with([
    ['', 'body'], ['null', 'body'], ['[]', 'values'], ['"x"', 'body'], ['{', 'body'],
    ["{\"device_id\": \"\xFF\"}", 'body'], [str_repeat('[', 5000), 'body'], [str_repeat('x', 30_000), 'body'],
    [
        '{"device_id":"c","kind":"cuff","client_id":1e400,"key":"key-00000001","time":"2026-01-01T00:00:00Z",'
            .'"unit":"mmHg","values":{"sbp":120}}',
        'client_id',
    ],
    [
        '{"device_id":"c","kind":"cuff","client_id":1,"key":"key-00000001","time":"2026-01-01T00:00:00Z",'
            .'"unit":"mmHg","values":{"sbp":1e400}}',
        'values.sbp',
    ],
    [
        '{"device_id":"c","kind":"cuff","client_id":1,"key":"key-00000001","time":"2026-01-01T00:00:00Z",'
            .'"unit":"mmHg","values":{"sbp":120},"battery_pct":1e400}',
        'battery_pct',
    ],
]);

it('answers in JSON on every address below /api', function (): void {
    $this->get('/api/readings')->assertStatus(405)->assertHeader('Content-Type', 'application/json');
    $this->post('/api/nothing')->assertNotFound()->assertHeader('Content-Type', 'application/json');
});

it('slows wrong tokens down, and no right one', function (): void {
    for ($n = 0; $n < GatewayDoor::WRONG_A_MINUTE; $n++) {
        ($this->raw)('{}', "wrong-$n")->assertUnauthorized();
    }
    ($this->raw)('{}', 'wrong-again')->assertStatus(429)->assertHeader('Retry-After')->assertHeader(
        'Content-Type', 'application/json',
    );
    ($this->send)()->assertCreated();
    $this->travel(61)->seconds();
    ($this->raw)('{}', 'wrong-later')->assertUnauthorized();
});

it('takes nothing under a token that was revoked, or that differs in one letter', function (): void {
    $token = GatewayToken::issue($this->scene->user->clinic, 'ward tablet');
    ($this->raw)(json_encode($this->body), $token)->assertCreated();
    ($this->raw)(json_encode($this->body), strtoupper($token))->assertUnauthorized();
    $this->artisan(
        'clinic:token',
        [
            'clinic' => $this->scene->user->clinic_id,
            'do' => 'revoke',
            'what' => GatewayToken::query()->where('label', 'ward tablet')->value('id'),
        ],
    )->assertSuccessful();
    ($this->raw)(json_encode($this->body), $token)->assertUnauthorized();
});
