<?php

declare(strict_types=1);

/* The measuring of bin/home-check: a phone of the tests, made slow by the browser's own protocol. */

use Tests\Browser\Support\Chrome;
use Tests\Browser\Support\Demo;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$clock = 60;
foreach (array_slice($argv, 1) as $word) {
    if (preg_match('/^--clock=(\d{1,4})$/', $word, $found) === 1) {
        $clock = (int) $found[1];
    }
}
$chrome = new Chrome((string) getenv('BUOYANT_BASE'), 390, 844);
$tools = new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($chrome->driver);
$slow = static function (bool $is) use ($tools): void {
    $tools->execute('Network.emulateNetworkConditions', [
        'offline' => false, 'latency' => $is ? 400 : 0, 'downloadThroughput' => $is ? 50_000 : -1,
        'uploadThroughput' => $is ? 50_000 : -1,
    ]);
    $tools->execute('Emulation.setCPUThrottlingRate', ['rate' => $is ? 6 : 1]);
};
$weight = static fn (): float => (float) $chrome->ask(
    '[...performance.getEntriesByType("navigation"), ...performance.getEntriesByType("resource")]'
        .'.reduce((sum, e) => sum + e.transferSize, 0)',
) / 1000;
$measured = static function (float $began) use ($chrome, $weight): array {
    $chrome->until(
        static fn (): bool => $chrome->ask('document.querySelector("button.home-main") !== null') === true,
        'the page', 60,
    );
    $ready = microtime(true) - $began;
    $read = $chrome->ask('performance.getEntriesByName("first-contentful-paint")[0]?.startTime ?? 0');

    return ['read' => (is_numeric($read) ? (float) $read : 0) / 1000, 'ready' => $ready, 'kB' => $weight()];
};
try {
    $client = Demo::home('Bertil');
    $page = Demo::page($client);
    $chrome->visit('/home/door/'.$page->code)->fill('Your PIN', substr($client->birth_date, 0, 4).$page->letters);
    $slow(true);
    // The door was another address: with the right PIN the first visit begins, and nothing is kept yet.
    $began = microtime(true);
    $chrome->press('Open');
    $first = $measured($began);
    $chrome->driver->executeAsyncScript('navigator.serviceWorker.ready.then(() => setTimeout(arguments[0], 4000));');
    $began = microtime(true);
    $chrome->driver->get(getenv('BUOYANT_BASE').'/home');
    $second = $measured($began);
    // From then on script, style and letters stand on the phone; only these two come anew.
    $sizes = array_map(static function (string $path) use ($chrome): float {
        $text = $chrome->driver->executeAsyncScript(
            'fetch(arguments[0]).then((a) => a.text()).then(arguments[1]);', [$path],
        );

        return strlen((string) gzencode(is_string($text) ? $text : '')) / 1000;
    }, ['/home', '/home/card.json']);
    $slow(false);
    printf(
        "first visit: %.0f kB, readable after %.1f s, player ready after %.1f s\n",
        $first['kB'], $first['read'], $first['ready'],
    );
    printf(
        "after that:  %.0f kB (page %.0f, card %.0f, compressed), readable after %.1f s, player ready after %.1f s\n",
        array_sum($sizes), $sizes[0], $sizes[1], $second['read'], $second['ready'],
    );
    $chrome->visit('/home')->press('Start')->press('No, none of these');
    foreach (['No', 'No', '0'] as $answer) {
        usleep(300_000);
        $chrome->press($answer);
    }
    $chrome->fill('upper number', '124')->fill('lower number', '76')->press('Next')->press('Start')->press('Begin');
    usleep(4_500_000);
    // Each change of the shown second is held against the time that has really passed since the first.
    $chrome->driver->executeScript(<<<'JS'
        const timer = document.querySelector('[role=timer]');
        const seconds = () => timer.innerText.trim().replace(/ s$/, '').split(':').reduce(
            (sum, part) => 60 * sum + Number(part), 0,
        );
        window.off = []; window.began = null;
        new MutationObserver(() => {
            const now = performance.now();
            window.began ??= { at: now, shown: seconds() };
            window.off.push(now - window.began.at - 1000 * (window.began.shown - seconds()));
        }).observe(timer, { characterData: true, subtree: true, childList: true });
        JS);
    $before = [hrtime(true) / 1e6, (float) $chrome->ask('performance.now()')];
    for ($left = $clock; $left > 0; $left -= 10) {
        fprintf(STDERR, "\rclock: %d of %d s ", $clock - $left, $clock);
        usleep(min(10, $left) * 1_000_000);
    }
    fwrite(STDERR, "\n");
    $drift = ((float) $chrome->ask('performance.now()') - $before[1]) - (hrtime(true) / 1e6 - $before[0]);
    $off = array_map(floatval(...), (array) $chrome->ask('window.off'));
    printf(
        "clock over %d s: %d seconds shown, each within %.0f ms of the first; the browser's own clock off by %.0f ms\n",
        $clock, count($off), $off === [] ? 0 : max(array_map(abs(...), $off)), abs($drift),
    );
} finally {
    $chrome->close();
}
