<?php

declare(strict_types=1);

// Made-up clients against an independent reading of the limits: core/tests/Check. Run by bin/check.

use BuoyantStep\Core\Tests\Check\Run;

require __DIR__.'/../../vendor/autoload.php';

$options = getopt('', ['clients:', 'seed:']);
$clients = (int) ($options['clients'] ?? 20_000);
$seed = (int) ($options['seed'] ?? 1);
if ($clients < 1) {
    fwrite(STDERR, "--clients must be a number above 0, for example --clients=500.\n");
    exit(2);
}
$run = new Run($seed);
$tty = stream_isatty(STDERR);
for ($n = 1; $n <= $clients; $n++) {
    $run->next();
    if ($tty && ($n % 50 === 0 || $n === $clients)) {
        $done = (int) (40 * $n / $clients);
        fprintf(STDERR, "\r[%s%s] %d of %d", str_repeat('#', $done), str_repeat('.', 40 - $done), $n, $clients);
    }
}
if ($tty) {
    fwrite(STDERR, "\n");
}
foreach (array_slice($run->examples, 0, 40) as $example) {
    echo $example, "\n";
}
ksort($run->byField);
foreach ($run->byField as $field => [$planted, $caught]) {
    printf("planted %-24s %6d, caught %6d\n", $field, $planted, $caught);
}
printf(
    "check: clients=%d exercises=%d violations=%d planted=%d caught=%d\n",
    $clients, $run->exercises, $run->violations, $run->planted, $run->caught,
);
exit($run->violations > 0 || $run->planted !== $run->caught ? 1 : 0);
