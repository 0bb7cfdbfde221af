<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Chrome;

/** A clinician's day around the plans: the list of the morning, the pictures, a letter, a sheet from paper. */
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

/** The number of the client whose first or family name is that, as Today links to it. */
function numberOf(Chrome $chrome, string $name): int
{
    return (int) (json_decode(got($chrome, "/find?q=$name"), true)['clients'][0]['id'] ?? 0);
}

/** What the server answers to whoever is signed in. */
function got(Chrome $chrome, string $path): string
{
    return (string) $chrome->ask(
        "(() => { const r = new XMLHttpRequest(); r.open('GET', '$path', false);"
            ."r.setRequestHeader('Accept', 'application/json'); r.send(); return r.responseText; })()",
    );
}

it('works through a morning by keyboard alone: ten clients, ten decisions, one letter', function (): void {
    $chrome = $this->chrome;
    $actions = 0;
    // What is typed into one field is one action, and so is every other key.
    $type = static function (string ...$keys) use ($chrome, &$actions): void {
        $actions += count($keys);
        $chrome->type(...$keys);
    };
    $line = static fn (): mixed => $chrome->ask(
        '(() => { const at = document.activeElement; const li = at.closest("li[id^=\'line-\']"); '
            .'return li === null || at.tagName !== "A" ? null : { id: li.id, text: li.innerText }; })()',
    );
    $settled = static function (?array $was) use ($chrome, $line): void {
        $chrome->until(
            static fn (): bool => is_array($now = $line())
                && ($was === null || $now !== $was), 'the next line to have the focus',
        );
    };
    $chrome->letGo();
    $type('j');
    $settled(null);
    $decided = [];
    $answered = false;
    while (count($decided) < 10 && $actions < 60) {
        $now = $line();
        expect($now)->toBeArray();
        [$id, $text] = [$now['id'], $now['text']];
        if (isset($decided[$id])) {
            $type('j');
            $settled($now);
        } elseif (preg_match('/Accept \d/', $text) === 1) {
            $type('a');
            $settled($now);
            $decided[$id] = 'accepted';
        } elseif (str_contains($text, 'Tells ') && ! $answered) {
            // Met on its own page, and from there to the next one on the list.
            $type(WebDriverKeys::ENTER);
            $chrome->see('Questions and changes');
            usleep(300_000);
            $type('w', 'Yes, as you did before.', WebDriverKeys::ENTER);
            $chrome->see('Answered.');
            $type(WebDriverKeys::ESCAPE, 'g', 't');
            $chrome->see('need you');
            usleep(300_000);
            $type('j');
            $settled(null);
            $decided[$id] = 'answered';
            $answered = true;
        } elseif (str_contains($text, 'Put off') && preg_match('/^◆|Red flag|stop and call/m', $text) !== 1) {
            $type('z');
            $chrome->see('Why');
            usleep(150_000);
            $type('Seen on Monday.', WebDriverKeys::ENTER);
            $settled($now);
            $decided[$id] = 'put off';
        } else {
            $type('j');
            $settled($now);
        }
    }
    // One letter, of whoever is next.
    $type(WebDriverKeys::ENTER);
    $chrome->see('Limits in force');
    usleep(300_000);
    $type('g', 'd');
    $chrome->see('Notes and letters');
    usleep(300_000);
    $type('w', WebDriverKeys::ENTER);
    $chrome->see('Where each statement comes from');
    usleep(300_000);
    $type('w', WebDriverKeys::ENTER);
    $chrome->see('kept as sent');
    fwrite(STDERR, sprintf(
        "\nA morning: %d clients, %d decisions (%s), one letter: %d actions\n", count($decided), count($decided),
        implode(', ', array_map(
            static fn (string $how, int $n): string => "$n $how", array_keys(array_count_values($decided)),
            array_count_values($decided),
        )), $actions,
    ));
    expect($decided)->toHaveCount(10)->and($actions)->toBeLessThan(40)
        ->and(array_count_values($decided))->toHaveKey('accepted');
});

it('puts a need off, shows it among those put off, and takes it up again', function (): void {
    $chrome = $this->chrome;
    $option = (string) $chrome->ask(
        '[...document.querySelectorAll("option")].find((o) => o.value === "limit_change").textContent',
    );
    $chrome->choose('Which need', $option)->see('hidden');
    $before = (string) $chrome->ask('document.querySelector("li[id^=line-]").id');
    $chrome->press('Put off')->see('Until');
    $chrome->driver->findElement(WebDriverBy::cssSelector('form[aria-label^="Put off"] button[type=submit]'))->click();
    $chrome->see('Say in a few words why');
    expect($chrome->axe())->toBe([]);
    $chrome->fill('Why', 'On holiday until Monday.');
    $chrome->driver->findElement(WebDriverBy::cssSelector('form[aria-label^="Put off"] button[type=submit]'))->click();
    $chrome->see('Put off until');
    $chrome->until(
        static fn (): bool => $chrome->ask('document.querySelector("li[id^=line-]")?.id') !== $before, 'the line to go',
    );
    $chrome->driver->findElement(WebDriverBy::xpath('//label[contains(., "with what is put off")]'))->click();
    $chrome->see('On holiday until Monday.')->press('Take up')->see('Back on the list.');
});

it('draws the points that were logged, where the scale says', function (): void {
    $chrome = $this->chrome;
    $id = numberOf($chrome, 'Adair');
    $chrome->visit("/clients/$id/course")->see('all side by side');
    // What was logged, from the file of all sessions: the heaviest load of a day.
    $csv = got($chrome, "/clients/$id/log/export.csv");
    $lines = array_map(static fn (string $l): array => str_getcsv($l), array_filter(explode("\n", $csv)));
    $columns = array_flip($lines[0]);
    $logged = [];
    foreach (array_slice($lines, 1) as $line) {
        $key = $line[$columns['exercise']];
        $load = $line[$columns['load_kg']];
        if ($load !== '') {
            $side = $line[$columns['side']];
            $logged[$key][$line[$columns['date']].$side] = max(
                $logged[$key][$line[$columns['date']].$side] ?? 0, (float) $load,
            );
        }
    }
    $panels = $chrome->ask(
        '[...document.querySelectorAll("svg[data-panel]")].map((svg) => ({ key: svg.dataset.panel,'
            .'points: [...svg.querySelectorAll("[data-on]")].map((p) => ({ ...p.dataset, drawn: p.tagName === "circle" '
            .'? [Number(p.getAttribute("cx")), Number(p.getAttribute("cy"))] : [Number(p.getAttribute("x")) + '
            .'Number(p.getAttribute("width")) / 2, Number(p.getAttribute("y")) + '
            .'Number(p.getAttribute("height")) / 2] })),'
            .'ticks: [...svg.querySelectorAll("[data-tick]")].map((t) => [Number(t.dataset.tick), '
            .'Number(t.querySelector("line").getAttribute("y1"))]),'
            .'days: [...svg.querySelectorAll("[data-tick-on]")].map((t) => [t.dataset.tickOn, '
            .'Number(t.getAttribute("x"))]) }))',
    );
    $compared = 0;
    foreach ($panels as $panel) {
        if (! isset($logged[$panel['key']])) {
            continue;
        }
        $drawn = array_map(
            static fn (array $p): string => $p['on'].' '.round((float) $p['value'], 2), $panel['points'],
        );
        $real = array_map(
            static fn (string $on, float $kg): string => substr($on, 0, 10).' '.round($kg, 2),
            array_keys($logged[$panel['key']]), $logged[$panel['key']],
        );
        sort($drawn);
        sort($real);
        expect($drawn)->toBe($real);
        [[$v0, $y0], [$v1, $y1]] = [$panel['ticks'][0], $panel['ticks'][count($panel['ticks']) - 1]];
        [[$d0, $x0], [$d1, $x1]] = [$panel['days'][0], $panel['days'][count($panel['days']) - 1]];
        $day = static fn (string $on): int => intdiv((int) strtotime($on.' UTC'), 86400);
        foreach ($panel['points'] as $point) {
            $y = $y0 + ((float) $point['value'] - $v0) / ($v1 - $v0) * ($y1 - $y0);
            $x = $x0 + ($day($point['on']) - $day($d0)) / max(1, $day($d1) - $day($d0)) * ($x1 - $x0);
            expect(abs($point['drawn'][1] - $y))->toBeLessThan(0.5)->and(abs($point['drawn'][0] - $x))
                ->toBeLessThan(0.5);
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(40);
    // The table behind a picture says the same.
    $chrome->driver->findElement(WebDriverBy::cssSelector('figure summary'))->click();
    $chrome->see('Day');
});

it('writes a letter, keeps it as sent, and lets nobody change it after that', function (): void {
    $chrome = $this->chrome;
    $id = numberOf($chrome, 'Tahiri');
    $chrome->visit("/clients/$id/letters")->choose('Write a', 'letter to the referrer')
        ->press('Draft it from the record')
        ->see('Where each statement comes from');
    expect($chrome->value('Text'))->toContain('Thank you for entrusting');
    $words = $chrome->value('Text')."\n\nPlease ring me.";
    $chrome->fill('Text', $words)->press('Save')->see('Saved.')->press('Keep as sent')->see('Kept as sent.');
    expect($chrome->value('Text'))->toBe($words)
        ->and($chrome->ask('document.querySelector("textarea").readOnly'))->toBeTrue();
    $chrome->gone('Throw the draft away');
});

it('types in sessions from paper, says at the box what is wrong, and goes on to the decisions', function (): void {
    $chrome = $this->chrome;
    $id = numberOf($chrome, 'Lautaro');
    $chrome->visit("/clients/$id/log/paper")->see('From a paper sheet');
    $name = (string) $chrome->ask('document.querySelector("tbody th").childNodes[0].textContent');
    $chrome->fill('Day of session 1', (string) $chrome->ask('new Date(Date.now() - 864e5).toISOString().slice(0, 10)'));
    $chrome->fill("$name, session 1, sets", '180')->press('Save these sessions')->see('Enter the RPE, 0 to 10');
    expect($chrome->value("$name, session 1, sets"))->toBe('180');
    $chrome->fill("$name, session 1, RPE", '3')->press('Save these sessions')->see('1 session saved.');
});

it('takes one key for a set that went to plan', function (): void {
    $chrome = $this->chrome;
    $id = numberOf($chrome, 'Novak');
    $chrome->visit("/clients/$id/log")->see('the next set, as planned');
    usleep(300_000);
    $chrome->letGo()->type('x', 'x');
    $chrome->see('set 1 of');
    expect(
        $chrome->ask('[...document.querySelectorAll("main ol input[type=checkbox]")].filter((c) => c.checked).length'),
    )
        ->toBeGreaterThan(0);
});
