<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A date ahead on which the limits change, and what of the plan it will no longer allow. */
final class DateAhead implements NeedRule
{
    /** A date ahead is shown this long before (house convention: the changed plan is drafted then). */
    private const DAYS = 14;

    public function of(Standing $client): iterable
    {
        foreach ($client->crossings as $crossing) {
            if ($client->on->daysTo($crossing->date) <= self::DAYS) {
                yield new Need(NeedKind::LimitChange, $crossing->date->label().': '.$crossing->says, 'limits');
            }
        }
        if ($client->ahead !== null) {
            yield new Need(NeedKind::LimitChange, $client->ahead, 'plan');
        }
    }
}
