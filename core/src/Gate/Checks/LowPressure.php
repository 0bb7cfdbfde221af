<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Vocabulary\Sign;

/** Systolic pressure that is low, against the own usual. */
final class LowPressure implements Check
{
    private const RULE = 'gate.bp_low';

    /** As far below the own usual as counts, mmHg. */
    private const BELOW_USUAL = 15;

    public function findings(Arrival $at): iterable
    {
        $systolic = $at->readings->pressure->systolic;
        if ($systolic === null || $systolic >= 100) {
            return;
        }
        $usual = $at->client->usual->systolic;
        $usuallyLow = $usual !== null && $usual < 90 && $systolic > $usual - self::BELOW_USUAL;
        $says = sprintf(
            'Systolic pressure %d%s.', (int) $systolic,
            $usual === null ? ', usual not known' : sprintf(', usual %d', (int) $usual),
        );
        if ($at->says(Sign::Dizziness)) {
            yield Finding::notToday(self::RULE, $says.' With dizziness.', 'Lie down; no session today.');
        } elseif ($systolic < 90 && ! $usuallyLow) {
            $do = 'No session today unless the team has recorded a usual that low.';
            yield Finding::notToday(self::RULE, $says, $do);
        } elseif (! $usuallyLow && ($usual === null || $systolic <= $usual - self::BELOW_USUAL)) {
            yield Finding::lighter(self::RULE, $says, 'Lighter; rise slowly.');
        }
    }
}
