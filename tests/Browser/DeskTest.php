<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

/** A day at the desk: what is worked through by keyboard, what lights up, what stays typed. */
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

it('works through Today by keys alone', function (): void {
    $chrome = $this->chrome;
    $focused = static fn (): string => (string) $chrome->ask('document.activeElement.innerText');
    // The first press chooses the first line; only then is there one to move from.
    $chrome->letGo()->type('j', 'j');
    $second = $focused();
    $chrome->type('k');
    $first = $focused();
    expect($first)->not->toBe($second)->and($first)->not->toBe('');
    // At the top of the list there is nowhere further up.
    $chrome->type('k');
    expect($focused())->toBe($first);
    $chrome->type(WebDriverKeys::ENTER)->see('Limits in force');
    $chrome->letGo()->type('g', 't')->see('need you');
});

it('shows all keys, goes to every stage by its letter, and leaves letters alone while one types', function (): void {
    $chrome = $this->chrome;
    $chrome->letGo()->type('?')->see('accept, edit, refuse the proposal');
    $chrome->type(WebDriverKeys::ESCAPE)->gone('accept, edit, refuse the proposal');
    $chrome->visit('/clients/1/plan');
    $here = static fn (): string => (string) $chrome->ask(
        'document.querySelector("nav[aria-label=Stages] [aria-current=page]").innerText',
    );
    foreach ([
        's' => 'Screen', 'm' => 'Measure', 'l' => 'Limits', 'k' => 'Kit', 'h' => 'Sheet', 'c' => 'Gate', 'o' => 'Log',
        'v' => 'Review', 'p' => 'Plan',
    ] as $letter => $stage) {
        $chrome->letGo()->type('g', $letter);
        $chrome->until(static fn (): bool => str_starts_with($here(), $stage), "the stage $stage after g $letter");
    }
    $chrome->visit('/clients/1/screen')->fill('Given name', 'gkgm?');
    expect($chrome->value('Given name'))->toBe('gkgm?')->and(str_starts_with($here(), 'Screen'))->toBeTrue();
});

it('finds commands as well as clients, and nothing of another clinic', function (): void {
    $chrome = $this->chrome;
    $options = static fn (): array => array_map(
        static fn ($o): string => $o->getText(),
        $chrome->driver->findElements(WebDriverBy::xpath('//*[@role="option"]')),
    );
    $chrome->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'k']);
    $chrome->type('rule');
    $chrome->until(
        static fn (): bool => count($options()) === 1 && str_contains($options()[0], 'Rulebook'),
        'the rulebook among the found',
    );
    $chrome->type(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER)->see('Where practitioners disagree');
    $chrome->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'k']);
    $chrome->type('harbour');
    usleep(500_000);
    expect($options())->toBe([]);
});

/** The version that the draft on the page would be issued as. */
function nextVersion(Chrome $chrome): string
{
    $chrome->see('Issue version');

    return (string) $chrome->ask('document.body.innerText.match(/Issue version (\\d+)/)[1]');
}

it('lights up the limits that shape a dose, and the doses that a limit shapes', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/1/plan')->see('Limits in force');
    $lit = static fn (): int => (int) $chrome->ask('document.querySelectorAll("aside a.outline-2").length');
    expect($lit())->toBe(0);
    $chrome->driver->executeScript(
        '[...document.querySelectorAll("[data-because]")].find((b) => b.textContent.includes("Tote row")).focus()',
    );
    $chrome->until(static fn (): bool => $lit() >= 2, 'the limits that shape the row');
    $chrome->letGo();
    $chrome->driver->executeScript(
        '[...document.querySelectorAll("aside a")].find((a) => a.textContent.includes("60 % of 1RM")).focus()',
    );
    $chrome->until(
        static fn (): bool => (int) $chrome->ask(
            'document.querySelectorAll("main [role=listitem].bg-shallow").length',
        ) >= 1,
        'the doses that the load limit shapes',
    );
    // From the limit it is one more step to everyone who asked for it.
    $chrome->type(WebDriverKeys::ENTER)->see('The tightest value of each field wins.');
    expect($chrome->ask('location.hash'))->toBe('#load_pct_max');
});

it('opens the reasons of a number by keyboard and closes them again', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/1/plan')->see('Limits in force');
    $chrome->driver->executeScript('document.querySelectorAll("[data-because]")[2].focus()');
    $chrome->type(WebDriverKeys::ENTER)->see('Because')->see('Goal');
    expect($chrome->ask('document.activeElement.getAttribute("aria-expanded")'))->toBe('true');
    $chrome->type(WebDriverKeys::ESCAPE)->gone('Because');
});

it('takes a result by stopwatch and by counter, and a test that was not done with its reason', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/8/measure')->see('30 s chair stand');
    $chrome->press('Start 30 s');
    foreach (range(1, 3) as $_) {
        $chrome->press('+1');
    }
    $chrome->see('3 in ')->press('Stop');
    expect($chrome->value('30 s chair stand, stands'))->toBe('3');
    $chrome->press('Start clock');
    usleep(1_200_000);
    $chrome->press('Stop');
    expect((float) $chrome->value('Tandem stand, s'))->toBeGreaterThan(1.0)->toBeLessThan(6.0);
    $chrome->fill('Tandem stand, s', '61')->fill(
        'Hand grip not tested, because', 'painful thumb',
    )->press('Save 3 results')->see('Tandem stand');
    $chrome->until(
        static fn (): bool => (int) $chrome->ask('document.querySelectorAll("[role=alert]").length') >= 1,
        'the error at the tandem stand',
    );
    // What was typed is still there, and one mended value is enough.
    expect($chrome->value('Hand grip not tested, because'))->toBe('painful thumb');
    $chrome->fill('Tandem stand, s', '7')->press('Save 3 results')->see('3 results saved.')->see(
        'not tested: painful thumb',
    );
});

it('edits a proposal by key, keeps a wrong load in the box, and takes one as the page shows it', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/4/review')->see('to decide');
    $chrome->letGo()->type('j', 'k', 'e')->see('Change and accept');
    $chrome->fill('Sets', '0')->press('Change and accept');
    $chrome->until(
        static fn (): bool => (int) $chrome->ask('document.querySelectorAll("[role=alert]").length') >= 1,
        'the error at the sets',
    );
    expect($chrome->value('Sets'))->toBe('0');
    $chrome->fill('Sets', '1')->press('Change and accept')->see('Changed and accepted.')->see('Record of decisions');
});

it('keeps a client stopped until somebody says who looked and what was found', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/5/review')->see('Red flag on')->see(
        'Nothing is decided until the red flag is cleared',
    )->press('Clear the red flag')->see('Say who examined it and what was found.');
    $chrome->fill(
        'Cleared by whom, and what was found', 'Dr Amari, pressure tablets halved',
    )->press('Clear the red flag')->see('Red flag cleared.')->gone('Nothing resumes until');
    $chrome->see('Dr Amari, pressure tablets halved');
    $chrome->visit('/')->see('need you')->gone('Nothing resumes until you clear it');
});

it('confirms what may loosen only with a finding, and shows it at once', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/5/limits')->see('first block is over')->press('Confirm');
    $chrome->until(
        static fn (): bool => (int) $chrome->ask('document.querySelectorAll("[role=alert]").length') >= 1,
        'the error at the finding',
    );
    $chrome->see('up to 60 % of 1RM');
    $chrome->fill(
        'What you found', 'sound form in all sets',
    )->press('Confirm')->gone('first block is over')->gone('Load up to 60 % of 1RM');
});

it('takes over what a client answered at home, line by line', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/1/screen')->press('Make a link')->see('it is shown once');
    $link = $chrome->driver->findElement(WebDriverBy::cssSelector('section[aria-label="From home"] code'))->getText();
    $chrome->size(390, 844);
    $chrome->visit((string) parse_url($link, PHP_URL_PATH))->see('Before your visit, Ilse');
    $chrome->tick('Somebody')->fill(
        'What would you like to be able to do again?', 'kneel to weed',
    )->press('Send my answers')->see('Thank you, Ilse.');
    $chrome->size(1280, 800);
    $chrome->visit('/clients/1/screen')->see(
        '2 of 2 answers to look at',
    )->press('Take over')->see('Taken over.')->see('1 of 2 answers to look at');
    $chrome->press('Leave')->see('Left as it was.')->see('0 of 2 answers to look at');
    $chrome->visit('/clients/1/screen')->see('someone at home');
    expect($chrome->value('What they want to do again'))->toBe('get off the toilet without the rail');
    // Asked again, the same link answers that it was used.
    $chrome->visit((string) parse_url($link, PHP_URL_PATH))->see('Thank you, Ilse.');
});

it('types and shows pounds for a client who thinks in them, and keeps the grams', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/7/screen')->tick('lb', 'Masses shown in')->press('Save screen')->see('Screen saved');
    $chrome->visit('/clients/7/kit')->see('lb each');
    expect($chrome->value('Mass of Can 400 g, lb'))->toBe('1.058');
    // Saved untouched, nothing drifts.
    $chrome->press('Save kit')->see('Kit saved.');
    expect($chrome->value('Mass of Can 400 g, lb'))->toBe('1.058');
    $chrome->fill('Mass of Can 400 g, lb', '2.50');
    expect($chrome->value('Mass of Can 400 g, lb'))->toBe('2.50');
    $chrome->fill('Mass of Dumbbell 2 kg, lb', '900')->press('Save kit')->see('Mass must be from 0 lb to 220.46 lb');
    $chrome->fill('Mass of Dumbbell 2 kg, lb', '4.409')->press('Save kit')->see('Kit saved.')->see(' lb to ');
    $chrome->visit('/clients/7/plan')->see('goal')->see(' lb');
    expect($chrome->text())->not->toContain(' kg');
    $chrome->visit('/clients/7/screen')->tick(
        'clinic\'s unit', 'Masses shown in',
    )->press('Save screen')->see('Screen saved');
    $chrome->visit('/clients/7/kit')->see('kg each');
    // 2.50 lb are 1134 g.
    expect($chrome->value('Mass of Can 400 g, kg'))->toBe('1.134');
    // A unit typed behind the number counts: 2 lb are 907 g.
    $chrome->fill('Mass of Can 400 g, kg', '2 lb');
    expect($chrome->value('Mass of Can 400 g, kg'))->toBe('2 lb');
    $chrome->press('Save kit')->see('Kit saved.');
    expect($chrome->value('Mass of Can 400 g, kg'))->toBe('0.907');
});

it('asks for an ordered figure only of a condition that has one', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/new')->tick('Hernia')->see('Ordered lift limit')->fill(
        'Ordered lift limit, both hands together, kg', 'light',
    );
    $chrome->press('Save and measure')->see('An ordered lift limit is from');
    expect($chrome->value('Ordered lift limit, both hands together, kg'))->toBe('light');
    $chrome->tick('Hernia')->gone('Ordered lift limit');
});

it('asks about pregnancy and birth only where they can be', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/new')->fill('Birth date', '1990-05-05')->see('Pregnant: due date');
    $chrome->tick('male', 'Sex, for the norms')->gone('Pregnant: due date');
    $chrome->tick(
        'female', 'Sex, for the norms',
    )->see('Pregnant: due date')->fill('Birth date', '1940-05-05')->gone('Pregnant: due date')->gone('Gave birth on');
});

it('finds an exercise by any name, says so where there is none, and offers the nearest', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/exercises')->see('families');
    $box = $chrome->driver->findElement(WebDriverBy::cssSelector('input[type="search"]'));
    $first = static fn (): string => (string) $chrome->ask('document.querySelector("main ol li a")?.innerText ?? ""');
    foreach ([
        'leg press' => 'Rise from a seat', 'bird dogs' => 'Four-point reach', 'sqaut' => 'Squat to a target',
    ] as $typed => $meant) {
        $box->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $box->sendKeys($typed);
        $chrome->until(static fn (): bool => $first() === $meant, "$meant first for $typed");
    }
    $chrome->see('the best first');
    $box->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $box->sendKeys('zebra squatting');
    $chrome->see('Nothing goes by that name; these come nearest');
    expect($chrome->axe())->toBe([]);
});

it('copies an exercise as the clinic\'s own, finds it, and takes it out of use', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/exercises/heel_raise')->press('Copy as the clinic\'s own')
        ->see('An exercise of the clinic\'s own');
    $chrome->press('Add to the clinic\'s own')->see('Give it a name of 3 to 80 letters');
    $chrome->fill('Name', 'Heel raise at the window')->press('Add to the clinic\'s own')
        ->see('Added to the clinic\'s own exercises.')->see('The clinic\'s own, a copy of');
    expect($chrome->axe())->toBe([]);
    $chrome->visit('/exercises')->see('the clinic\'s own');
    $chrome->driver->findElement(WebDriverBy::cssSelector('input[type="search"]'))
        ->sendKeys('heel raise at the window');
    $chrome->until(static fn (): bool => $chrome->ask(
        'document.querySelector("main ol li a")?.innerText',
    ) === 'Heel raise at the window', 'the clinic\'s own first');
    $chrome->press('Heel raise at the window')->see('Take out of use')->press('Take out of use')
        ->see('Taken out of use.')->gone('the clinic\'s own');
});

it('ticks what was seen in the log and answers it at the next visit', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/3/log')->press('Everything done');
    $seen = (string) $chrome->ask('[...document.querySelectorAll("fieldset label")].find((l) => l.querySelector('
        .'"input[type=checkbox]") && l.closest("fieldset").innerText.startsWith("Seen")).innerText');
    $chrome->driver->executeScript('[...document.querySelectorAll("fieldset label")].find((l) => l.innerText === '
        .'arguments[0]).querySelector("input").click()', [$seen]);
    foreach ($chrome->driver->findElements(WebDriverBy::cssSelector('input[aria-label$="RPE, 0-10"]')) as $rpe) {
        $rpe->sendKeys('5');
    }
    $chrome->press('Save session')->see('Session saved.')->see($seen);
    $chrome->visit('/clients/3/log')->see($seen.'. ')->see('Say: ');
    expect($chrome->axe())->toBe([]);
});

it('chooses a stance for one exercise and prints it', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/3/plan')->see('Version');
    $chrome->ask('[...document.querySelectorAll("h3 button")].find((b) => b.textContent.includes("Seat rise") || '
        .'b.textContent.includes("squat")).click()');
    $chrome->choose('Stance', 'toes out')->see('Changed how it is done.');
    $chrome->visit('/clients/3/plan');
    expect((string) $chrome->ask('document.body.innerText'))->toContain('Take back');
});

it('prints the sheet with nothing around it, in type that can be read at arm\'s length', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/1/sheet')->see('Exercises for Ilse Varga');
    $chrome->printed();
    $shown = $chrome->ask(
        '[...document.querySelectorAll("header, nav, aside, button")].filter((e) => e.offsetParent !== null && ! '
            .'e.closest("article")).length',
    );
    expect($shown)->toBe(0);
    expect(
        (float) $chrome->ask('parseFloat(getComputedStyle(document.querySelector("article, #work p")).fontSize)'),
    )->toBeGreaterThanOrEqual(16);
    expect((int) $chrome->ask('document.querySelectorAll("#work svg").length'))->toBeGreaterThanOrEqual(5);
});

it('says in words when a page is not there', function (): void {
    $this->chrome->visit('/clients/99999/plan')->see('There is nothing here')->press('To Today')->see('need you');
    // The missing page is meant to be missing.
    $this->chrome->complaints();
});

it('shows what a plan in use lacks by now, and brings it up to today at one press', function (): void {
    $chrome = $this->chrome;
    // Something that will do with a hand on the counter.
    $chrome->visit('/clients/6/plan')->see('Limits in force');
    $chrome->add('one leg stance', 'Balance stance')->press('Issue version '.nextVersion($chrome))->see('issued.');
    $chrome->visit('/clients/6/screen')->tick('High falls risk')->press('Save screen')->see('Screen saved');
    $chrome->visit('/clients/6/sheet')->see('Do not hand this out')->see('only with a change')->press(
        'Bring the plan up to today',
    );
    $chrome->see(
        'Outside the limits: only with a change: Fingertips on a counter or wall.',
    )->press('Bring up to today', 3)->see('Brought up to today.')->see('Issue version');
    // What the limits no longer allow at all is named, and is not brought back.
    $chrome->press('Issue version '.nextVersion($chrome))->see('This plan does not fit the limits');
});

it('logs a whole session at one press, corrects one number, and asks for what only the client '
    .'knows', function (): void {
        $chrome = $this->chrome;
        $chrome->visit('/clients/11/log')->see('A session on version')->press(
            'Everything done, to the top of each range',
        );
        $efforts = static fn (): array => $chrome->driver->findElements(
            WebDriverBy::cssSelector('input[aria-label$="RPE, 0-10"]'),
        );
        $chrome->until(static fn (): bool => count($efforts()) >= 5, 'the effort boxes');
        // The effort was not guessed: each exercise still asks for it.
        $chrome->press('Save session');
        $chrome->until(
            static fn (): bool => (int) $chrome->ask('document.querySelectorAll("main [role=alert]").length') >= 5,
            'an error at each effort',
        );
        foreach ($efforts() as $box) {
            expect($box->getAttribute('value'))->toBe('');
            $box->sendKeys('5');
        }
        $chrome->press('Save session')->see('Session saved. Next: decide.');
    });

it('prepares a plan for a date that is near', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/3/plan')->see('this plan will not fit')->see(
        'only with a change: Fingertips on a counter or wall.',
    );
    $chrome->press('Prepare the plan for that day')->see(
        'Prepared; issue it when the day has come, or now.',
    )->gone('this plan will not fit');
    $version = nextVersion($chrome);
    $chrome->press("Issue version $version")->see("Version $version issued")->see(
        'For you: Fingertips on a counter or wall.',
    );
});
