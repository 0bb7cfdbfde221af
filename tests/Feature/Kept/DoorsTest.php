<?php

declare(strict_types=1);

use App\Actions\SignIn;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\GatewayToken;
use App\Models\User;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Route;
use Tests\Feature\Support\Scene;

const WORDS_OF_MINE = 'four quiet words here';

it('sends its headers with every answer', function (): void {
    $scene = new Scene;
    $client = $scene->client();
    $asked = ['/up', '/sign-in', '/nowhere', '/api/readings', '/intake/'.str_repeat('a', 40), '/%ff'];
    foreach ([
        ...$asked, '/', "/clients/{$client->id}/screen", "/clients/{$client->id}/kit/export.csv",
        "/clients/{$client->id}/clearance-letter", '/find?q=a',
    ] as $n => $path) {
        $answer = $n < count($asked) ? $this->get($path) : $this->actingAs($scene->user)->get($path);
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        expect($policy)->toContain(
            "default-src 'none'", "frame-ancestors 'none'", "base-uri 'none'",
        )->not->toContain('unsafe')
            ->and($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')
            ->and($answer->headers->get('X-Frame-Options'))->toBe('DENY')
            ->and($answer->headers->get('Referrer-Policy'))->toBe(
                str_starts_with($path, '/intake') ? 'no-referrer' : 'same-origin',
            )
            ->and($answer->headers->get('Permissions-Policy'))->toContain('camera=()')
            ->and($answer->headers->get('Cache-Control'))->toContain('no-store')
            ->and($answer->headers->has('Strict-Transport-Security'))->toBeFalse();
    }
    expect($this->get('https://localhost/sign-in')->headers->get('Strict-Transport-Security'))->toContain('max-age=');
    // Each answer has a nonce of its own, and its scripts carry it.
    preg_match("/'nonce-([^']+)'/", (string) $this->get('/account')->headers->get('Content-Security-Policy'), $one);
    preg_match("/'nonce-([^']+)'/", (string) $this->get('/account')->headers->get('Content-Security-Policy'), $two);
    expect($one[1])->not->toBe($two[1])->and(strlen($one[1]))->toBeGreaterThan(20);
});

it('answers only for hosts on its list', function (): void {
    $this->get('http://localhost/sign-in')->assertOk();
    foreach (['evil.example', 'localhost.evil.example', 'LOCALHOST', '127.0.0.1'] as $host) {
        $this->get("http://$host/sign-in")->assertStatus(
            in_array(mb_strtolower($host), ['localhost', '127.0.0.1'], true) ? 200 : 400,
        );
    }
    config(['app.hosts' => ['clinic.example']]);
    $this->get('http://clinic.example/sign-in')->assertOk();
    $this->get('http://localhost/sign-in')->assertStatus(400);
});

it('slows sign-in down for an account wherever it is tried from, and for an address whatever it '
    .'tries', function (): void {
        $scene = new Scene;
        $try = fn (
            string $email, string $from, string $password = 'wrong',
        ) => $this->withServerVariables(['REMOTE_ADDR' => $from])->post(
            '/sign-in', ['email' => $email, 'password' => $password],
        );
        for ($n = 0; $n < 8; $n++) {
            $try(strtoupper($scene->user->email), "10.0.0.$n")->assertSessionHasErrors('email');
        }
        $try($scene->user->email, '10.0.0.99', 'secret-pass')->assertSessionHasErrors('email');
        expect(session('errors')->first('email'))->toContain('Too many tries');
        $this->assertGuest();
        for ($n = 0; $n < 40; $n++) {
            $try("guess-$n@clinic.example", '10.9.9.9');
        }
        $other = new Scene('Other');
        $try($other->user->email, '10.9.9.9', 'secret-pass')->assertSessionHasErrors('email');
        $try($other->user->email, '10.9.9.8', 'secret-pass')->assertRedirect('/');
        $this->travel(6)->minutes();
        auth()->logout();
        $try($scene->user->email, '10.0.0.1', 'secret-pass')->assertRedirect('/');
    });

it('forgets the wrong tries of an account once its password was right', function (): void {
    $scene = new Scene;
    $try = fn (string $password) => $this->post(
        '/sign-in', ['email' => $scene->user->email, 'password' => $password],
    );
    foreach ([1, 2] as $round) {
        for ($n = 0; $n < 7; $n++) {
            $try('wrong')->assertSessionHasErrors('email');
        }
        $try('secret-pass')->assertRedirect('/')->assertSessionHasNoErrors();
        $this->assertAuthenticated();
        auth()->logout();
    }
});

it('knows an address and a password to the letter', function (string $email, string $password, bool $enters): void {
    $home = Clinic::query()->create(['name' => 'C', 'timezone' => 'UTC']);
    User::query()->create(
        [
            'clinic_id' => $home->id, 'name' => 'T', 'email' => 'Jose@Clinic.example',
            'password' => str_repeat('a', 72), 'role' => 'clinician',
        ],
    );
    $this->post('/sign-in', ['email' => $email, 'password' => $password]);
    expect(auth()->check())->toBe($enters);
})->with([
    'as it is' => ['jose@clinic.example', str_repeat('a', 72), true],
    'in capitals' => ['JOSE@CLINIC.EXAMPLE', str_repeat('a', 72), true],
    'with an accent' => ['josé@clinic.example', str_repeat('a', 72), false],
    'one letter more than the hash looks at' => ['jose@clinic.example', str_repeat('a', 73), false],
    'one letter less' => ['jose@clinic.example', str_repeat('a', 71), false],
]);

it('hashes as much for an address that is not known', function (): void {
    $scene = new Scene;
    $hashed = [];
    Hash::shouldReceive('check')->twice()->andReturnUsing(static function (
        string $typed, string $hash,
    ) use (&$hashed): bool {
        $hashed[] = password_get_info($hash)['options']['cost'];

        return false;
    });
    Hash::shouldReceive('make')->andReturn(password_hash('nobody', PASSWORD_BCRYPT, ['cost' => 4]));
    foreach ([$scene->user->email, 'nobody@clinic.example'] as $email) {
        expect(
            fn () => app(SignIn::class)->run($email, 'wrong', '10.0.0.1'),
        )->toThrow(Illuminate\Validation\ValidationException::class);
    }
    expect($hashed)->toBe([4, 4]);
});

it('changes a password only with the old one, and ends the other sessions of the person', function (): void {
    $scene = new Scene;
    $this->actingAs($scene->user);
    $set = fn (array $with) => $this->put(
        '/account/password',
        [
            'current_password' => 'secret-pass', 'password' => WORDS_OF_MINE, 'password_confirmation' => WORDS_OF_MINE,
            ...$with,
        ],
    );
    $set(['current_password' => 'wrong'])->assertSessionHasErrors('current_password');
    $set(['password' => '', 'password_confirmation' => ''])->assertSessionHasErrors([
        'password' => 'Enter a new password.',
    ]);
    $this->put('/account/password', ['current_password' => 'secret-pass'])->assertSessionHasErrors([
        'password' => 'Enter a new password.',
    ]);
    $set(['password' => 'short', 'password_confirmation' => 'short'])->assertSessionHasErrors('password');
    $set(['password_confirmation' => 'another four words'])->assertSessionHasErrors('password');
    $set(
        ['password' => str_repeat('ü', 40), 'password_confirmation' => str_repeat('ü', 40)],
    )->assertSessionHasErrors('password');
    $this->get('/account')->assertOk();
    $set([])->assertSessionHasNoErrors();
    expect(Hash::check(WORDS_OF_MINE, $scene->user->refresh()->password))->toBeTrue();
    // This browser stays signed in.
    $this->get('/account')->assertOk();
    // Another browser, with the hash of the old password in its session, does not.
    $this->withSession(['password_hash_web' => 'of-the-old-one'])->get('/account')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('resets a forgotten password by a link that works once, and says nothing of who is known', function (): void {
    Notification::fake();
    $scene = new Scene;
    $known = $this->post('/forgot-password', ['email' => strtoupper($scene->user->email)]);
    $unknown = $this->post('/forgot-password', ['email' => 'nobody@clinic.example']);
    expect($known->getStatusCode())->toBe($unknown->getStatusCode())->and(session('said'))->toContain(
        'If this address is known',
    );
    $token = '';
    Notification::assertSentTo($scene->user, ResetPassword::class, static function (
        ResetPassword $mail,
    ) use (&$token): bool {
        $token = $mail->token;

        return true;
    });
    Notification::assertCount(1);
    $reset = fn (array $with = []) => $this->post(
        '/reset-password',
        [
            'token' => $token, 'email' => $scene->user->email, 'password' => WORDS_OF_MINE,
            'password_confirmation' => WORDS_OF_MINE, ...$with,
        ],
    );
    $this->get("/reset-password/$token?email={$scene->user->email}")->assertOk();
    $reset(['token' => str_repeat('b', 64)])->assertSessionHasErrors('password');
    $reset(['email' => 'nobody@clinic.example'])->assertSessionHasErrors('password');
    // A link of one kind is none of the other.
    $this->post(
        '/welcome',
        [
            'token' => $token, 'email' => $scene->user->email, 'password' => WORDS_OF_MINE,
            'password_confirmation' => WORDS_OF_MINE,
        ],
    )->assertSessionHasErrors('password');
    $reset()->assertRedirect('/sign-in');
    $reset()->assertSessionHasErrors('password');
    $this->post('/sign-in', ['email' => $scene->user->email, 'password' => WORDS_OF_MINE])->assertRedirect('/');
});

it('lets a clinic begin from the command line alone', function (): void {
    expect(Artisan::call('clinic:create', ['name' => 'Millpond Lane', '--timezone' => 'Mars/Olympus']))->toBe(1);
    expect(Artisan::call('clinic:create', ['name' => 'Millpond Lane', '--timezone' => 'Pacific/Auckland']))->toBe(0);
    expect(Artisan::call('clinic:create', ['name' => 'Millpond Lane']))->toBe(1);
    $clinic = Clinic::query()->sole();
    foreach ([['clinic' => 'Nowhere'], ['email' => 'no-address'], ['--role' => 'owner'], ['name' => ' ']] as $wrong) {
        expect(
            Artisan::call(
                'clinic:user',
                [
                    'clinic' => (string) $clinic->id, 'name' => 'P. Lead', 'email' => 'p.lead@millpond.example',
                    '--role' => 'lead', ...$wrong,
                ],
            ),
        )->toBe(1);
    }
    expect(User::query()->count())->toBe(0)
        ->and(
            Artisan::call(
                'clinic:user',
                [
                    'clinic' => 'Millpond Lane', 'name' => 'P. Lead', 'email' => 'P.Lead@millpond.example',
                    '--role' => 'lead',
                ],
            ),
        )->toBe(0);
    preg_match('#/welcome/([A-Za-z0-9]+)\?email=(\S+)#', Artisan::output(), $link);
    $this->get("/welcome/$link[1]?email=$link[2]")->assertOk();
    $this->post(
        '/welcome',
        [
            'token' => $link[1], 'email' => urldecode($link[2]), 'password' => WORDS_OF_MINE,
            'password_confirmation' => WORDS_OF_MINE,
        ],
    )->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => 'p.lead@millpond.example', 'password' => WORDS_OF_MINE])->assertRedirect('/');
    expect(auth()->user()->role)->toBe('lead');
    $this->post('/clients', Scene::form(['wants' => 'walk']))->assertSessionHasNoErrors();
    expect(Client::query()->sole()->clinic_id)->toBe($clinic->id);
    // Once more for the same person: another role and a new link, no second person.
    expect(
        Artisan::call(
            'clinic:user',
            ['clinic' => (string) $clinic->id, 'name' => 'P. Lead', 'email' => 'p.lead@millpond.example'],
        ),
    )->toBe(0);
    expect(User::query()->sole()->role)->toBe('clinician');
    Clinic::query()->create(['name' => 'Other', 'timezone' => 'UTC']);
    expect(
        Artisan::call('clinic:user', ['clinic' => 'Other', 'name' => 'P.', 'email' => 'p.lead@millpond.example']),
    )->toBe(1);
    foreach ([['do' => 'issue'], ['do' => 'revoke', 'what' => '9'], ['do' => 'burn']] as $wrong) {
        expect(Artisan::call('clinic:token', ['clinic' => (string) $clinic->id, ...$wrong]))->toBe(1);
    }
    expect(
        Artisan::call('clinic:token', ['clinic' => (string) $clinic->id, 'do' => 'issue', 'what' => 'Ward tablet']),
    )->toBe(0);
    $token = trim((string) array_reverse(array_filter(explode("\n", Artisan::output())))[0]);
    expect(GatewayToken::query()->sole()->token_hash)->toBe(hash('sha256', $token))
        ->and(
            Artisan::call('clinic:token', ['clinic' => (string) $clinic->id]),
        )->toBe(0)->and(Artisan::output())->toContain('Ward tablet')->not->toContain($token);
});

it('quotes no clinical value in its log', function (): void {
    $scene = new Scene;
    $client = $scene->client();
    $said = [];
    Log::shouldReceive('error')->andReturnUsing(static function (string $message, array $context) use (&$said): void {
        $said[] = $message.json_encode($context);
    });
    Route::middleware('web')->post('/test/secret', static function (): void {
        DB::table('clients')->where('id', 1)->update(
            ['wants' => 'Osteosarcoma of the left femur', 'no_such_column' => 'HIV'],
        );
    });
    Route::middleware('web')->post(
        '/test/thrown', static fn () => throw new RuntimeException('Mrs Mole, born 1948-05-01'),
    );
    $this->actingAs($scene->user)->post(
        '/test/secret', ['wants' => 'Osteosarcoma of the left femur'],
    )->assertStatus(500);
    $this->actingAs($scene->user)->post('/test/thrown')->assertStatus(500);
    expect($said)->toHaveCount(2)->and(
        implode(' ', $said),
    )->not->toContain('Osteosarcoma')->not->toContain('HIV')->not->toContain('Mole')->not->toContain('1948')->toContain(
        'SQLSTATE 42S22',
    )->toContain('update')
        ->and($client->exists)->toBeTrue();
});

it('switches single letters off for a person', function (): void {
    $scene = new Scene;
    $this->actingAs($scene->user)->put(
        '/account/keys', ['letter_keys' => 'maybe'],
    )->assertSessionHasErrors('letter_keys');
    $this->put('/account/keys', ['letter_keys' => false])->assertSessionHasNoErrors();
    expect(Scene::props($this->get('/account'))['me']['letter_keys'])->toBeFalse();
});

it('gives each person a key of their own for what they type, and none to guests', function (): void {
    expect(Scene::props($this->get('/sign-in'))['me'])->toBeNull();
    [$one, $two] = [new Scene, new Scene('Other')];
    $keys = array_map(
        fn (User $u): string => Scene::props($this->actingAs($u)->get('/account'))['me']['keep'],
        [$one->user, $two->user],
    );
    expect($keys[0])->not->toBe($keys[1])->and(strlen(base64_decode($keys[0], true)))->toBe(32)
        ->and(Scene::props($this->actingAs($one->user)->get('/account'))['me']['keep'])->toBe($keys[0])
        // Encrypted where it is stored.
        ->and(DB::table('users')->where('id', $one->user->id)->value('keep_key'))->not->toContain($keys[0]);
});

it('asks for twelve letters and takes no more than the hash looks at', function (string $password, bool $takes): void {
    $scene = new Scene;
    $answer = $this->actingAs($scene->user)->put('/account/password', [
        'current_password' => 'secret-pass', 'password' => $password, 'password_confirmation' => $password,
    ]);
    $takes ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('password');
    expect(Hash::check($password, $scene->user->refresh()->password))->toBe($takes);
})->with([
    '11 letters' => [str_repeat('a', 11), false], '12 letters' => [str_repeat('a', 12), true],
    '72 letters' => [str_repeat('a', 72), true], '73 letters' => [str_repeat('a', 73), false],
    '36 letters of two bytes' => [str_repeat('ü', 36), true], '37 of them' => [str_repeat('ü', 37), false],
]);
