<?php

declare(strict_types=1);

// Called by bin/screenshots: BASE FOLDER. Signs in to the demo and takes one picture of each main view.

use Database\Seeders\Demo\DemoAccounts;
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
    $atHome = ['at-home', 'home-verdict'];
    if ($only === null || in_array($only, $atHome, true)) {
        // The client's own page, as a phone shows it.
        $chrome->visit('/clients/2/sheet')->see('Letters of the PIN');
        $home = $chrome->ask(
            '[...document.querySelectorAll("section p")].map((p) => p.innerText).find((t) => /^http/.test(t))',
        );
        $letters = $chrome->ask('/Letters of the PIN: ([A-Z]{4})/.exec(document.body.innerText)[1]');
        $born = substr((string) $chrome->visit('/clients/2/screen')->value('Birth date'), 0, 4);
        $chrome->size(390, 844);
        $chrome->visit((string) parse_url(is_string($home) ? $home : '', PHP_URL_PATH))
            ->fill('Your PIN', $born.(is_string($letters) ? $letters : ''))->press('Open')->see('Hello, ');
        $chrome->press(str_contains($chrome->text(), 'Do a session anyway') ? 'Do a session anyway' : 'Start');
        $chrome->press('No, none of these');
        foreach (['unwell', 'sleep badly', 'hurt now'] as $question) {
            $chrome->see($question)->press($question === 'hurt now' ? '0' : 'No');
        }
        $chrome->see('Measure')->fill('upper number', '166')->fill('lower number', '92')->press('Next')->see('easier');
        $chrome->shot("$folder/home-verdict.png");
        $chrome->press('Start')->see('1 of')->press('Begin');
        usleep(4_500_000);
        $chrome->press('That was it')->press('Just right')->press('I am ready')->see('2 of')
            ->shot("$folder/at-home.png");
        $chrome->size(1280, 800);
    }
    foreach ($chrome->complaints() as $line) {
        fwrite(STDERR, $line."\n");
    }
} finally {
    $chrome->close();
}
