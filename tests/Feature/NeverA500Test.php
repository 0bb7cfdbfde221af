<?php

declare(strict_types=1);

use App\Models\Proposal;
use Illuminate\Support\Facades\Route;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Support\Scene;

/*
 * Whatever is sent to whichever route: an answer in words, never a 500. Fields that the forms know are filled with junk of
 * every kind, one or several at a time.
 */
it('answers junk in words on every route', function (): void {
    $scene = new Scene;
    $scene->user->update(['role' => 'lead']);
    $plan = $scene->issued(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $log = $scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $scene->goodSession($plan, now()->format('Y-m-d'));
    $this->actingAs($scene->user)->post("/clients/{$plan->client_id}/intake");
    $token = basename((string) session('link'));
    $random = new Randomizer(new Mt19937(7));
    $one = static fn (array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
    $junk = [null, '', 'x', '-1', '0', '3', '1e9', '99999999999999999999', '2026-02-30', '2026-01-02', "\u{0}", str_repeat('ü', 600), [], ['x'], [['x' => 'y']], ['a' => ['b' => 'c']], true, 1.5, -5];
    $fields = ['email', 'password', 'rung', 'revision', 'family', 'sets', 'amount_lo', 'amount_hi', 'effort_lo', 'effort_hi', 'rest_s', 'load_kg', 'reason', 'plan_id', 'key', 'done_on', 'items', 'stop_sign', 'skipped', 'pain_before', 'pain_next_morning', 'measured_on', 'results', 'pieces', 'carriers', 'sbp', 'dbp', 'pain', 'symptoms', 'repeat', 'skin_ok', 'rule', 'field', 'value', 'school', 'choice', 'accept', 'answers', 'kind', 'client_id', 'fault', 'true', 'drift_pct', 'q', 'band', 'at', 'kgf', 'pattern', 'file', 'bands', 'place', 'aids', ...array_keys(Scene::form())];
    $whole = [
        'screen' => Scene::form(),
        'items' => ['items' => [['item' => $plan->items[0]->id, 'done' => true, 'effort' => '5', 'sets' => [['amount' => '8', 'side' => 'both']]]], 'plan_id' => $plan->id, 'key' => '6a0f6b52-3c1e-4b7e-9a34-111111111111', 'done_on' => now()->format('Y-m-d')],
        'kit' => ['pieces' => [['label' => 'a', 'mass_kg' => '1', 'count' => '1', 'grip' => 'hook', 'holdable' => true, 'packable' => true, 'plate' => false, 'weighed' => false]], 'carriers' => [], 'bands' => [['label' => 'b', 'rest_cm' => '120', 'form' => 'flat', 'material' => 'latex', 'max_pct' => '200', 'pulls' => [['cm' => '150', 'kgf' => '1'], ['cm' => '200', 'kgf' => '2']]]], 'place' => ['things' => ['chair', 'step'], 'floor' => 'smooth', 'door' => 'away', 'chair_at_wall' => true], 'aids' => ['left' => ['wrist_loop'], 'right' => []]],
        'band' => ['band' => '1', 'rung' => 'band_row/seated', 'at' => 'mean', 'kgf' => '1.5'],
        'measure' => ['measured_on' => now()->format('Y-m-d'), 'results' => [['test' => 'grip', 'side' => 'left', 'value' => '20'], ['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '2', 'reps' => '8', 'rir' => '2']]],
        'dose' => ['sets' => '2', 'amount_lo' => '8', 'amount_hi' => '10', 'effort_lo' => '5', 'effort_hi' => '6', 'rest_s' => '60', 'load_kg' => '2.23', 'revision' => '1'],
        'gate' => ['symptoms' => [], 'repeat' => false, 'sbp' => '120', 'dbp' => '70'],
        'figure' => ['rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '6'],
        'bench' => ['kind' => 'cuff', 'client_id' => $plan->client_id, 'fault' => 'none', 'true' => ['sbp' => '120']],
        'answers' => ['answers' => ['home' => 'alone', 'wants' => 'walk']],
    ];
    $spoil = static function (array $form) use (&$spoil, $one, $junk): array {
        $key = $form === [] ? 'x' : $one(array_keys($form));
        $form[$key] = is_array($form[$key] ?? null) && $form[$key] !== [] && $one([true, true, false]) ? $spoil($form[$key]) : $one($junk);

        return $form;
    };
    // Each form goes to its own route, whole once and then spoiled: junk that is refused at the door proves little.
    $own = ['/screen' => 'screen', '/clients' => 'screen', '/measure' => 'measure', '/kit' => 'kit', '/kit/band' => 'band', '/log' => 'items', '/dose' => 'dose', '/gate' => 'gate', '/rulebook' => 'figure', '/bench' => 'bench', $token => 'answers'];
    $sent = 0;
    foreach (Route::getRoutes() as $route) {
        $uri = '/'.ltrim(str_replace(['{client}', '{item}', '{log}', '{proposal}', '{intake}', '{token}'], [(string) $plan->client_id, (string) $plan->items[0]->id, (string) $log->id, (string) Proposal::query()->latest('id')->value('id'), '1', $token], $route->uri()), '/');
        if (str_starts_with($uri, '/storage') || $uri === '/sign-out') {
            continue;
        }
        $form = 'dose';
        foreach ($own as $end => $name) {
            $form = str_ends_with($uri, $end) ? $name : $form;
        }
        $proper = $whole[$form];
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            for ($n = 0; $n < ($method === 'GET' ? 12 : 40); $n++) {
                $form = $n % 2 === 0 ? array_combine($some = array_map(static fn (): string => $one($fields), range(1, 6)), array_map(static fn (): mixed => $one($junk), $some)) : ($n === 1 ? $proper : $spoil($proper));
                $answer = $this->actingAs($scene->user)->call($method, $uri, $form);
                $sent++;
                if ($answer->getStatusCode() >= 500) {
                    $this->fail("$method $uri ".json_encode($form).' gave '.$answer->getStatusCode().': '.($answer->exception?->getMessage() ?? ''));
                }
            }
        }
    }
    expect($sent)->toBeGreaterThan(900);
});
