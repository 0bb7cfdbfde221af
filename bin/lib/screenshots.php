<?php

declare(strict_types=1);

// Called by bin/screenshots: BASE FOLDER. Signs in to the demo and takes one picture of each main view.

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Chrome;

require __DIR__.'/../../vendor/autoload.php';

[, $base, $folder] = $argv;
$only = $argv[3] ?? null;
$chrome = new Chrome($base);
try {
    $views = [
        'today' => ['/', null],
        'screen' => ['/clients/1/screen', null],
        'measure' => ['/clients/1/measure', null],
        'limits' => ['/clients/1/limits', null],
        'kit' => ['/clients/1/kit', null],
        'bands' => ['/clients/1/kit', static fn (Chrome $c) => $c->press('Bands')->see('Stand or sit')],
        'exercises' => ['/exercises', null],
        'plan' => ['/clients/1/plan', null],
        'steps' => ['/clients/1/plan', static function (Chrome $c): void {
            $c->press('Seat rise')->see('Change dose');
            $c->driver->executeScript(
                '[...document.querySelectorAll("h3 button")].find((b) => b.textContent.includes("Seat '
                    .'rise")).scrollIntoView()',
            );
        }],
        'sheet' => ['/clients/1/sheet', null],
        'rulebook' => [
            '/rulebook', static fn (Chrome $c) => $c->fill('Find by condition, field, words or source', 'hypertension'),
        ],
        'bench' => [
            '/bench',
            static fn (Chrome $c) => $c->choose('Client', 'Ilse Varga')->fill(
                'Gateway token', DemoAccounts::GATEWAY_TOKEN,
            )->press('Read and send')->see(': fresh'),
        ],
        'gate' => ['/clients/1/gate', null],
        'log' => ['/clients/1/log', static fn (Chrome $c) => $c->press('Everything done')],
        'review' => ['/clients/1/review', null],
        'course' => ['/clients/25/course', static fn (Chrome $c) => $c->choose('What of each', 'estimated 1RM')],
        'letter' => ['/clients/26/letters', static fn (Chrome $c) => $c->choose(
            'Write a', 'letter to the referrer',
        )->press('Draft it from the record')->see('Where each statement')],
    ];
    $chrome->visit('/sign-in');
    $chrome->fill('Email', DemoAccounts::CLINICIAN)->fill(
        'Password', DemoAccounts::PASSWORD,
    )->press('Sign in')->see('need you');
    foreach ($views as $name => [$path, $then]) {
        if ($only !== null && $only !== $name) {
            continue;
        }
        $chrome->visit($path);
        if ($then !== null) {
            $then($chrome);
        }
        $chrome->shot("$folder/$name.png");
        echo "$folder/$name.png\n";
    }
    if ($only === null || $only === 'conflict') {
        $first = $chrome->driver->getWindowHandle();
        $chrome->visit('/clients/2/screen');
        $chrome->driver->switchTo()->newWindow();
        $chrome->size(1280, 800);
        $chrome->visit('/clients/2/screen')->fill('Minutes a session', '25')->fill(
            'What they want to do again', 'climb to the loft',
        )->press('Save screen')->see('Screen saved');
        $chrome->driver->close();
        $chrome->driver->switchTo()->window($first);
        $chrome->fill(
            'Minutes a session', '40',
        )->press('Save screen')->see('saved this meanwhile')->shot("$folder/conflict.png");
    }
    if ($only === null || $only === 'at-home') {
        $chrome->visit('/clients/9/screen')->press('Make a link')->see('it is shown once');
        $link = $chrome->driver->findElement(
            WebDriverBy::cssSelector('section[aria-label="From home"] code'),
        )->getText();
        $chrome->size(390, 844);
        $chrome->visit((string) parse_url($link, PHP_URL_PATH))->shot("$folder/at-home.png");
        $chrome->size(1280, 800);
    }
    foreach ($chrome->complaints() as $line) {
        fwrite(STDERR, $line."\n");
    }
} finally {
    $chrome->close();
}
