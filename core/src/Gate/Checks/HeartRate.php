<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** Resting heart rate, against the own usual. */
final class HeartRate implements Check
{
    private const RULE = 'gate.hr';

    private const FIBRILLATING = 110;

    public function findings(Arrival $at): iterable
    {
        $rate = $at->readings->pulse->rate;
        if ($rate === null) {
            return;
        }
        $usual = $at->client->usual->heartRate;
        $usuallySlow = $usual !== null && $usual < 45 && $rate > $usual - 10;
        $says = sprintf(
            'Resting heart rate %d%s.', (int) $rate, $usual === null ? '' : sprintf(', usual %d', (int) $usual),
        );
        // In known atrial fibrillation only the rate counts (ESC 2020).
        $fibrillates = $at->envelope->is(ConditionTrait::KnownAtrialFibrillation) && $rate > self::FIBRILLATING;
        if ($fibrillates || $rate >= 120 || ($rate < 40 && ! $usuallySlow)) {
            yield Finding::notToday(self::RULE, $says, 'No session today; tell their doctor.', Source::ACSM);
        } elseif ($rate > 100 || ($usual !== null && $rate >= $usual + 20)) {
            yield Finding::lighter(self::RULE, $says, 'Lighter today.', Source::ACSM);
        }
    }
}
