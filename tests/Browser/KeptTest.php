<?php

declare(strict_types=1);

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

/** What is typed is kept, what was decided can be taken back, and nothing happens that nobody asked for. */
beforeEach(function (): void {
    $this->chrome = Chrome::signedIn();
});

afterEach(function (): void {
    try {
        expect($this->chrome->complaints())->toBe([]);
    } finally {
        $this->chrome->close();
    }
});

function keptEntries(Chrome $chrome): array
{
    return (array) $chrome->ask('Object.entries(localStorage).filter(([k]) => k.startsWith("buoyant.kept."))');
}

it('offers again what was typed, after a reload, after Back and after a session that ended', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/8/screen')->fill('What they want to do again', 'dance at the wedding');
    $chrome->until(static fn (): bool => keptEntries($chrome) !== [], 'something kept');
    // Readable by nobody who merely opens the browser.
    expect(json_encode(keptEntries($chrome)))->not->toContain('dance')->not->toContain('wedding');
    $chrome->driver->navigate()->refresh();
    $chrome->see('You typed something here that was not saved')->press('Put it back');
    expect($chrome->value('What they want to do again'))->toBe('dance at the wedding');
    $chrome->press('Kit')->see('Save kit');
    $chrome->driver->navigate()->back();
    $chrome->see('You typed something here that was not saved')->press('Put it back');
    // The session ends while the page is open: the save leads to the sign-in, and what was typed waits behind it.
    $chrome->driver->manage()->deleteAllCookies();
    $chrome->press('Save screen')->see('This page was open too long')->see('What you typed is still here.');
    expect($chrome->value('What they want to do again'))->toBe('dance at the wedding');
    $chrome->complaints();
    $chrome->visit('/sign-in')->fill('Email', DemoAccounts::CLINICIAN)->fill(
        'Password', DemoAccounts::PASSWORD,
    )->press('Sign in')->see('Typed and not saved')->press('Screen: ');
    $chrome->see(
        'You typed something here that was not saved',
    )->press('Put it back')->press('Save screen')->see('Screen saved');
    $chrome->until(static fn (): bool => keptEntries($chrome) === [], 'nothing kept after the save');
    $chrome->visit('/clients/8/screen')->see('Save screen');
    usleep(300_000);
    expect($chrome->text())->not->toContain('was not saved')->and(
        $chrome->value('What they want to do again'),
    )->toBe('dance at the wedding');
});

it('keeps nothing of what was saved, though the wait for keeping it ends between the save and the '
    .'drawing', function (): void {
        $chrome = $this->chrome;
        $chrome->visit('/clients/9/screen')->see('Save screen');
        // The page's own wait is a quarter of a second; here it ends in the very moment after the save.
        $chrome->driver->executeScript(<<<'JS'
        const [start, stop] = [window.setTimeout, window.clearTimeout];
        const waiting = new Map();
        let next = -1;
        window.setTimeout = (f, ms, ...rest) => (ms === 250 ? (waiting.set(next, f), next--) : start(f, ms, ...rest));
        window.clearTimeout = (id) => (waiting.delete(id), stop(id));
        document.addEventListener('inertia:success', () => queueMicrotask(() => waiting.forEach((f) => f())));
        JS);
        // Another text at each run: what is saved already would be no change, and nothing to keep.
        $chrome->fill(
            'What they want to do again', 'walk the dog '.bin2hex(random_bytes(3)),
        )->press('Save screen')->see('Screen saved');
        usleep(300_000);
        expect(keptEntries($chrome))->toBe([]);
    });

it('keeps what is typed on every page with a form, throws it away when told, and all of it at a '
    .'sign-out', function (): void {
        $chrome = $this->chrome;
        foreach ([
            'measure' => ['Tandem stand, s', '7'], 'gate' => ['Pain at rest, 0-10', '2'],
            'kit' => ['Mass of Can 400 g, kg', '0.45'],
        ] as $stage => [$field, $typed]) {
            $chrome->visit("/clients/7/$stage")->fill($field, $typed);
            usleep(500_000);
            $chrome->visit("/clients/7/$stage")->see('You typed something here that was not saved');
        }
        $chrome->visit('/clients/2/log')->fill('Note', 'tired');
        usleep(500_000);
        $chrome->visit('/clients/2/log')->see('You typed something here that was not saved');
        expect(keptEntries($chrome))->toHaveCount(4);
        $chrome->press('Throw it away')->gone('was not saved');
        $chrome->until(static fn (): bool => count(keptEntries($chrome)) === 3, 'one less');
        $chrome->press('Sign out')->see('Forgot the password');
        expect(keptEntries($chrome))->toBe([]);
    });

it('writes nothing down after a sign-out that was typed just before it', function (): void {
    $chrome = $this->chrome;
    // The page's wait before it writes down never ends, so that the typing is still to be written at the sign-out.
    $chrome->visit('/clients/7/measure')->see('30 s chair stand');
    $chrome->driver->executeScript(
        'const start = window.setTimeout; window.setTimeout = (f, ms, ...rest) => (ms === 250 ? 0 : start(f, ms, '
            .'...rest));',
    );
    $chrome->fill('Tandem stand, s', '8')->press('Sign out');
    $chrome->see('Forgot the password');
    usleep(500_000);
    expect(keptEntries($chrome))->toBe([]);
});

it('keeps nothing on the page a client answers at home', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/10/screen')->press('Make a link')->see('it is shown once');
    $link = $chrome->driver->findElement(WebDriverBy::cssSelector('section[aria-label="From home"] code'))->getText();
    $chrome->press('Sign out')->see('Forgot the password');
    $chrome->visit((string) parse_url($link, PHP_URL_PATH))->fill(
        'What would you like to be able to do again?', 'my secret',
    );
    usleep(500_000);
    expect((int) $chrome->ask('localStorage.length'))->toBe(0);
});

it('shows nothing of a record by the Back button after a sign-out', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/1/screen')->press('Plan')->see('Draft anew')->press('Limits')->see('The tightest value');
    $chrome->press('Sign out')->see('Forgot the password');
    foreach (range(1, 3) as $_) {
        $chrome->driver->navigate()->back();
        usleep(500_000);
        expect($chrome->text())->not->toContain('Ilse')->not->toContain('Varga');
    }
});

it('does nothing by a letter without a chosen line, behind a dialog, or for who switched letters '
    .'off', function (): void {
        $chrome = $this->chrome;
        $open = static fn (): int => (int) $chrome->ask('document.querySelectorAll("main ol > li button").length');
        $chrome->visit('/clients/2/review')->see(' to decide after');
        $before = $open();
        $chrome->letGo()->type('a', 'r', 'e');
        usleep(600_000);
        expect($open())->toBe($before)->and($chrome->text())->not->toContain('Accepted.')->not->toContain(
            'Change and accept',
        );
        $chrome->type('j')->until(
            static fn (): bool => str_starts_with((string) $chrome->ask('document.activeElement.id'), 'proposal-'),
            'the first proposal, chosen',
        );
        $chrome->type('?')->see('Single letters and signs are commands')->type('a', 'r', 'e', 'g', 't');
        usleep(600_000);
        expect($chrome->text())->not->toContain('Accepted.');
        $chrome->tick(
            'Single letters and signs are commands',
        )->see('Single letters do nothing now.')->type(WebDriverKeys::ESCAPE)->gone('the proposal that j or k');
        $chrome->letGo()->type('j', 'a');
        usleep(600_000);
        expect($chrome->text())->not->toContain('Accepted.')->not->toContain('j and k choose a line');
        // On again; chosen, accepted, and taken back.
        $chrome->press('?')->tick(
            'Single letters and signs are commands',
        )->see('commands again.')->type(WebDriverKeys::ESCAPE)->gone('the proposal that j or k');
        $chrome->letGo()->type('j', 'a')->see('Accepted.')->see(
            'Decided after this session',
        )->press('Take back')->see('it is open again.')->gone('Decided after this session');
    });

it('changes no default of the clinic by an arrow key', function (): void {
    $this->chrome->close();
    $this->chrome = $chrome = Chrome::signedIn(DemoAccounts::LEAD);
    $chrome->visit('/rulebook')->tick('none at all', 'Pain during exercise');
    $chrome->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $chrome->see('Set for every client');
    usleep(500_000);
    expect($chrome->text())->not->toContain('default is set');
    $chrome->press('Leave as it is')->gone('Set for every client');
    $chrome->tick(
        'lb', 'Masses shown and typed in',
    )->press('Set for every client')->see('unit is set')->tick(
        'kg', 'Masses shown and typed in',
    )->press('Set for every client')->see('unit is set');
});

it('says on the paper itself that a sheet is a draft, out of date, or stopped', function (): void {
    $chrome = $this->chrome;
    $shown = static fn (): string => (string) $chrome->ask(
        '[...document.querySelectorAll("article p")].filter((p) => p.offsetParent !== null || '
            .'getComputedStyle(p).position === "fixed").slice(0, 4).map((p) => p.innerText).join(" ")',
    );
    // Somebody may have cleared it earlier on: then it was by mistake.
    $chrome->visit('/clients/5/review')->see('Red flag o');
    if (str_contains($chrome->text(), 'Open it again')) {
        $chrome->press('Open it again')->see('open again.');
    }
    foreach (['/clients/5/sheet' => 'DO NOT START', '/clients/7/sheet' => 'DRAFT'] as $path => $mark) {
        $chrome->visit($path)->see($mark);
        $chrome->printed();
        expect($shown())->toContain($mark)
            ->and(
                (string) $chrome->ask('getComputedStyle(document.querySelector(".on-every-page")).position'),
            )->toBe('fixed');
    }
});

it('opens the reasons on the screen of a phone, and closes them there', function (): void {
    $chrome = $this->chrome;
    $chrome->size(390, 844);
    $chrome->visit('/clients/1/plan')->see('Limits in force');
    foreach ([0, 2, 4] as $n) {
        $chrome->driver->executeScript(
            "const b = document.querySelectorAll('[data-because]')[$n];"
            ."b.scrollIntoView({ block: 'center' }); b.click();",
        );
        $chrome->see('Because');
        $box = (array) $chrome->ask(
            '(() => { const r = [...document.querySelectorAll("h3")].find((h) => h.innerText === '
                .'"Because").parentElement.parentElement.getBoundingClientRect(); return [r.left, r.top, r.right, '
                .'r.bottom]; })()',
        );
        expect($box[0])
            ->toBeGreaterThanOrEqual(0)
            ->and($box[1])
            ->toBeGreaterThanOrEqual(0)
            ->and($box[2])
            ->toBeLessThanOrEqual(390)
            ->and($box[3])
            ->toBeLessThanOrEqual(844);
        $chrome->press('Close')->gone('Because');
    }
});

it('brings the verdict of the gate into view, wherever the page stood', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/9/gate')->fill('Pain at rest, 0-10', '0');
    $chrome->press('Check')->see('Checked and kept.');
    $chrome->until(static function () use ($chrome): bool {
        $top = (float) $chrome->ask(
            'document.querySelector("section[aria-label=\"Latest check\"] h2").getBoundingClientRect().top',
        );

        return $top >= 0 && $top < 500;
    }, 'the verdict in view');
    expect((string) $chrome->ask('document.activeElement.getAttribute("aria-label")'))->toBe('Latest check');
});

it('shows both when two windows changed one screen, and saves what was chosen', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/9/screen')->see('Save screen');
    $first = $chrome->driver->getWindowHandle();
    $chrome->driver->switchTo()->newWindow();
    $chrome->size(1280, 800);
    $chrome->visit('/clients/9/screen')->fill(
        'Minutes a session', '25',
    )->fill('Height, cm', '171')->press('Save screen')->see('Screen saved');
    $chrome->driver->close();
    $chrome->driver->switchTo()->window($first);
    $chrome->fill('Minutes a session', '35')->fill('What they want to do again', 'swim')->press('Save screen')->see(
        'You, in another window, saved this meanwhile',
    )->see('Taken over from there')->see('Minutes a session');
    expect($chrome->axe())->toBe([])->and($chrome->value('Height, cm'))->toBe('171')->and(
        $chrome->value('Minutes a session'),
    )->toBe('35');
    $chrome->press('Take theirs')->see('theirs taken');
    expect($chrome->value('Minutes a session'))->toBe('25');
    $chrome->press('Save screen')->see('Screen saved')->gone('in another window');
    $chrome->visit('/clients/9/screen')->see('Save screen');
    expect(
        [
            $chrome->value('Minutes a session'), $chrome->value('Height, cm'),
            $chrome->value('What they want to do again'),
        ],
    )->toBe(['25', '171', 'swim']);
});

it('shows on Plan what somebody else changed and what one wanted oneself, and makes it on the plan as it is '
    .'now', function (): void {
        $chrome = $this->chrome;
        $chrome->visit('/clients/4/plan')->see('Limits in force');
        $chrome->driver->findElement(WebDriverBy::xpath('//main//h3/button[contains(., "Seat rise")]'))->click();
        $chrome->fill('Sets', '1');
        $first = $chrome->driver->getWindowHandle();
        $chrome->driver->switchTo()->newWindow();
        $chrome->size(1280, 800);
        $chrome->visit('/clients/4/plan')->press('▽ easier', 2)->see('Swapped.');
        $chrome->driver->close();
        $chrome->driver->switchTo()->window($first);
        $chrome->press('Change dose')->see(
            'Someone changed this plan meanwhile (R. Okonjo: another rung',
        )->see('Yours, not saved: Seat rise');
        expect($chrome->value('Sets'))->toBe('1');
        $chrome->press(
            'Make my change on the plan as it is now',
        )->see('Dose changed.')->gone('Someone changed this plan');
        $chrome->press('Take back')->see('Taken back')->press('Take back')->see('Taken back: Another rung');
    });

it('takes back a draft that was made anew, and an exercise that was taken out', function (): void {
    $chrome = $this->chrome;
    $names = static fn (): array => array_map(
        static fn ($h): string => (string) preg_replace(['/[▸▾].*/u', '/^↕\s*/u'], '', $h->getText()),
        $chrome->driver->findElements(WebDriverBy::cssSelector('main [role=listitem] h3')),
    );
    $chrome->visit('/clients/2/plan')->see('Draft anew');
    $before = $names();
    $chrome->press('Draft anew')->press('Draft it anew')->see('drafted.')->see('Take back: A plan drafted anew');
    $chrome->press('Take back')->see('Taken back');
    $chrome->until(static fn (): bool => $names() === $before, 'the exercises as they were');
    // Not the warm-up: this client's heart keeps it in.
    $rows = WebDriverBy::cssSelector('main [role=listitem] h3 button[aria-expanded]');
    $chrome->driver->findElements($rows)[1]->click();
    $chrome->press('Take out')->see('Taken out.')->press('Take back')->see('Taken back: Taken out');
    $chrome->until(static fn (): bool => $names() === $before, 'the exercise that was taken out');
});

it('takes a decimal comma, asks twice about an unusual dose, and remembers it when the answer was '
    .'lost', function (): void {
        $chrome = $this->chrome;
        $chrome->visit('/clients/4/plan')->see('Limits in force');
        $chrome->driver->findElement(WebDriverBy::xpath('//main//h3/button[contains(., "Tote row")]'))->click();
        $load = str_replace('.', ',', $chrome->value('Load, kg'));
        $chrome->fill('Load, kg', $load)->fill('Sets', '7')->press('Change dose')->see('up to 6 are usual');
        expect($chrome->value('Sets'))->toBe('7')->and($chrome->value('Load, kg'))->toBe($load);
        $chrome->tick('It is meant')->press('Change dose')->see(
            'Dose changed.',
        )->see('7 ×')->press('Take back')->see('Taken back');
    });

it('keeps a set-up of their own, and offers nothing again that was just saved, however fast', function (): void {
    $chrome = $this->chrome;
    $offered = static fn (): bool => str_contains($chrome->text(), 'You typed something here');
    $chrome->visit('/clients/1/plan')->see('Limits in force');
    $chrome->driver->findElement(WebDriverBy::xpath('//main//h3/button[contains(., "Seat rise")]'))->click();
    $box = 'Their own set-up of '.$chrome->ask('document.querySelector("main h3 button[aria-expanded=true]").firstChild'
        .'.textContent.trim()');
    // Pressed before the browser has written down what was typed: in one go, as by the Enter key.
    $chrome->fill($box, 'three books');
    $chrome->driver->executeScript(
        '[...document.querySelectorAll("button")].find((b) => b.innerText.startsWith("Keep set-up")).click()',
    );
    $chrome->see('For them: three books');
    usleep(500_000);
    expect($offered())->toBeFalse()->and($chrome->value($box))->toBe('three books');
    $chrome->press('Take back')->see('Taken back')->gone('For them: three books');
    expect($chrome->value($box))->toBe('')->and($offered())->toBeFalse();
    $chrome->fill('Sets', '1');
    $chrome->driver->executeScript(
        '[...document.querySelectorAll("button")].find((b) => b.innerText === "Change dose").click()',
    );
    $chrome->see('Dose changed.');
    usleep(500_000);
    expect($offered())->toBeFalse();
    $chrome->press('Take back')->see('Taken back');
});

it('corrects a session and shows what it said before', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/2/log')->press('correct')->see(
        'Correct the session of',
    )->fill('Pain before, 0-10', '6')->press('Save the correction')->see('Session saved.');
    $chrome->visit('/clients/2/log')->see('changed once since it was entered');
    $chrome->driver->findElement(WebDriverBy::xpath('//summary[contains(., "changed once")]'))->click();
    $chrome->see('pain before 1');
    expect($chrome->axe())->toBe([]);
});
