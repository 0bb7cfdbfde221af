<?php

declare(strict_types=1);

// Prints every text of the exercise catalogue that a person reads, a line each: for the spelling check of bin/test
// static.

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Kit\Thing;

require __DIR__.'/../../vendor/autoload.php';

foreach (Catalogue::standard()->families() as $family) {
    echo implode("\n", [$family->name, $family->purpose, ...$family->gymMachines, ...$family->words]), "\n";
    foreach ($family->rungs as $rung) {
        echo implode(
            "\n",
            [
                $rung->name, $rung->step, $rung->setUp->says, ...$rung->teaching->cues, ...$rung->teaching->mistakes,
                $rung->teaching->tooHardIf, $rung->teaching->tooEasyIf, $rung->teaching->feel,
                ...array_column($rung->teaching->muscles, 'value'), ...$rung->words, $rung->helper?->says() ?? '',
                $rung->teaching->picture ?? '', $rung->teaching->target ?? '', $rung->teaching->fade ?? '',
                $rung->teaching->wrong->says ?? '',
            ],
        ), "\n";
        foreach ($rung->teaching->looks as $look) {
            echo implode("\n", [$look->sees, $look->because, $look->cue]), "\n";
        }
    }
}
foreach (Thing::cases() as $thing) {
    echo $thing->label(), "\n", $thing->substitute() ?? '', "\n";
}
