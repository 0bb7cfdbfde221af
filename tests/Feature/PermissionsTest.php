<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Plan;
use App\Models\Proposal;
use Illuminate\Support\Facades\Route;
use Tests\Feature\Support\Scene;

it('sends whoever is not signed in to the sign-in page', function (): void {
    $client = (new Scene)->client();
    foreach (['/', '/clients/new', "/clients/{$client->id}/screen", "/clients/{$client->id}/plan"] as $path) {
        $this->get($path)->assertRedirect('/sign-in');
    }
    $this->post("/clients/{$client->id}/plan")->assertRedirect('/sign-in');
});

it('shows and changes nothing of another clinic, on any route', function (): void {
    $theirs = (new Scene('Theirs'))->issued();
    $ours = new Scene('Ours');
    $tried = 0;
    foreach (Route::getRoutes() as $route) {
        if (! str_starts_with($route->uri(), 'clients/{client}')) {
            continue;
        }
        $uri = str_replace(
            ['{client}', '{item}', '{log}', '{proposal}', '{intake}', '{limit}', '{template}', '{letter}', '{message}'],
            [(string) $theirs->client_id, (string) $theirs->items[0]->id, '1', '1', '1', '1', '1', '1', '1'],
            $route->uri(),
        );
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $this->actingAs($ours->user)->call($method, $uri)->assertForbidden();
            $tried++;
        }
    }
    expect($tried)->toBeGreaterThan(20)
        ->and(Plan::query()->count())->toBe(1)
        ->and(Client::query()->where('given_name', 'Ada')->count())->toBe(1);
});

it('answers a forbidden page in words and with a way back', function (): void {
    $theirs = (new Scene('Theirs'))->client();
    $page = $this->actingAs((new Scene('Ours'))->user)->get("/clients/{$theirs->id}/plan");
    $page->assertForbidden();
    expect(Scene::page($page)['component'])->toBe('Problem');
});

it('says 404 for a client who does not exist, and for parts of another client', function (): void {
    $scene = new Scene;
    $plan = $scene->issued();
    $other = $scene->client(['given_name' => 'Bo']);
    $this->actingAs($scene->user)->get('/clients/999999/plan')->assertNotFound();
    $this->actingAs($scene->user)->get('/clients/nobody/plan')->assertNotFound();
    $this->actingAs($scene->user)->put(
        "/clients/{$other->id}/plan/items/{$plan->items[0]->id}/rung", ['rung' => 'seated', 'revision' => 1],
    )->assertNotFound();
    $log = $scene->goodSession($plan, '2026-01-02');
    $this->actingAs($scene->user)->put(
        "/clients/{$other->id}/log/{$log->id}/next-morning", ['pain_next_morning' => 2],
    )->assertNotFound();
    $proposal = Proposal::query()->firstOrFail();
    $this->actingAs($scene->user)->post("/clients/{$other->id}/review/{$proposal->id}/accept")->assertNotFound();
});

it('finds clients by name in the own clinic only', function (): void {
    (new Scene('Theirs'))->client(['given_name' => 'Adamant']);
    $ours = new Scene('Ours');
    $ours->client(['given_name' => 'Adele']);
    $found = $this->actingAs($ours->user)->getJson('/find?q=ad')->assertOk()->json('clients');
    expect(array_column($found, 'name'))->toBe(['Adele Mole']);
    expect($this->actingAs($ours->user)->getJson('/find?q='.urlencode('%'))->json('clients'))->toBe([]);
});

it('signs in with the right password only, and slows down guessing', function (): void {
    $scene = new Scene;
    $this->post(
        '/sign-in', ['email' => $scene->user->email, 'password' => 'wrong'],
    )->assertSessionHasErrors(['email' => 'Email and password do not match.']);
    $this->assertGuest();
    $this->post('/sign-in', ['email' => $scene->user->email, 'password' => 'secret-pass'])->assertRedirect('/');
    $this->assertAuthenticated();
    $this->post('/sign-out')->assertRedirect('/sign-in');
    for ($i = 0; $i < 9; $i++) {
        $answer = $this->post('/sign-in', ['email' => 'guess@clinic.example', 'password' => 'x']);
    }
    $answer->assertSessionHasErrors('email');
    expect(session('errors')->first('email'))->toContain('Too many tries');
});
