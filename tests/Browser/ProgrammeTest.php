<?php

declare(strict_types=1);

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

/** A programme on the desk: drafted by what is wanted, built of parts, put into another order, printed. */
beforeEach(function (): void {
    $this->chrome = Chrome::signedIn(DemoAccounts::OTHER_CLINIC);
    $this->names = fn (): array => array_map(
        static fn ($h): string => trim((string) preg_replace(['/[▸▾].*/u', '/^↕\s*/u'], '', $h->getText())),
        $this->chrome->driver->findElements(WebDriverBy::cssSelector('main [role=listitem] h3')),
    );
});

afterEach(function (): void {
    try {
        expect($this->chrome->complaints())->toBe([]);
    } finally {
        $this->chrome->close();
    }
});

it('drafts anew by goals and wishes that are chosen, asks first, and takes all of it back', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/18/plan')->see('Limits in force');
    $before = ($this->names)();
    $chrome->press('Draft anew')->see('What they want to do again')->see('Read from');
    expect($chrome->axe())->toBe([]);
    $chrome->choose('Add a goal', 'Reach a high shelf')->press('Up: goal Reach a high shelf')
        ->choose('Or a position, or a kind of exercise', 'Any balance')->fill('Exercises at most', '99')
        ->press('Draft it anew')->see('From 1 to 12 exercises, for example 6');
    // Nothing of what was chosen is lost by that.
    $chrome->see('Reach a high shelf')->see('Any balance')->fill('Exercises at most', '5')->press('Draft it anew')
        ->see('drafted.')->see('to reach a high shelf')->gone('One-leg stance');
    $chrome->press('Take back')->see('Taken back');
    $chrome->until(fn (): bool => ($this->names)() === $before, 'the exercises as they were');
    $chrome->press('Make again')->see('Made again')->see('to reach a high shelf');
    $chrome->press('Take back')->see('Taken back');
});

it('builds the session of parts, moves an exercise by keyboard, and prints both forms of the sheet', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/20/plan')->see('Main part');
    $chrome->press('circuit')->choose('Structure', 'pairs')->tick('An easy round first, without a load')
        ->press('Build it so')->see('Parts of the session changed.')->see('Wake the muscles up');
    expect($chrome->axe())->toBe([]);
    // What was built is put away, and is there once when it is asked for again.
    expect($chrome->ask('document.querySelectorAll("form[aria-label=\'Parts of the session\']").length'))->toBe(0);

    // Space takes it up, the arrow moves it, space lays it down.
    $names = ($this->names)();
    $handle = $chrome->driver->findElements(WebDriverBy::cssSelector('button[aria-roledescription]'))[2];
    $handle->sendKeys(WebDriverKeys::SPACE);
    usleep(400_000);
    $handle->sendKeys(WebDriverKeys::ARROW_DOWN);
    usleep(400_000);
    $handle->sendKeys(WebDriverKeys::SPACE);
    $chrome->see('Moved.');
    $moved = [...array_slice($names, 0, 2), $names[3], $names[2], ...array_slice($names, 4)];
    $chrome->until(fn (): bool => ($this->names)() === $moved, 'the exercise one place further down');

    $chrome->visit('/clients/20/sheet')->see('Wake the muscles up')->see('Tick each set you have done')->see('DRAFT');
    expect($chrome->axe())->toBe([]);
    $chrome->press('On one page')->gone('Tick each set you have done')->see('Stop at once and call');
    expect($chrome->axe())->toBe([]);
});

it('splits the week, and shows each day by itself, on the page and on the sheet', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/19/plan')->see('Main part');
    $all = ($this->names)();
    $chrome->press('circuit')->choose('Its days', 'legs one day, arms and trunk the next')->press('Build it so')
        ->see('Parts of the session changed.');
    $first = ($this->names)();
    expect($first)->not->toBe($all)->and(array_diff($first, $all))->toBe([]);
    $days = $chrome->driver->findElements(WebDriverBy::cssSelector('[aria-label="The session of"] button'));
    expect($days)->toHaveCount(2)->and($days[0]->getAttribute('aria-pressed'))->toBe('true');
    $days[1]->click();
    $chrome->until(fn (): bool => ($this->names)() !== $first, 'the other day');
    expect(array_diff($all, [...$first, ...($this->names)()]))->toBe([])->and($chrome->axe())->toBe([]);
    $chrome->visit('/clients/19/sheet')->see('Tick each set you have done');
    expect(substr_count($chrome->text(), 'Warm-up'))->toBe(2)->and($chrome->axe())->toBe([]);
    $chrome->visit('/clients/19/plan')->press('Take back')->see('Taken back');
});

it('logs a light day as one without being asked, by its date', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/22/plan')->see('Main part')->press('circuit')
        ->choose('Its days', 'a heavy day, then a light one')->press('Build it so')
        ->see('Parts of the session changed.')->press('Issue version')->see('As PDF');
    $ticked = static fn (): int => $chrome->ask(
        '[...document.querySelectorAll("main label")].filter(l => l.innerText.startsWith("light day"))'
        .'.filter(l => l.querySelector("input").checked).length',
    );
    // Tuesday is a full day, Friday the light one.
    $chrome->visit('/clients/22/log')->fill('Day', date('Y-m-d', strtotime('last Friday')));
    $chrome->until(static fn (): bool => $ticked() > 0, 'light days to be ticked');
    $chrome->fill('Day', date('Y-m-d', strtotime('last Tuesday')));
    $chrome->until(static fn (): bool => $ticked() === 0, 'light days to be unticked');
    expect($chrome->axe())->toBe([]);
});

it('goes from an empty screen to the sheet in hand by keyboard alone, in few actions', function (): void {
    $chrome = $this->chrome;
    $tab = WebDriverKeys::TAB;
    $enter = WebDriverKeys::ENTER;
    $space = WebDriverKeys::SPACE;
    $last = WebDriverKeys::ARROW_LEFT;
    $actions = 0;
    // What is typed into one field is one action, and so is every other key.
    $type = static function (string ...$keys) use ($chrome, &$actions): Chrome {
        $actions += count($keys);

        return $chrome->type(...$keys);
    };

    // To what comes next on the page; a page that has just come listens a moment after it is seen.
    $next = static function () use ($chrome, $type): void {
        usleep(300_000);
        $type('w');
        $chrome->until(
            static fn (): bool => $chrome->ask('document.activeElement.hasAttribute("data-next")') === true,
            'the focus on what comes next',
        );
    };

    $chrome->visit('/clients/new')->field('Given name')->click();
    $type('Sefa', $tab, 'Lindgren-Ochoa', $tab, '1951-06-07', $tab, $space, $tab, '64', $tab, '162');
    // Past the unit of mass and the training. Hands, standing and floor at their best, which is the last choice of
    // each; at home someone is there. Then a fragile bone, found by its first letters.
    $type($tab, $tab, $tab, $last, $tab, $last, $tab, $last, $tab, $last, $tab, WebDriverKeys::ARROW_RIGHT);
    $type(...array_fill(0, 6, $tab));
    $type('osteopor');
    $chrome->gone('Hypertension, controlled');
    $type($tab, $space, $enter);
    $chrome->see('Screen saved')->see('Osteoporosis');

    $type('g', 'm');
    $chrome->see('Enter a result to save');
    $next();
    $type('9', WebDriverKeys::ARROW_DOWN, '6', $enter);
    $chrome->see('2 results saved')->see('Enter a result to save');
    $type(WebDriverKeys::ESCAPE, 'g', 'k');
    $chrome->see('Nothing yet');
    $next();
    $type($enter, $tab, $enter, 's', $enter);
    $chrome->see('Kit saved');

    $type('g', 'p');
    $chrome->see('No plan yet');
    $next();
    $type($enter);
    $chrome->see('Warm-up')->see('Version 1, draft');
    $next();
    $type($enter);
    $chrome->see('As PDF')->gone('DRAFT');
    $next();
    $pdf = $chrome->ask(
        '(() => { const r = new XMLHttpRequest(); r.open("GET", document.activeElement.href, false); r.send();'
        .'return [r.status, r.getResponseHeader("content-type"), r.responseText.slice(0, 5)]; })()',
    );
    expect($pdf)->toBe([200, 'application/pdf', '%PDF-'])->and($actions)->toBeLessThan(60);
    fwrite(STDERR, "\nFrom an empty screen to the PDF, with a condition, measures and a kit: $actions actions\n");
});
