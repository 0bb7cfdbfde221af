<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** Clearance that the limits ask for and that is not on record. */
final class ClearanceMissing implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->clearanceMissing !== null) {
            yield new Need(NeedKind::ClearanceMissing, $client->clearanceMissing, 'screen');
        }
    }
}
