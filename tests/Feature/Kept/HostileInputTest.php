<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\GateCheck;
use App\Models\KitPiece;
use App\Models\Letter;
use App\Models\MeasureResult;
use App\Models\Proposal;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;
use Tests\Hostile\Junk;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

it('refuses a number that is none, in any field of any form, at that field', function (string $number): void {
    $plan = $this->scene->issued();
    $this->scene->user->update(['role' => 'lead']);
    $forms = Junk::forms(
        [
            'today' => (string) $this->scene->user->clinic->today(), 'plan' => $plan->id, 'item' => $plan->items[0]->id,
            'client' => $plan->client_id, 'version' => 1, 'kit' => 2, 'revision' => 2,
        ],
        (string) Str::uuid(),
    );
    $numbers = [
        'PUT screen' => [
            'screen', ['body_mass_kg', 'height_cm', 'minutes', 'usual.sbp', 'conditions.1.numbers.lift_kg'],
        ],
        'PUT kit' => [
            'kit',
            ['pieces.0.mass_kg', 'pieces.0.count', 'carriers.0.max_mass_kg', 'bands.0.rest_cm', 'bands.0.pulls.0.kgf'],
        ],
        'POST measure' => ['measure', ['results.0.value', 'results.1.load_kg', 'results.1.reps', 'seen']],
        'POST log' => ['log', ['plan_id', 'items.0.effort', 'items.0.sets.0.amount', 'pain_before']],
        'POST gate' => ['gate', ['sbp', 'pain']],
        'PUT plan/items/'.$plan->items[0]->id.'/dose' => ['plan', ['sets', 'load_kg', 'effort_hi', 'revision']],
    ];
    foreach ($numbers as $route => [$form, $fields]) {
        [$method, $path] = explode(' ', $route);
        foreach ($fields as $field) {
            $body = $forms[$form];
            data_set($body, $field, $number === Junk::BEYOND ? Junk::BEYOND : $number);
            // As the pages send it: JSON, where 1e400 is a number that no computer holds.
            $answer = $this->call(
                $method, "/clients/{$plan->client_id}/$path", [], [], [],
                ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], Junk::json($body),
            );
            expect($answer->getStatusCode())->toBe(422, "$route $field")
                ->and(array_keys($answer->json('errors'))[0])->toBe($field);
        }
    }
})->with(['1e400', '-1e400', '1e99999999', '1e-99999999', Junk::BEYOND]);

it('refuses text that is none, at its field', function (string $text): void {
    $client = $this->scene->client();
    foreach ([
        ['wants', $text], ['given_name', $text], ['medicines.0', $text], ['conditions.0.details.0', $text],
    ] as [$field, $value]) {
        $form = Scene::form(['conditions' => [['code' => 'osteoporosis', 'details' => []]]]);
        data_set($form, $field, $value);
        $this->from('/')->put("/clients/{$client->id}/screen", $form)->assertSessionHasErrors($field);
    }
    expect($client->refresh()->screen_version)->toBe(1);
    $this->get('/find?q='.rawurlencode($text))->assertStatus(400);
})->with(['NUL' => ["a\0b"], 'no UTF-8' => ["a\xFFb"], 'half a letter' => ["a\xC3"], 'an escape' => ["a\x1B[2Jb"]]);

it('knows no number past a column, in any address', function (string $id): void {
    $plan = $this->scene->issued();
    foreach (Route::getRoutes() as $route) {
        if (! str_contains($route->uri(), '{client}')) {
            continue;
        }
        foreach (['{client}', '{item}', '{log}', '{proposal}', '{intake}', '{message}', '{letter}'] as $part) {
            if (str_contains($route->uri(), $part)) {
                $path = str_replace(
                    ['{client}', '{item}', '{log}', '{proposal}', '{intake}', '{message}', '{letter}'],
                    (string) $plan->client_id,
                    str_replace($part, $id, $route->uri()),
                );
                $status = $this->call($route->methods()[0], '/'.$path)->getStatusCode();
                expect($status)->toBeIn([404, 405], $path);
            }
        }
    }
})->with(['9223372036854775808', '99999999999999999999', '-1', '1.5', 'abc', '%00']);

it('answers in words whatever is sent to the routes of the caseload', function (mixed $odd): void {
    $plan = $this->scene->issued();
    $this->scene->user->update(['role' => 'lead']);
    $at = "/clients/$plan->client_id";
    $this->get('/')->assertOk();
    $message = $plan->client->messages()->create(['kind' => 'fell', 'says' => 'I fell.'])->id;
    $this->post("$at/letters", ['kind' => 'note']);
    $letter = Letter::query()->value('id');
    $key = (string) Str::uuid();
    foreach ([
        [
            'POST', "$at/put-off",
            ['kind' => 'retest', 'about' => str_repeat('a', 32), 'until' => '2030-01-01', 'reason' => 'abc'],
        ],
        ['POST', "$at/put-off/end", ['kind' => 'retest', 'about' => str_repeat('a', 32)]],
        ['PUT', "$at/assigned", ['to' => 1]],
        ['POST', "$at/messages", ['kind' => 'fell', 'says' => 'I fell.']],
        ['PUT', "$at/messages/$message/answer", ['answer' => 'Come in.']],
        ['POST', "$at/letters", ['kind' => 'note', 'recipient' => 'Dr B']],
        ['PUT', "$at/letters/$letter", ['body' => 'Text.', 'recipient' => 'Dr B', 'seen' => 1]],
        ['POST', "$at/letters/$letter/keep", ['seen' => 1]],
        ['POST', "$at/letters/$letter/discard", ['seen' => 1]],
        ['PUT', '/letters', ['kind' => 'note', 'body' => '{client}']],
        ['PUT', "$at/review/small-steps", ['on' => true]],
        ['POST', "$at/review/accept-steps", ['ease' => true]],
        ['POST', "$at/log/csv", ['text' => "date,exercise\n2020-01-01,x", 'key' => $key]],
        ['POST', "$at/log/csv/preview", ['text' => "date,exercise\n2020-01-01,x"]],
        ['POST', "$at/log/paper", ['plan_id' => $plan->id, 'key' => $key, 'sessions' => [[
            'done_on' => '2026-01-01', 'items' => [['item' => $plan->items[0]->id, 'amounts' => '1', 'effort' => '1']],
        ]]]],
    ] as [$method, $path, $body]) {
        foreach (array_keys(Arr::dot($body)) as $field) {
            $sent = $body;
            data_set($sent, $field, $odd);
            $status = $this->call(
                $method, $path, [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                Junk::json($sent),
            )->getStatusCode();
            expect($status)->toBeIn([200, 302, 303, 400, 404, 422], "$method $path $field");
        }
    }
    foreach (['kind', 'whose', 'put_off', 'lines', 'from'] as $word) {
        foreach (['/', '/week', "$at/course"] as $page) {
            $this->get($page.'?'.http_build_query([$word => is_array($odd) ? ['x' => ['y']] : $odd]))
                ->assertStatus(str_contains((string) json_encode($odd), 'u0000') ? 400 : 200);
        }
    }
})->with([
    'a list' => [['a', ['b' => 1]]], 'a number' => [-1], 'too big' => [9e18], 'a truth' => [true], 'nothing' => [null],
    'a word' => ["'; drop table clients; --"], 'long' => [str_repeat('ä', 5000)], 'no date' => ['2026-02-31'],
    'a beginning' => ['=cmd()'], 'NUL' => ["a\0b"],
]);

it('bounds every list and every nesting', function (): void {
    $client = $this->scene->client();
    $deep = ['x'];
    for ($n = 0; $n < 40; $n++) {
        $deep = [$deep];
    }
    $this->put("/clients/{$client->id}/screen", Scene::form(['medicines' => $deep]))->assertSessionHasErrors();
    $this->put(
        "/clients/{$client->id}/screen", Scene::form(['medicines' => array_fill(0, 500, 'x')]),
    )->assertSessionHasErrors('medicines');
    $this->put(
        "/clients/{$client->id}/kit", ['pieces' => array_fill(0, 101, []), 'carriers' => []],
    )->assertSessionHasErrors('pieces');
    expect(
        $client->refresh()->only(['screen_version', 'kit_version']),
    )->toBe(['screen_version' => 1, 'kit_version' => 1]);
});

it('turns what the database refuses into words, should it ever come so far', function (): void {
    Route::middleware('web')->post('/test/overflow', static function (): void {
        DB::table('clients')->update(['minutes' => 70000]);
    });
    Route::middleware('web')->post('/test/check', static function (): void {
        DB::table('clients')->update(['height_mm' => 1]);
    });
    $this->scene->client();
    foreach (['overflow', 'check'] as $fault) {
        $this->postJson("/test/$fault")->assertStatus(422)->assertJsonValidationErrors('form');
    }
    // One that is a fault of ours stays one: it is not dressed up as the sender's.
    Route::middleware('web')->post('/test/typo', static fn () => DB::select('selekt 1'));
    $this->postJson('/test/typo')->assertStatus(500);
});

it('says that the database does not answer when it does not', function (): void {
    Route::middleware('web')->get('/test/gone', static function (): never {
        throw new QueryException(
            'mariadb', 'select 1', [], new PDOException('SQLSTATE[HY000] [2002] Connection refused'),
        );
    });
    $page = $this->get('/test/gone')->assertStatus(503);
    expect(Scene::page($page)['component'])->toBe('Problem');
});

it('makes one of a form that is sent twice', function (): void {
    $key = (string) Str::uuid();
    $this->post('/clients', Scene::form(['key' => $key]))->assertRedirect();
    $first = session('errors');
    $this->post('/clients', Scene::form(['key' => $key]))->assertSessionHasNoErrors();
    $client = Client::query()->sole();
    $this->post('/clients', Scene::form(['key' => $key, 'given_name' => 'Another']))->assertSessionHasErrors('key');
    $measure = [
        'key' => $key,
        'seen' => 0,
        'measured_on' => (string) $this->scene->user->clinic->today(),
        'results' => [['test' => 'tandem_stand', 'value' => '10']],
    ];
    $gate = ['key' => $key, 'symptoms' => [], 'repeat' => false, 'sbp' => '120', 'dbp' => '70'];
    foreach ([1, 2, 3] as $_) {
        $this->post("/clients/{$client->id}/measure", $measure)->assertSessionHasNoErrors();
        $this->post("/clients/{$client->id}/gate", $gate)->assertSessionHasNoErrors();
    }
    expect($first)->toBeNull()->and(
        MeasureResult::query()->count(),
    )->toBe(1)->and(GateCheck::query()->count())->toBe(1);
    // A form that was refused has used no key up.
    $fresh = (string) Str::uuid();
    $this->post('/clients', Scene::form(['key' => $fresh, 'given_name' => '']))->assertSessionHasErrors('given_name');
    $this->post('/clients', Scene::form(['key' => $fresh, 'given_name' => 'Bo']))->assertSessionHasNoErrors();
    // Another clinic's key is another key.
    $theirs = new Scene('Theirs');
    $this->actingAs($theirs->user)->post('/clients', Scene::form(['key' => $key]))->assertSessionHasNoErrors();
    expect(Client::query()->where('clinic_id', $theirs->user->clinic_id)->count())->toBe(1);
    $this->asFreshPage = false;
    $this->post('/clients', [...Scene::form(), 'key' => null])->assertSessionHasErrors('key');
});

it('imports no kit past what its page can save', function (): void {
    $client = $this->scene->client();
    $import = fn (int $rows) => $this->post(
        "/clients/{$client->id}/kit/import",
        [
            'file' => UploadedFile::fake()->createWithContent(
                'kit.csv',
                "label,mass_kg\n".implode("\n", array_map(static fn (int $n): string => "Can $n,0.4", range(1, $rows))),
            ),
        ],
    );
    $import(90)->assertSessionHasNoErrors();
    $import(11)->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain('holds 100 pieces')->toContain('shorten the file to 10')
        ->and(KitPiece::query()->count())->toBe(90);
    $import(9)->assertSessionHasNoErrors();
    $this->post(
        "/clients/{$client->id}/kit/import",
        ['file' => UploadedFile::fake()->createWithContent('kit.csv', "label,mass_kg\nBag\0 of \x1Brice,0.5\n")],
    )->assertSessionHasNoErrors();
    expect(KitPiece::query()->latest('id')->value('label'))->toBe('Bag of rice');
    $kit = Scene::props($this->get("/clients/{$client->id}/kit"));
    $this->put(
        "/clients/{$client->id}/kit", [...$kit['form'], 'version' => $kit['version']],
    )->assertSessionHasNoErrors();
    expect(KitPiece::query()->count())->toBe(100);
});

it('lets no word of a loosening in by the form', function (): void {
    $client = $this->scene->client(['conditions' => [['code' => 'older_adult_new', 'details' => []]]]);
    $with = static fn (array $details): array => Scene::form(
        [
            'conditions' => [
                ['code' => 'older_adult_new', 'side' => '', 'since' => '', 'until' => '', 'details' => $details],
            ],
        ],
    );
    $this->put(
        "/clients/{$client->id}/screen", $with(['first_block_done']),
    )->assertSessionHasErrors('conditions.0.details');
    $this->put(
        "/clients/{$client->id}/screen", $with(['end_confirmed']),
    )->assertSessionHasErrors('conditions.0.details');
    // What was confirmed comes back with the form and stays.
    DB::table('client_conditions')->update(['details' => '["first_block_done"]']);
    $this->put("/clients/{$client->id}/screen", $with(['first_block_done']))->assertSessionHasNoErrors();
});

it('reads a decimal comma wherever a number is typed', function (): void {
    $plan = $this->scene->issued();
    $url = "/clients/{$plan->client_id}";
    $this->put(
        "$url/screen",
        Scene::form(
            [
                'body_mass_kg' => '66,4',
                'height_cm' => '165,5',
                'usual' => ['weight_kg' => '66,2'],
                'conditions' => [['code' => 'hernia', 'details' => [], 'numbers' => ['lift_kg' => '4,5']]],
            ],
        ),
    )->assertSessionHasNoErrors();
    $client = Client::query()->with('conditions')->findOrFail($plan->client_id);
    expect($client->body_mass_g)->toBe(66400)->and($client->height_mm)->toBe(1655)->and(
        $client->usual['weight_kg'],
    )->toBe(66.2)->and(
        $client->conditions[0]->details,
    )->toBe(['lift_g:4500']);
    $this->put(
        "$url/kit",
        [
            'pieces' => [
                [
                    'label' => 'Bottle', 'mass_kg' => '0,52', 'count' => '1', 'grip' => 'power', 'holdable' => true,
                    'packable' => true, 'plate' => false, 'weighed' => true,
                ],
            ],
            'carriers' => [],
        ],
    )->assertSessionHasNoErrors();
    expect(KitPiece::query()->where('client_id', $client->id)->value('mass_g'))->toBe(520);
    $this->post(
        "$url/measure",
        [
            'measured_on' => (string) $this->scene->user->clinic->today(),
            'results' => [['test' => 'timed_up_and_go', 'value' => '11,5']],
        ],
    )->assertSessionHasNoErrors();
    expect((float) MeasureResult::query()->latest('id')->value('value'))->toBe(11.5);
    $this->post("$url/gate", ['symptoms' => [], 'repeat' => false, 'temp_c' => '36,6'])->assertSessionHasNoErrors();
    expect(GateCheck::query()->latest('id')->first()->readings['temp_c'])->toBe(36.6);
    $this->postJson(
        '/bench',
        [
            'kind' => 'thermometer', 'client_id' => $client->id, 'fault' => 'none', 'drift_pct' => '0,5',
            'true' => ['temp_c' => '36,6'],
        ],
    )->assertOk();
    // Words are left as they are.
    $this->put("$url/screen", Scene::form(['wants' => '2,5']))->assertSessionHasNoErrors();
    expect($client->refresh()->wants)->toBe('2,5');
});

it('answers junk in words on every route', function (): void {
    $plan = $this->scene->issued(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $log = $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->user->update(['role' => 'lead']);
    $this->post("/clients/{$plan->client_id}/intake");
    $token = basename((string) session('link'));
    $junk = new Junk(31);
    $asked = [];
    foreach (Route::getRoutes() as $route) {
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            if (
                ! str_starts_with($route->uri(), 'storage')
                && ! in_array($route->uri(), ['sign-out', 'account/password'], true)
            ) {
                $asked[] = [$method, $route->uri()];
            }
        }
    }
    // Each route once with its form whole, then five hundred times some route with its form spoiled.
    $all = [
        ...array_map(static fn (array $a): array => [...$a, false], $asked),
        ...array_map(static fn (): array => [...$junk->one($asked), true], range(1, 500)),
    ];
    foreach ($all as [$method, $uri, $spoilt]) {
        $client = Client::query()->findOrFail($plan->client_id);
        $path = '/'.str_replace(
            ['{client}', '{item}', '{log}', '{proposal}', '{intake}', '{token}', '{family}', '{limit}', '{template}'],
            [
                (string) $client->id, (string) $plan->items[0]->id, (string) $log->id,
                (string) Proposal::query()->max('id'), '1',
                str_starts_with($uri, 'intake') ? $token : str_repeat('a', 40), 'curl', '1', '1',
            ],
            $uri,
        );
        $form = Junk::forms(
            [
                'today' => now()->format('Y-m-d'), 'plan' => $plan->id, 'item' => $plan->items[0]->id,
                'client' => $client->id, 'version' => $client->screen_version, 'kit' => $client->kit_version,
                'revision' => $client->plan_revision,
            ],
            (string) Str::uuid(),
        )[Junk::formOf($uri)];
        $form = $spoilt ? $junk->spoil($form) : $form;
        $answer = $junk->below(2) === 0 || $method === 'GET'
            ? $this->call($method, $path, $form)
            : $this->call($method, $path, [], [], [], ['CONTENT_TYPE' => 'application/json'], Junk::json($form));
        if ($answer->getStatusCode() >= 500) {
            $this->fail(
                "$method $path ".mb_scrub(
                    (string) json_encode($form, JSON_PARTIAL_OUTPUT_ON_ERROR),
                ).' gave '.$answer->getStatusCode().': '.$answer->exception?->getMessage(),
            );
        }
    }
    expect(count($all))->toBeGreaterThan(550);
});
