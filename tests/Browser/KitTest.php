<?php

declare(strict_types=1);

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

/**
 * What this home can do: things by room, a piece on the scale, a band pulled on it, and an exercise asked for by a
 * machine's name.
 */
it('goes through a home, measures a band and adds what replaces a gym machine', function (): void {
    $chrome = new Chrome((string) getenv('BUOYANT_BASE'));
    try {
        $chrome->visit('/sign-in')->fill('Email', DemoAccounts::CLINICIAN)->fill(
            'Password', DemoAccounts::PASSWORD,
        )->press('Sign in')->see('need you');

        // A piece on the luggage scale, through the gateway, and taken over without typing.
        $chrome->visit('/bench')->choose('Client', 'Tevita Brandt')->tick('Luggage scale', 'Device')->fill(
            'Gateway token', DemoAccounts::GATEWAY_TOKEN,
        )->press('Read and send')->see(': fresh');
        $chrome->visit('/clients/4/kit')->see('Luggage scale')->press('use for the piece in hand');
        $chrome->until(
            fn (): bool => count(
                $chrome->driver->findElements(WebDriverBy::xpath('//input[@value="Weighed thing"]')),
            ) === 1,
            'the weighed thing in the list',
        );

        // A band: refused while its pull falls, kept when it rises; then where to stand.
        $chrome->press('Bands')->press('+ Measure a band')->fill('Name', 'Grey band')->fill(
            'At rest, cm', '120',
        )->choose(
            'Material', 'free of latex',
        );
        foreach ([['150', '0.9'], ['180', '0.5'], ['240', '2.4']] as $n => [$cm, $kg]) {
            $chrome->fill(
                'Grey band, pull '.($n + 1).', length in cm', $cm,
            )->fill('Grey band, pull '.($n + 1).', scale in kg', $kg);
        }
        // The scale's reading goes to the pull that was last touched.
        $chrome->press('use for the pull in hand');
        $chrome->until(
            fn (): bool => $chrome->field('Grey band, pull 3, scale in kg')->getAttribute('value') !== '2.4',
            'the reading in the third pull',
        );
        $chrome->fill('Grey band, pull 3, scale in kg', '2.4');
        $chrome->press('Save kit')->see('Measure it again')->see('Nothing was saved');
        $chrome->fill('Grey band, pull 2, scale in kg', '1.5')->press('Save kit')->see('Kit saved.')->see('Anchor:');
        $chrome->choose(
            'Exercise', 'Standing band row',
        )->fill('Pull, kg', '2.5')->see('Stand or sit')->see('As typed.');
        $chrome->fill('Pull, kg', '80')->see('is not reachable');

        // The home: a step is there, the chair stands free.
        $chrome->press('Home and hands')->tick('low step, 10-15 cm')->tick('door that closes towards you')->tick(
            'no', 'The chair stands against a wall',
        )->press('Save kit')->see('Kit saved.')->see('back it to a wall')->see('try it first');

        // The plan: the machine's name leads to a family; its stair says what is open.
        $chrome->visit('/clients/4/plan')->see('Version');
        $box = $chrome->driver->findElement(WebDriverBy::cssSelector('input[aria-label^="Add an exercise"]'));
        $box->click();
        $box->sendKeys('stair climber');
        $chrome->until(
            fn (): bool => str_starts_with(
                (string) $chrome->ask('document.querySelector("[role=option]")?.innerText ?? ""'), 'Step up',
            ),
            'Step up first among the found',
        );
        $box->sendKeys([WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER]);
        $chrome->see('Stairs and kerbs.')->see('the measures begin here')->press('Add: ')->see('Added.');
        // The pull that is out of reach was refused on purpose; nothing else may complain.
        expect(
            array_filter($chrome->complaints(), static fn (string $line): bool => ! str_contains($line, 'kgf=80')),
        )->toBe([]);
    } finally {
        $chrome->close();
    }
});
