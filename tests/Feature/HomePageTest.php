<?php

declare(strict_types=1);

use App\Actions\HomeDoor;
use App\Mail\SomethingWaits;
use App\Models\Decision;
use App\Models\HomeDevice;
use App\Models\HomePage;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Plan;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\AtHome;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->plan = $this->scene->issued();
    $this->client = $this->plan->client;
    $this->at = "/clients/{$this->client->id}";
    $this->actingAs($this->scene->user)->post("$this->at/home")->assertSessionHasNoErrors();
    $this->page = HomePage::query()->sole();
    $this->pin = substr($this->client->birth_date, 0, 4).$this->page->letters;
});

it('prints where the page is and the letters of its PIN, and never the year of birth', function (): void {
    $home = Scene::props($this->get("$this->at/sheet"))['home'];
    expect($home['address'])->toEndWith('/home/door/'.$this->page->code)
        ->and($home['letters'])->toMatch('/^[A-Z]{4}$/')
        ->and(json_encode($home))->not->toContain(substr($this->client->birth_date, 0, 4))
        ->and($home['phones'])->toBe(0)
        // What is stored cannot be read without the key of the application.
        ->and($this->page->getRawOriginal('code'))->not->toContain($this->page->code)
        ->and($this->page->getRawOriginal('letters'))->not->toContain($this->page->letters);
});

it('opens with address and PIN, however they are typed, and with nothing else', function (): void {
    $home = new AtHome($this);
    $home->knock($this->page->code, '1900'.$this->page->letters)->assertUnprocessable()->assertSee('does not fit');
    $home->knock('ABCDEFGHJKMN', $this->pin)->assertUnprocessable()->assertSee('not known');
    // Each beside its own field.
    $faulty = static fn (TestResponse $page): array => preg_match_all(
        '/name="(\w+)"[^>]*aria-invalid="true"/', (string) $page->getContent(), $found,
    ) > 0 ? $found[1] : [];
    expect($faulty($home->knock($this->page->code, '1900'.$this->page->letters)))->toBe(['pin'])
        ->and($faulty($home->knock('ABCDEFGHJKMN', $this->pin)))->toBe(['code']);
    $home->knock('', '')->assertUnprocessable();
    $this->get('/home')->assertRedirect('/home/door');
    $this->getJson('/home/card.json')->assertUnauthorized()->assertJson(['closed' => true]);
    $typed = strtolower(implode('-', str_split($this->page->code, 4)));
    $home->knock($typed, ' '.strtolower($this->pin).' ')->assertRedirect('/home');
    $home->card()->assertOk()->assertJson(['name' => $this->client->given_name]);
});

it('tells the phone the least: a given name, and nothing of what the client has', function (): void {
    $this->client->conditions()->create(['code' => 'hypertension_controlled', 'details' => []]);
    $card = (new AtHome($this))->enter($this->page, $this->pin)->card()->getContent();
    expect($card)->not->toContain($this->client->family_name)->not->toContain($this->client->birth_date)
        ->not->toContain('ypertension')->not->toContain('condition');
});

it('slows down whoever guesses, locks after fifteen, and tells the clinic', function (): void {
    Mail::fake();
    $this->client->update(['assigned_to' => $this->scene->user->id]);
    $home = new AtHome($this);
    for ($try = 1; $try <= 30; $try++) {
        $says = $home->knock($this->page->code, '1900XX'.$try)->assertUnprocessable()->getContent();
        expect($says)->toContain(match (true) {
            $try < 5 => 'does not fit', $try < 15 => 'Wait 15 minutes', default => 'locked',
        });
    }
    // The right one is no longer taken either, and the clinic hears of it once.
    $home->knock($this->page->code, $this->pin)->assertUnprocessable()->assertSee('locked');
    $told = Message::query()->sole();
    expect($told->kind)->toBe(MessageKind::HomeLocked)->and($told->user_id)->toBeNull();
    Mail::assertSentCount(1);
    Mail::assertSent(SomethingWaits::class);
    $this->actingAs($this->scene->user);
    expect(array_column(Scene::props($this->get('/'))['rows'][0]['needs'], 'kind'))->toContain('message')
        ->and(Scene::props($this->get("$this->at/sheet"))['home']['locked'])->toBeTrue();
    $this->post("$this->at/home/unlock")->assertSessionHasNoErrors();
    $home->knock($this->page->code, $this->pin)->assertRedirect('/home');
});

it('lets the right PIN in again after the wait, and not before', function (): void {
    $home = new AtHome($this);
    for ($try = 0; $try < 5; $try++) {
        $home->knock($this->page->code, 'WRONG');
    }
    $home->knock($this->page->code, $this->pin)->assertSee('Wait 15 minutes');
    $this->travel(14)->minutes();
    $home->knock($this->page->code, $this->pin)->assertUnprocessable();
    $this->travel(61)->seconds();
    $home->knock($this->page->code, $this->pin)->assertRedirect('/home');
    expect($this->page->refresh()->wrong)->toBe(0);
});

it('closes the page on every phone, and a new address closes the old one', function (): void {
    $home = (new AtHome($this))->enter($this->page, $this->pin);
    $home->card()->assertOk();
    $this->actingAs($this->scene->user)->post("$this->at/home")->assertSessionHasNoErrors();
    $home->card()->assertUnauthorized();
    $home->knock($this->page->code, $this->pin)->assertSee('not known');
    $this->actingAs($this->scene->user)->delete("$this->at/home")->assertSessionHasNoErrors();
    expect(HomeDoor::of($this->client))->toBeNull()
        ->and(Scene::props($this->get("$this->at/sheet"))['home'])->toBeNull()
        ->and(Decision::query()->where('kind', 'like', 'home.%')->pluck('kind')->all())
        ->toBe(['home.opened', 'home.opened', 'home.closed']);
});

it('runs out by itself, and forgets a phone that was not seen for long', function (): void {
    $home = (new AtHome($this))->enter($this->page, $this->pin);
    $this->travel(89)->days();
    $home->card()->assertOk();
    $this->travel(91)->days();
    $home->card()->assertUnauthorized();
    $this->page->update(['expires_at' => now()->addDay()]);
    $home->enter($this->page, $this->pin);
    $this->travel(2)->days();
    $home->card()->assertUnauthorized();
    $home->knock($this->page->code, $this->pin)->assertSee('not known');
});

it('opens for half a year', function (): void {
    $this->travel(180)->days();
    $this->travel(-1)->minutes();
    (new AtHome($this))->knock($this->page->code, $this->pin)->assertRedirect('/home');
    $this->travel(2)->minutes();
    (new AtHome($this))->knock($this->page->code, $this->pin)->assertSee('not known');
});

it('takes a PIN of the client\'s own, and then no other', function (): void {
    $home = (new AtHome($this))->enter($this->page, $this->pin);
    $home->send('/home/pin', ['pin' => 'abc'])->assertUnprocessable();
    $home->send('/home/pin', ['pin' => 'blue kettle'])->assertOk();
    $home->knock($this->page->code, $this->pin)->assertUnprocessable();
    $home->knock($this->page->code, 'Blue Kettle')->assertRedirect('/home');
});

it('writes nothing for a key alone: a page elsewhere cannot add the header', function (): void {
    $home = (new AtHome($this))->enter($this->page, $this->pin);
    $home->send('/home/messages', ['key' => AtHome::key(1), 'kind' => 'question', 'says' => 'May I swim?'], false)
        ->assertUnauthorized();
    expect(Message::query()->count())->toBe(0);
});

it('forgets this phone where that is asked', function (): void {
    $home = (new AtHome($this))->enter($this->page, $this->pin);
    $home->send('/home/forget', [])->assertOk();
    expect(HomeDevice::query()->count())->toBe(0);
    $home->card()->assertUnauthorized();
});

it('shows a line of the clinician, and the days as a calendar', function (): void {
    $home = (new AtHome($this))->enter($this->page, $this->pin);
    $this->actingAs($this->scene->user)->put("$this->at/home/line", ['line' => 'Well done last week.'])
        ->assertSessionHasNoErrors();
    $this->put("$this->at/home/line", ['line' => str_repeat('x', 201)])->assertSessionHasErrors('line');
    expect($home->card()->json('line'))->toBe('Well done last week.');
    $home->get('/home/exercises.ics')->assertOk()->assertSee('BEGIN:VEVENT', false);
});

it('is readable before any script has come, and small', function (): void {
    $answer = (new AtHome($this))->enter($this->page, $this->pin)->get('/home')->assertOk();
    $names = $this->plan->items->map(fn ($i) => app(BuoyantStep\Core\Exercises\Catalogue::class)
        ->family($i->family)->rung($i->rung)->name);
    foreach ($names as $name) {
        $answer->assertSee($name);
    }
    expect(strlen((string) $answer->getContent()))->toBeLessThan(30_000);
});

it('shuts where nothing may begin, and says whom to call', function (string $shut, Closure $because): void {
    $because($this->plan, $this->scene);
    $home = (new AtHome($this))->enter($this->page, $this->pin);
    expect($home->card()->json('shut'))->toBe($shut)
        ->and($home->card()->json('sessions'))->toBeNull();
    $home->get('/home')->assertOk()->assertSee(__('home.shut.'.$shut));
})->with([
    'a red flag is open' => ['stopped', function (Plan $plan, Scene $scene): void {
        $scene->goodSession($plan, now()->format('Y-m-d'), ['stop_sign' => 'faintness']);
    }],
    'no plan is in use' => ['none', fn (Plan $plan) => $plan->update(['status' => Plan::SUPERSEDED])],
    'exercise is withheld' => ['withheld', fn (Plan $plan) => $plan->client->conditions()->create(
        ['code' => 'unstable_heart', 'details' => []],
    )],
    'clearance is required' => ['clearance', fn (Plan $plan) => $plan->client->conditions()->create(
        ['code' => 'coronary_disease', 'details' => []],
    )],
]);

it('lets nobody of another clinic open, close or read it', function (): void {
    $other = new Scene('other');
    $this->actingAs($other->user);
    foreach ([['post', 'home'], ['delete', 'home'], ['post', 'home/unlock'], ['put', 'home/line']] as [$verb, $path]) {
        $this->{$verb}("$this->at/$path", ['line' => 'x'])->assertForbidden();
    }
    expect($this->page->refresh()->revoked_at)->toBeNull();
});
