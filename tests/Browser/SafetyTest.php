<?php

declare(strict_types=1);

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

it('lets the lead tighten a figure and shows it in another client\'s limits', function (): void {
    $chrome = Chrome::signedIn(DemoAccounts::LEAD);
    try {
        $chrome->visit('/rulebook')->fill(
            'Find by condition, field, words or source', 'osteoporosis vertebral load',
        )->see('up to 60 % of 1RM');
        $chrome->press('set')->fill('Figure', '85')->press('Set for the clinic')->see(
            'Loosening a figure needs a reason',
        );
        $chrome->fill('Figure', '45')->press('Set for the clinic')->see('tightened to 45');
        $chrome->visit('/clients/1/limits')->see('Load up to 45 % of 1RM')->see('Tightened by the clinic to 45');
        $chrome->visit('/rulebook')->fill(
            'Find by condition, field, words or source', 'osteoporosis vertebral load',
        )->press('change')->fill('Figure', '')->press('Set for the clinic')->gone('tightened to 45');
        expect($chrome->complaints())->toBe([]);
    } finally {
        $chrome->close();
    }
});

it('checks at the gate with a bad cuff reading and a second look, from the device bench', function (): void {
    $chrome = Chrome::signedIn();
    try {
        $bench = static function (string $fault, string $sbp) use ($chrome): void {
            $chrome->visit('/bench')->choose('Client', 'Rune Castellanos')->fill(
                'Gateway token', DemoAccounts::GATEWAY_TOKEN,
            )->tick($fault, 'Fault')->fill('True systolic pressure, mmHg', $sbp)->fill(
                'True diastolic pressure, mmHg', '84',
            )->press('Read and send');
        };
        $bench('implausible', '150');
        $chrome->see('not plausible');
        $bench('no fault', '196');
        $chrome->see(': fresh');
        $chrome->visit('/clients/6/gate')->see('not used')->press('use')->press('Check')->see(
            'Sit quietly for 5 minutes',
        )->see('Again in');
        $chrome->fill('Systolic pressure, mmHg', '500')->press('Check')->see(
            'Not plausible: it must be from 40 to 300.',
        );
        $chrome->fill(
            'Systolic pressure, mmHg', '150',
        )->fill('Diastolic pressure, mmHg', '84')->tick('this is the second look')->press('Check');
        $chrome->until(
            fn (): bool => str_contains(
                $chrome->driver->findElement(
                    WebDriverBy::cssSelector('section[aria-label="Latest check"] h2'),
                )->getText(),
                'Go',
            ),
            'the verdict of the second look',
        );
        expect($chrome->complaints())->toBe([]);
    } finally {
        $chrome->close();
    }
});

it('takes the intake of a complicated client by keyboard alone', function (): void {
    $chrome = Chrome::signedIn();
    try {
        $chrome->visit('/clients/new')->field('Given name')->click();
        $tab = WebDriverKeys::TAB;
        $chrome->type(
            'Osei', $tab, 'Keyes', $tab, '1949-06-07', $tab, WebDriverKeys::ARROW_RIGHT, $tab, '74', $tab, '170',
        );
        $find = static function (string $words, string $label) use ($chrome, $tab): void {
            $chrome->driver->executeScript(
                'document.querySelector("input[placeholder^=\'for example knee\']").focus()',
            );
            $chrome->type(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL, $words);
            $chrome->until(fn (): bool => str_contains($chrome->text(), $label), $label);
            // Tab from the search into the list, to the first box that carries this label, and tick it with the space
            // bar.
            for ($i = 0; $i < 60; $i++) {
                $chrome->type($tab);
                $here = $chrome->driver->executeScript(
                    'return document.activeElement.closest("label")?.innerText ?? ""',
                );
                if (is_string($here) && trim($here) === $label) {
                    $chrome->type(WebDriverKeys::SPACE);

                    return;
                }
            }
            throw new RuntimeException("Never reached $label by tabbing.");
        };
        $find('heart failure', 'Heart failure, stable');
        $find('fistula', 'Dialysis fistula');
        $find('glaucoma', 'Glaucoma');
        $chrome->driver->executeScript('document.querySelector("button[type=submit]").focus()');
        $chrome->type(WebDriverKeys::ENTER)->see('Choose the side');
        $chrome->tick('left', 'Side')->driver->executeScript('document.querySelector("button[type=submit]").focus()');
        $chrome->type(WebDriverKeys::ENTER)->see('Screen saved')->see(
            'Clearance required before a plan is issued',
        )->see('Rest 90 s or more');
        expect($chrome->complaints())->toBe([]);
    } finally {
        $chrome->close();
    }
});
