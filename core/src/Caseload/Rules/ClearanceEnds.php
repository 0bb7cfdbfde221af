<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A clearance that ends soon: whoever gave it needs the time to give it again. */
final class ClearanceEnds implements NeedRule
{
    /** So long before its last day it is said. House convention: the letter, the appointment, the answer. */
    private const DAYS = 14;

    public function of(Standing $client): iterable
    {
        if ($client->clearedUntil === null) {
            return;
        }
        $days = $client->on->daysTo($client->clearedUntil);
        if ($days >= 0 && $days <= self::DAYS) {
            $says = sprintf('Clearance ends on %s: ask for it again.', $client->clearedUntil->label());
            yield new Need(NeedKind::ClearanceEnds, $says, 'screen');
        }
    }
}
