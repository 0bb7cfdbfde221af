<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;

/** Fever. */
final class Temperature implements Check
{
    public function findings(Arrival $at): iterable
    {
        $temp = $at->readings->body->tempC;
        if ($temp !== null && $temp >= 38.0) {
            $says = sprintf('Temperature %.1f °C.', $temp);
            yield Finding::notToday('gate.temperature', $says, 'No session with a fever.', Source::ACSM);
        }
    }
}
