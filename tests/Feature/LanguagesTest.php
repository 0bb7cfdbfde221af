<?php

declare(strict_types=1);

use App\Models\HomePage;
use Illuminate\Support\Arr;
use Tests\Feature\Support\AtHome;
use Tests\Feature\Support\Scene;

/** What clients read in another language than the one it was written in. */
it('has every word of the client\'s side, with every name that is filled in', function (string $file): void {
    $words = static fn (string $locale): array => Arr::dot(require lang_path("$locale/$file.php"));
    [$en, $nl] = [$words('en'), $words('nl')];
    expect(array_diff(array_keys($en), array_keys($nl)))->toBe([])
        ->and(array_diff(array_keys($nl), array_keys($en)))->toBe([]);
    foreach ($en as $key => $says) {
        preg_match_all('/:[a-z]+/', (string) $says, $filled);
        preg_match_all('/:[a-z]+/', (string) $nl[$key], $inDutch);
        sort($filled[0]);
        sort($inDutch[0]);
        expect($inDutch[0])->toBe($filled[0], (string) $key)->and(trim((string) $nl[$key]) === '')
            ->toBe(trim((string) $says) === '');
    }
})->with(['sheet', 'session', 'home']);

it('has every fixed phrase of the core, with its numbers', function (): void {
    $phrases = static fn (string $locale): array => json_decode(
        (string) file_get_contents(lang_path("$locale.json")), true,
    );
    [$en, $nl] = [$phrases('en'), $phrases('nl')];
    expect(array_keys($nl))->toEqualCanonicalizing(array_keys($en));
    foreach ($en as $key => $says) {
        preg_match_all('/:n\d/', $says, $filled);
        preg_match_all('/:n\d/', $nl[$key], $inDutch);
        sort($filled[0]);
        sort($inDutch[0]);
        expect($inDutch[0])->toBe($filled[0], $key);
    }
});

it('speaks the clinic\'s language to clients, unread until a lead says otherwise', function (): void {
    $scene = new Scene;
    $plan = $scene->issued();
    $at = "/clients/{$plan->client_id}";
    $scene->user->clinic->update(['locale' => 'nl']);
    $this->actingAs($scene->user->fresh())->post("$at/home")->assertSessionHasNoErrors();
    $unread = 'nog niet door een behandelaar nagelezen';
    $sheet = fn (): array => Scene::props($this->get("$at/sheet"))['sheet'];
    expect($sheet()['version_says'])->toContain('Versie')->toContain($unread)
        ->and($sheet()['words']['before'])->toBe('Voor u begint')
        ->and($sheet()['stop']['signs'])->toContain('pijn of druk op de borst');
    $page = HomePage::query()->sole();
    $home = new AtHome($this);
    $home->knock($page->code, 'X')->assertSee('Die pincode past niet');
    $home->enter($page, substr($plan->client->birth_date, 0, 4).$page->letters);
    expect($home->card()->json('words.start'))->toBe('Beginnen')->and($home->card()->json('unread'))->toContain($unread)
        ->and($home->card()->json('check.signs.0.says'))->toBe('pijn of zwelling in een kuit');
    $home->get('/home')->assertSee('lang="nl"', false)->assertSee('Dag, '.$plan->client->given_name);
    // A clinician cannot say so; the lead can, and takes it back.
    $this->actingAs($scene->user->fresh())->put('/rulebook/words', ['read' => true])->assertForbidden();
    $scene->user->update(['role' => 'lead']);
    $this->actingAs($scene->user->fresh())->put('/rulebook/words', ['read' => true])->assertSessionHasNoErrors();
    expect($sheet()['version_says'])->not->toContain($unread)->and($home->card()->json('unread'))->toBeNull()
        ->and(Scene::props($this->actingAs($scene->user->fresh())->get('/rulebook'))['words_read'])->toBeTrue();
    $this->put('/rulebook/words', ['read' => false])->assertSessionHasNoErrors();
    expect($sheet()['version_says'])->toContain($unread);
});
