<?php

declare(strict_types=1);

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Chrome;

/** Every kind of dose typed on Plan, seen there and on the sheet; then logged set by set. */
beforeEach(function (): void {
    $this->chrome = Chrome::signedIn(DemoAccounts::OTHER_CLINIC);
    $this->open = function (string $name): Chrome {
        $row = '//main//h3/button[contains(., "'.$name.'")]';
        $this->chrome->until(
            fn (): bool => $this->chrome->driver->findElements(WebDriverBy::xpath($row)) !== [], "the row $name",
        );
        $this->chrome->driver->findElement(WebDriverBy::xpath($row))->click();

        return $this->chrome->see('Change dose');
    };
    $this->close = function (string $name): void {
        $this->chrome->driver->findElement(
            WebDriverBy::xpath('//main//h3/button[contains(., "'.$name.'")]'),
        )->click();
        $this->chrome->gone('Change dose');
    };
});

afterEach(function (): void {
    try {
        expect($this->chrome->complaints())->toBe([]);
    } finally {
        $this->chrome->close();
    }
});

it('edits each kind of dose in its place, with the limits at the field', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/16/plan')->see('Limits in force');

    // Seconds of movement.
    ($this->open)('March at the counter')->fill('From, s', '120')->fill('To, s', '240')
        ->see('Within the limits. The session would take')->press('Change dose')
        ->see('Dose changed.')->see('2-4 min');
    ($this->close)('March at the counter');

    // One hold; then the same counted in reps, each of them held.
    $chrome->add('counter plank', 'Brace');
    ($this->open)('Counter plank')->fill('From, s', '5')->fill('To, s', '8')->press('Change dose')->see('5-8 s');
    $chrome->choose('Counted in', 'reps')->fill('From, reps', '4')->fill('To, reps', '6')->fill('Hold a rep, s', '5')
        ->press('Change dose')->see('4-6')->see('each held 5 s');
    ($this->close)('Counter plank');

    // Reps with a load, a tempo and a rest inside the set; a load that cannot be made is refused at its field.
    ($this->open)('Seat rise, load held close')->fill('Load, kg', '0.01')
        ->see('Not as it stands.')->see('cannot be made here');
    $chrome->fill('Load, kg', '0.48')->fill('Tempo, s', '4-1-fast-0')->fill('Rest in set, s', '5')
        ->press('Change dose')->see('lower for 4 s, pause for 1 s, lift fast')->see('rest 5 s inside a set');
    ($this->close)('Seat rise, load held close');

    // Left and right.
    ($this->open)('Tote row')->tick('Left and right differ')->fill('left, load, kg', '0.48')
        ->fill('right, load, kg', '0.52')->fill('right, to, reps', '16')->press('Change dose')
        ->see('left 480 g, right 520 g');
    $chrome->choose('Progresses by', 'the effort steers')->see('Another school from the next review on.');
    $chrome->tick('Fri', 'Lighter on')->see('Its days changed.')->see('lighter: ');
    expect($chrome->axe())->toBe([]);
    ($this->close)('Tote row');

    // Steps, and the same way in metres.
    $chrome->add('side and cross', 'Side and cross steps');
    ($this->open)('Cross steps at the counter')->fill('From, steps', '8')->fill('To, steps', '12')->press('Change dose')
        ->see('8-12 steps');
    $chrome->choose('Counted in', 'metres')->fill('From, m', '3')->fill('To, m', '6')->press('Change dose')
        ->see('3-6 m');

    // What was typed is printed.
    $chrome->visit('/clients/16/sheet')->see('each held 5 s')->see('3-6 m')
        ->see('left 480 g, right 520 g')->see('lighter:')
        ->see('Each time: lower for 4 s, pause for 1 s, lift fast.')->see('rest 5 seconds and go on');
});

it('edits the pull of a band, and says where to stand for it', function (): void {
    $chrome = $this->chrome;
    $chrome->visit('/clients/24/plan')->see('Limits in force');
    ($this->open)('Seated band row, one arm')->fill('Pull, kg', '40')->press('Change dose')
        ->see('is not to be had with the bands here');
    $chrome->fill('Pull, kg', '1.53')->press('Change dose')->see('Dose changed.')->see('a pull of 1.5 kg');
    $before = $chrome->text();
    $chrome->fill('Pull, kg', '1.84')->press('Change dose')->see('a pull of 1.8 kg')->see('Stand or sit');
    expect($chrome->text())->not->toBe($before);
    $chrome->see('What to buy next');
});
