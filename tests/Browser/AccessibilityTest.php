<?php

declare(strict_types=1);

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

it('has no violation that axe-core can find, on any page, in light and dark', function (): void {
    $chrome = new Chrome((string) getenv('BUOYANT_BASE'));
    try {
        $found = [];
        $check = static function (string $where) use ($chrome, &$found): void {
            foreach ($chrome->axe() as $violation) {
                $found[] = "$where: $violation";
            }
        };
        $chrome->visit('/sign-in');
        $check('sign in');
        $chrome->fill('Email', DemoAccounts::CLINICIAN)->fill(
            'Password', DemoAccounts::PASSWORD,
        )->press('Sign in')->see('need you');
        foreach ([
            '/', '/clients/new', '/clients/1/screen', '/clients/1/measure', '/clients/1/limits', '/clients/1/kit',
            '/clients/1/plan', '/clients/1/sheet', '/clients/1/gate', '/clients/1/log', '/clients/1/review',
            '/rulebook', '/exercises', '/exercises/band_row', '/exercises/squat/own',
            '/exercises/figures?pattern=trunk', '/bench',
            '/clients/5/review', '/clients/8/plan', '/clients/99999/plan', '/week', '/clients/25/course',
            '/clients/25/letters', '/clients/25/messages', '/clients/25/log/paper', '/letters',
        ] as $path) {
            foreach (['light', 'dark'] as $theme) {
                $chrome->theme($theme);
                $chrome->visit($path);
                $check("$path $theme");
            }
        }
        $chrome->theme('light');
        // The parts that open: a row with its stair, the reasons, a ladder, a form with errors.
        $chrome->visit('/clients/1/plan')->press('Seat rise')->see('Change dose');
        $check('open row');
        $chrome->driver->findElements(WebDriverBy::cssSelector('[data-because]'))[2]->click();
        $chrome->see('Because');
        $check('because');
        $chrome->visit('/clients/1/kit');
        $chrome->driver->findElements(WebDriverBy::cssSelector('[id^=headlessui-disclosure-button]'))[0]->click();
        $check('open ladder');
        $chrome->press('Bands')->see('Stand or sit');
        $check('bands');
        $chrome->press('Home and hands')->see('The chair stands against a wall');
        $check('home and hands');
        $chrome->visit('/clients/new')->press('Save and measure')->see('need another value');
        $check('form with errors');
        // The client's own page, on a phone, opened by the link that the clinician was given.
        $chrome->visit('/clients/9/screen')->see('answers to look at')->press('Make a link')->see('it is shown once');
        $check('screen with answers from home');
        $link = $chrome->driver->findElement(
            WebDriverBy::cssSelector('section[aria-label="From home"] code'),
        )->getText();
        $chrome->size(390, 844);
        $chrome->visit((string) parse_url($link, PHP_URL_PATH))->see('Before your visit, Halima');
        $check('questions at home');
        $small = $chrome->driver->executeScript(
            'return [...document.querySelectorAll("form label, form button, form textarea")].filter((e) => '
                .'e.getBoundingClientRect().height < 44).length',
        );
        expect($small)->toBe(0, 'targets under 44 px on the client\'s page');
        $chrome->tick('Nobody')->press('Send my answers')->see('Thank you, Halima.');
        expect($found)->toBe([]);
    } finally {
        $chrome->close();
    }
});

it('stays usable on a narrow screen and at twice the type size', function (): void {
    $chrome = new Chrome((string) getenv('BUOYANT_BASE'), 640, 800);
    try {
        $chrome->visit('/sign-in')->fill('Email', DemoAccounts::CLINICIAN)->fill(
            'Password', DemoAccounts::PASSWORD,
        )->press('Sign in')->see('need you');
        foreach ([
            '/', '/clients/1/plan', '/clients/1/sheet', '/clients/1/log', '/clients/1/review', '/clients/1/screen',
            '/clients/1/gate', '/clients/1/measure', '/clients/1/kit', '/exercises', '/exercises/seat_rise',
            '/exercises/figures', '/bench', '/week', '/clients/25/course', '/clients/25/letters',
            '/clients/25/messages', '/clients/25/log/paper', '/letters',
        ] as $path) {
            $chrome->visit($path);
            $wide = $chrome->driver->executeScript(
                'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
            );
            expect($wide)->toBeLessThanOrEqual(1, "$path scrolls sideways by $wide px");
        }
    } finally {
        $chrome->close();
    }
});

it('lets nobody be caught: the Tab key leads through every page', function (): void {
    $chrome = Chrome::signedIn();
    try {
        foreach ([
            '/', '/clients/1/plan', '/clients/4/review', '/clients/1/kit', '/clients/1/limits', '/clients/1/gate',
            '/clients/1/log', '/exercises/seat_rise', '/rulebook',
        ] as $path) {
            $chrome->visit($path)->see('Sign out');
            // Whatever the focus comes to is numbered in the order of coming.
            $chrome->driver->executeScript(
                'window.came = []; document.addEventListener("focusin", (e) => window.came.push(e.target)); '
                    .'document.activeElement.blur()',
            );
            $wanted = min(
                60,
                (int) $chrome->ask(
                    '[...document.querySelectorAll("a[href], button, input, select, textarea, summary")].filter((e) '
                        .'=> ! e.disabled && e.offsetParent !== null && e.checkVisibility() && e.type !== "radio" '
                        .'&& e.tabIndex >= 0).length',
                ),
            );
            $chrome->type(...array_fill(0, $wanted, WebDriverKeys::TAB));
            $distinct = (int) $chrome->ask('new Set(window.came).size');
            expect($distinct)->toBeGreaterThanOrEqual(
                $wanted - 2, "$path: $wanted presses of Tab came to $distinct places",
            );
        }
    } finally {
        $chrome->close();
    }
});
