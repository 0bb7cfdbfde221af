<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;

/** Feeling unwell, a bad night, fatigue. */
final class Tiredness implements Check
{
    private const TIRED = 7;

    public function findings(Arrival $at): iterable
    {
        $feeling = $at->readings->feeling;
        if ($feeling->unwell === true) {
            yield Finding::lighter(
                'gate.unwell', 'Feels unwell.',
                'Ask what, and take the temperature. Lighter; no session when it is new and they would rather lie '
                    .'down.',
            );
        }
        if ($feeling->sleptBadly === true || ($feeling->fatigue !== null && $feeling->fatigue >= self::TIRED)) {
            $says = $feeling->sleptBadly === true
                ? 'Slept badly.'
                : sprintf('Fatigue %d of 10.', (int) $feeling->fatigue);
            yield Finding::lighter(
                'gate.fatigue', $says, 'Halve the sets; keep the habit.', 'ACSM (Campbell 2019)',
            );
        }
    }
}
