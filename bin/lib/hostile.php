<?php

declare(strict_types=1);

// Called by bin/hostile and bin/test: BASE REQUESTS SEED [DB_HOME DB_PORT DB_NAME DB_PASSWORD]. Attacks a running demo.

use Illuminate\Contracts\Console\Kernel;
use Tests\Hostile\Crash;
use Tests\Hostile\Fuzz;
use Tests\Hostile\Tally;
use Tests\Hostile\TwoTabs;

require __DIR__.'/../../vendor/autoload.php';

[, $base, $requests, $seed] = $argv;
$database = array_slice($argv, 4);
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$tally = new Tally;
$began = microtime(true);
(new TwoTabs($base, $tally))->run();
printf("two tabs: %.0f s\n", microtime(true) - $began);
(new Fuzz($base, $tally, (int) $seed))->run((int) $requests);
printf("fuzz: %.0f s\n", microtime(true) - $began);
if ($database !== []) {
    (new Crash($base, $tally, $database))->run();
    printf("crash: %.0f s\n", microtime(true) - $began);
}
ksort($tally->statuses);
echo 'answers: '.implode(
    ' ', array_map(static fn (int $s, int $n): string => "$s=$n", array_keys($tally->statuses), $tally->statuses),
)."\n";
echo $tally->line()."\n";
exit($tally->isClean() ? 0 : 1);
