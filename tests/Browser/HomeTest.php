<?php

declare(strict_types=1);

use App\Models\GateCheck;
use App\Models\LogSource;
use App\Models\Message;
use App\Models\SessionLog;
use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;
use Tests\Browser\Support\Demo;
use Tests\Browser\Support\OwnServer;
use Tests\Browser\Support\Phone;

/** The client at home: alone, weak hands, poor sight, a cheap phone, no signal. */
function sessionsOf(int $clientId): int
{
    return SessionLog::query()->where('client_id', $clientId)->where('source', LogSource::Client)->count();
}

it('leads through a whole session by large keys, and it lands as one to look at', function (): void {
    $client = Demo::home('Bertil');
    $before = sessionsOf($client->id);
    $phone = new Phone((string) getenv('BUOYANT_BASE'));
    try {
        $phone->enter($client)->look('start');
        $phone->checkWell();
        // Over a minute of the warm-up, what is said to whoever does not see the clock: every thirty seconds, not each.
        $phone->chrome->press('Begin');
        usleep(8_000_000);
        $said = array_values(array_filter((array) $phone->chrome->ask('window.announced'), is_string(...)));
        expect(count($said))->toBeGreaterThan(1)->toBeLessThan(6)
            ->and(array_values(array_filter($said, static fn (string $t): bool => ! str_ends_with($t, '0'))))->toBe([]);
        $phone->toTheEnd()->look('after');
        $phone->chrome->press('As it should be')->fill('Anything to tell?', 'The dog watched.')->press('Finish')
            ->see('Done for today');
        $phone->look('done');
        $phone->chrome->until(static fn (): bool => sessionsOf($client->id) === $before + 1, 'the session to arrive');
        $log = SessionLog::query()->where('client_id', $client->id)->with('items')->latest('id')->first();
        expect($log->to_see)->toBeTrue()->and($log->note)->toContain('The dog watched.')
            ->and($log->items)->toHaveCount(Demo::plan($client)->items()->count())
            ->and($log->items->every(static fn ($i): bool => $i->sets !== []))->toBeTrue()
            ->and(GateCheck::query()->where('client_id', $client->id)->latest('id')->first()->user_id)->toBeNull();
        expect($phone->wrong())->toBe([])
            ->and($phone->seen())->toContain('start', 'signs', 'verdict', 'ready', 'pacer', 'rest', 'after')
            ->and($phone->chrome->complaints())->toBe([]);
    } finally {
        $phone->close();
    }
});

it('is done by keyboard at 320 px, reads aloud, steps down, answers pain, and stops', function (): void {
    $client = Demo::home('Ilse');
    $phone = new Phone((string) getenv('BUOYANT_BASE'), 320, 640, <<<'JS'
        window.spoken = JSON.parse(sessionStorage.spoken ?? '[]');
        const say = (words) => {
            window.spoken.push(words.text);
            sessionStorage.spoken = JSON.stringify(window.spoken);
        };
        Object.defineProperty(window, 'speechSynthesis', { value: { speak: say, cancel: () => undefined } });
        window.SpeechSynthesisUtterance = class { constructor(text) { this.text = text; } };
        JS);
    $chrome = $phone->chrome;
    // From the heading, which takes the focus, on to the key with this name, and pressed.
    $key = static function (string $name) use ($chrome): void {
        for ($i = 0; $i < 60; $i++) {
            $chrome->type(WebDriverKeys::TAB);
            $now = $chrome->ask('document.activeElement.innerText || document.activeElement.ariaLabel || ""');
            if (is_string($now) && str_starts_with(trim($now), $name)) {
                $chrome->type(WebDriverKeys::ENTER);
                usleep(250_000);

                return;
            }
        }
        throw new RuntimeException("No key $name by keyboard.");
    };
    try {
        $phone->enter($client)->look('start');
        $key('Settings');
        $phone->look('settings');
        $key('Read it to me');
        $key('Largest');
        $key('Strong contrast');
        $phone->look('settings, largest and strong');
        $key('Back');
        $key('How they go');
        $phone->look('learn');
        $key('Back');
        $key('Start');
        $key('No, none of these');
        $key('No');
        $key('No');
        while (! str_contains($phone->title(), 'You can start')) {
            $was = $phone->title();
            match (true) {
                str_contains($was, 'hurt now') => $key('0'),
                str_contains($was, 'Measure') => $key('Next'),
                default => $key('No'),
            };
            $chrome->until(static fn (): bool => $phone->title() !== $was, 'the next question');
        }
        $key('Start');
        $phone->look('ready');
        $first = $phone->title();
        $key('Too hard');
        $phone->look('menu');
        $key('Too hard');
        $phone->look('easier');
        $text = $chrome->text();
        $key(str_contains($text, 'Do the easier step') ? 'Do the easier step' : 'Try it once more');
        $chrome->see('Begin');
        $key('Pause');
        $phone->look('paused');
        $key('Go on');
        $key('Too hard');
        $key('It hurts');
        $phone->look('hurts');
        $key('9');
        $chrome->see('That is too much');
        $key('Leave this one out');
        $chrome->until(static fn (): bool => $phone->title() !== $first, 'the next exercise');
        $key('◆ Stop');
        $phone->look('stop');
        $key('I have had enough for today');
        $chrome->see('How was it all in all?');
        $phone->look('after');
        $key('Finish');
        $chrome->see('Done for today');
        $log = null;
        $chrome->until(static function () use ($client, &$log): bool {
            $log = SessionLog::query()->where('client_id', $client->id)->where('source', LogSource::Client)->first();

            return $log !== null;
        }, 'the session to arrive');
        expect($log->note)->toContain('left out')
            ->and($phone->wrong())->toBe([])
            ->and(implode(' ', (array) $chrome->ask('window.spoken')))->toContain($first)
            ->toContain('Have you any of these')
            ->and($chrome->complaints())->toBe([]);
    } finally {
        $phone->close();
    }
});

it('needs no signal from start to end, survives a dead phone and a changed plan, and counts once', function (): void {
    $client = Demo::home('Marisol');
    $before = sessionsOf($client->id);
    $server = new OwnServer;
    // The phone's clock is an hour off, and the answer to the first sending of the session is lost on the way.
    $phone = new Phone($server->base, script: <<<'JS'
        const [now, fetched] = [Date.now.bind(Date), window.fetch.bind(window)];
        Date.now = () => now() + 3600e3 + Number(sessionStorage.days ?? 0) * 864e5;
        window.fetch = async (path, ...rest) => {
            const answer = await fetched(path, ...rest);
            if (path === '/home/sessions' && !sessionStorage.lost) {
                sessionStorage.lost = 'yes';
                throw new TypeError('the answer was lost');
            }
            return answer;
        };
        JS);
    $chrome = $phone->chrome;
    $offline = static fn (bool $is) => $phone->tools('Network.emulateNetworkConditions', [
        'offline' => $is, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1,
    ]);
    try {
        $phone->enter($client);
        $chrome->until(static fn (): bool => $chrome->driver->executeAsyncScript(
            'const done = arguments[0]; caches.open("home-page").then((c) => c.match("/home"))'
                .'.then((page) => done(page !== undefined && navigator.serviceWorker.controller !== null));',
        ) === true, 'the page to be kept on the phone');
        $server->stop();
        $offline(true);
        $chrome->driver->navigate()->refresh();
        $chrome->see('No connection')->see('Start');
        $phone->look('offline');
        $phone->checkWell();
        for ($i = 0; $i < 6; $i++) {
            $phone->stepOn();
        }
        // The battery dies in the middle of it.
        $chrome->driver->get('about:blank');
        $chrome->driver->get($server->base.'/home');
        $chrome->see('Go on where you were');
        $phone->look('interrupted');
        // On another day it is not gone on with: that day has a check of its own.
        $chrome->ask('(sessionStorage.days = "1")');
        $chrome->driver->navigate()->refresh();
        $chrome->see('from another day');
        expect($chrome->text())->not->toContain('Go on where you were');
        $chrome->ask('(sessionStorage.days = "0")');
        $chrome->driver->navigate()->refresh();
        $chrome->press('Go on where you were')->see('Begin');
        // The Back key pauses, and throws nothing away.
        $chrome->driver->navigate()->back();
        $chrome->see('Take your time')->press('Go on');
        $phone->toTheEnd();
        $chrome->press('Finish')->see('not sent yet: 2');
        expect(sessionsOf($client->id))->toBe($before);
        // A week without a signal, and a week of this pregnancy that tightens a limit: the card no longer holds.
        $chrome->ask('(sessionStorage.days = "8")');
        $chrome->driver->navigate()->refresh();
        $chrome->see('Connect once')->see('not sent yet: 2');
        expect($chrome->text())->not->toContain("\nStart\n");
        $chrome->ask('(sessionStorage.days = "0")');
        // Meanwhile the clinic has made another plan.
        $plan = Demo::plan($client);
        Demo::replan($client);
        $server->start();
        $offline(false);
        $chrome->driver->navigate()->refresh();
        $chrome->until(static fn (): bool => sessionsOf($client->id) === $before + 1, 'the session to arrive', 20);
        $chrome->driver->navigate()->refresh();
        $chrome->see('Your plan was changed meanwhile')->gone('not sent yet');
        expect(sessionsOf($client->id))->toBe($before + 1);
        $log = SessionLog::query()->where('client_id', $client->id)->latest('id')->first();
        expect($log->plan_id)->toBe($plan->id)
            ->and($log->done_on)->toStartWith((string) $client->clinic->today())
            ->and($log->items()->count())->toBe($plan->items->count())
            ->and($phone->wrong())->toBe([]);
    } finally {
        $phone->close();
        $server->stop();
    }
});

it('leads through the pieces of a day one by one, and sends them as one session', function (): void {
    $client = Demo::home('Bertil');
    Demo::plan($client)->update(['structure' => 'pieces']);
    $before = sessionsOf($client->id);
    $phone = new Phone((string) getenv('BUOYANT_BASE'));
    try {
        $phone->enter($client)->checkWell();
        $pieces = 1;
        for ($i = 0; $i < 150; $i++) {
            if (str_contains($phone->chrome->text(), 'Any time today')) {
                // A piece is over: the next is begun when it suits.
                $phone->look('between pieces');
                $pieces++;
                $phone->chrome->press('Go on where you were')->see('Stop');
            }
            if (! $phone->stepOn()) {
                break;
            }
        }
        $phone->chrome->press('Finish')->see('Done for today');
        $phone->chrome->until(static fn (): bool => sessionsOf($client->id) === $before + 1, 'the session to arrive');
        $log = SessionLog::query()->where('client_id', $client->id)->with('items')->latest('id')->first();
        expect($pieces)->toBeGreaterThan(1)->and($log->items)->toHaveCount(Demo::plan($client)->items()->count())
            ->and($phone->wrong())->toBe([]);
    } finally {
        $phone->close();
    }
});

it('asks the next morning, and keeps every choice visible in forced colours', function (): void {
    $client = Demo::home('Bertil');
    $plan = Demo::plan($client);
    $log = SessionLog::query()->create([
        'client_id' => $client->id, 'plan_id' => $plan->id, 'idempotency_key' => '00000000-0000-4000-8000-000000000001',
        'done_on' => (string) $client->clinic->today()->plus(-1), 'source' => LogSource::Client, 'pain_before' => 1,
        'to_see' => true,
    ]);
    $phone = new Phone((string) getenv('BUOYANT_BASE'));
    $chrome = $phone->chrome;
    try {
        $page = Demo::page($client);
        $chrome->visit('/home/door/'.$page->code)
            ->fill('Your PIN', substr($client->birth_date, 0, 4).$page->letters)->press('Open')->see('Good morning');
        $phone->look('morning');
        $chrome->press('4')->see('more than before')->press('Next')->see('Hello, ');
        $chrome->until(static fn (): bool => $log->refresh()->pain_next_morning === 4, 'the morning to arrive');
        $phone->tools('Emulation.setEmulatedMedia', ['features' => [['name' => 'forced-colors', 'value' => 'active']]]);
        $chrome->press('Settings')->press('Strong contrast');
        $phone->look('settings in forced colours');
        $border = static fn (string $pressed): mixed => $chrome->ask(
            "getComputedStyle(document.querySelector('[aria-pressed=$pressed]')).borderTopWidth",
        );
        expect([$border('true'), $border('false')])->toBe(['8px', '3px'])->and($phone->wrong())->toBe([]);
    } finally {
        $phone->close();
    }
});

it('stops on a warning sign, stays shut, and the clinic sees it first', function (): void {
    $client = Demo::home('Bertil');
    // The check of before is still on its way when the sign is told: a slow signal opens nothing.
    $phone = new Phone((string) getenv('BUOYANT_BASE'), script: <<<'JS'
        const fetched = window.fetch.bind(window);
        window.fetch = async (path, ...rest) => {
            if (path === '/home/checks') {
                await new Promise((done) => setTimeout(done, 6000));
            }
            return fetched(path, ...rest);
        };
        JS);
    try {
        $phone->enter($client)->checkWell();
        $phone->chrome->press('◆ Stop')->press('◆ I feel one of these');
        $phone->look('which sign');
        $phone->chrome->press('pain or pressure in the chest')->see('Stop exercising');
        $phone->look('after a sign');
        expect($phone->chrome->ask('document.querySelector("a[href^=\"tel:\"]")?.href'))->toBeString();
        $phone->chrome->press('Finish')->see('Please do not exercise now');
        usleep(1_500_000);
        $phone->chrome->see('Please do not exercise now');
        $phone->chrome->until(
            static fn (): bool => SessionLog::query()->where('client_id', $client->id)->where('stop_sign', 'chest_pain')
                ->exists(), 'the sign to arrive',
        );
        $phone->chrome->driver->navigate()->refresh();
        $phone->chrome->see('Please do not exercise now');
        $phone->look('shut');
        expect($phone->chrome->text())->not->toContain("\nStart\n")->and($phone->wrong())->toBe([]);
    } finally {
        $phone->close();
    }
});

it('makes a need of what was told, in a few presses', function (): void {
    $client = Demo::home('Tevita');
    $phone = new Phone((string) getenv('BUOYANT_BASE'));
    try {
        $phone->enter($client);
        $phone->chrome->press('Ask or tell your clinic');
        $phone->look('tell');
        $phone->chrome->press('Send')->see('Write a few words first');
        $phone->chrome->press('I have new tablets')->fill('Say it in a few words', 'Small white ones, since Monday.')
            ->press('Send')->see('Your clinic gets it');
        $phone->look('told');
        $phone->chrome->until(
            static fn (): bool => Message::query()->where('client_id', $client->id)->where('kind', 'new_tablets')
                ->exists(), 'the message to arrive',
        );
        expect($phone->wrong())->toBe([]);
    } finally {
        $phone->close();
    }
});

it('locks after thirty guesses, and the clinician reads of it on Today', function (): void {
    $client = Demo::home('Greta');
    $code = Demo::page($client)->code;
    $phone = new Phone((string) getenv('BUOYANT_BASE'), 320, 640);
    try {
        $phone->chrome->visit('/home/door/'.$code);
        $phone->look('door');
        $phone->chrome->driver->executeAsyncScript(
            'const done = arguments[1]; (async () => { for (let i = 0; i < 30; i++) { await fetch("/home/door", '
                .'{ method: "POST", body: new URLSearchParams({ code: arguments[0], pin: "1900XXXX" }) }); } })()'
                .'.then(() => done(true));', [$code],
        );
        $phone->chrome->fill('Your PIN', substr($client->birth_date, 0, 4).Demo::page($client)->letters)->press('Open')
            ->see('this page is locked');
        $phone->look('locked');
        expect($phone->wrong())->toBe([]);
    } finally {
        $phone->close();
    }
    $clinic = new Chrome((string) getenv('BUOYANT_BASE'));
    try {
        $clinic->visit('/sign-in')->fill('Email', Demo::clinicianOf($client))
            ->fill('Password', DemoAccounts::PASSWORD)->press('Sign in')->see('Tells the page at home is locked');
    } finally {
        $clinic->close();
    }
});
