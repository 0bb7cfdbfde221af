<?php

declare(strict_types=1);

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

/** The whole job for a client typed in from nothing, by keyboard and mouse, in the real interface. */
it('takes a client from the first question to the next dose', function (): void {
    $chrome = new Chrome((string) getenv('BUOYANT_BASE'));
    // The clinic's own days: late in the evening they are not this machine's.
    $now = new DateTimeImmutable('now', new DateTimeZone('Europe/Brussels'));
    [$fourDaysAgo, $today] = [$now->modify('-4 days')->format('Y-m-d'), $now->format('Y-m-d')];
    try {
        // Sign in, by keyboard.
        $chrome->visit('/sign-in')->field('Email')->click();
        $chrome->type(
            DemoAccounts::CLINICIAN, WebDriverKeys::TAB, DemoAccounts::PASSWORD, WebDriverKeys::ENTER,
        )->see('need you');

        // Screen: n opens a new client; a wrong value is refused at its field and what was typed stays.
        $chrome->type('n')->see('New client');
        $chrome->fill('Given name', 'Wilma')->fill('Family name', 'Testerman')->fill('Birth date', '1950-02-30')->tick(
            'female', 'Sex, for the norms',
        )
            ->fill('Body mass, kg', '68')->fill('Height, cm', '164')->tick('returning', 'Training')
            ->tick('Hypertension, controlled')->tick('Osteoarthritis, knee')->tick('left', 'Side')
            ->tick('fair', 'Left hand grip')->tick('full', 'Right hand grip')->tick('free', 'Standing')->tick(
                'alone', 'Up from the floor',
            )->tick('alone', 'At home')
            ->fill('Minutes a session', '40')->press('Save and measure')->see('Write the date as year-month-day');
        expect($chrome->field('Given name')->getAttribute('value'))->toBe('Wilma');
        $chrome->fill('Birth date', '1950-02-28')->press('Save and measure')->see('Screen saved. Next: measure.');

        // The limits are in the margin from here on, each with who set it.
        $chrome->see('RPE up to 7 of 10')->see('Left leg: no deep knee bend under load');

        // Measure.
        $chrome->fill(
            '30 s chair stand, stands', '9',
        )->fill('Tandem stand, s', '10')->fill('One-leg stand left, s', '8')->fill('One-leg stand right, s', '12');
        $chrome->choose(
            'Exercise', 'Tote row',
        )->fill('Load, kg', '3.3')->fill('Reps done', '9')->fill('Reps left', '2')->press('Save 5 results')->see(
            '5 results saved.',
        );
        $chrome->see('9 is below 10 for age 76: falls risk')->see('estimated 1RM 4.51 kg');

        // Kit: g then k goes there; what it makes is shown at once after saving.
        $chrome->type(WebDriverKeys::ESCAPE);
        $chrome->driver->executeScript('document.activeElement.blur()');
        $chrome->type('g', 'k')->see('Pieces and carriers');
        $chrome->press('+ Water bottle 0.5 L')->press('+ Can 400 g')->press('+ Tote')->fill(
            'How many Water bottle 0.5 L', '8',
        )->press('Save kit')->see('Kit saved.')->see('in one hand');

        // Limits: the winner of each field is marked.
        $chrome->press('Limits')->see('The envelope')->see('Eight reps or more rather than heavy singles.');

        // Plan.
        $chrome->press('Plan')->see('No plan yet')->press('Draft a plan')->see('Version 1 drafted.')->see('of 40 min');
        $chrome->press('Tote row')->see('Change dose');
        $before = $chrome->text();
        $chrome->press('▽ easier')->see('Swapped.');
        expect($chrome->text())->not->toBe($before);
        $chrome->fill('Load, kg', '2.2')->press('Change dose')->see('cannot be made here')->see('Nearest:');
        $chrome->fill('Load, kg', '2.23')->press('Change dose')->see('Dose changed.');
        $chrome->driver->executeScript(
            '[...document.querySelectorAll("[data-because]")].find((b) => b.textContent.includes("Tote row")).click()',
        );
        $chrome->see('Because')->see('Estimated 1RM 4.51 kg')->type(WebDriverKeys::ESCAPE);
        $chrome->press('Issue version 1')->see('Version 1 issued');

        // Sheet.
        $chrome->see(
            'Exercises for Wilma Testerman',
        )->see('Breathe out on the effort')->see('Stop at once and call 112 if you have');

        // Log: two good sessions; a wrong number is refused at its field.
        foreach ([$fourDaysAgo, $today] as $n => $day) {
            $chrome->press('Log')->see(
                'A session on version 1',
            )->fill('Day', $day)->fill('Pain before, 0-10', '1')->fill(
                'Next morning, 0-10', '1',
            );
            $chrome->driver->executeScript(
                '[...document.querySelectorAll("button")].filter((b) => b.textContent.startsWith("all ")).forEach((b) '
                    .'=> b.click())',
            );
            $chrome->until(
                fn (): bool => count(
                    $chrome->driver->findElements(WebDriverBy::cssSelector('input[aria-label$="RPE, 0-10"]')),
                ) >= 5,
                'the effort boxes',
            );
            foreach ($chrome->driver->findElements(
                WebDriverBy::cssSelector('input[aria-label$="RPE, 0-10"]'),
            ) as $box) {
                $box->sendKeys($n === 0 ? '4' : '4');
            }
            if ($n === 0) {
                $pain = $chrome->driver->findElements(WebDriverBy::cssSelector('input[aria-label*="pain during"]'))[0];
                $pain->sendKeys('12');
                $chrome->press('Save session')->see('Pain goes from 0 to 10.');
                $pain->sendKeys([WebDriverKeys::CONTROL, 'a']);
                $pain->sendKeys('1');
            }
            if ($n === 0) {
                // A day before the plan was issued: asked about once.
                $chrome->press('Save session')->see('Tick that it is right');
                $chrome->driver->findElement(
                    WebDriverBy::xpath('//label[contains(., "Tick that it is right")]'),
                )->click();
            }
            $chrome->press('Save session')->see('Session saved. Next: decide.');
        }

        // Review: accept by key, refuse by mouse with a reason; the next version shows it.
        $chrome->see('to decide')->see('Step up');
        $chrome->driver->executeScript('document.activeElement.blur()');
        $chrome->type('j', 'a')->see('Accepted.')->see('Issue version 2');
        $chrome->press('Refuse')->see('Why not')->press('Refuse, keep the dose')->see('Say in a few words why');
        $chrome->fill('Why not', 'wants to wait a week')->press('Refuse, keep the dose')->see(
            'Refused; the dose stays as it is.',
        )->see('wants to wait a week');
        $chrome->press('Issue version 2')->see('Version 2 issued');

        // Today reflects it, and the finder finds her.
        $chrome->press('Today')->see('need you');
        $chrome->driver->executeScript('document.activeElement.blur()');
        $chrome->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'k']);
        $chrome->type('wilma');
        $chrome->until(
            fn (): bool => count(
                $chrome->driver->findElements(
                    WebDriverBy::xpath('//*[@role="option"][contains(., "Wilma Testerman")]'),
                ),
            ) === 1,
            'her name among the found',
        );
        $chrome->type(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER)->see('Version 2, issued');
        expect($chrome->complaints())->toBe([]);
    } finally {
        $chrome->close();
    }
});
