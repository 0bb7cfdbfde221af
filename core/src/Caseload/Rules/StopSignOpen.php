<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A red flag on record that nobody has cleared. */
final class StopSignOpen implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->stopSign !== null) {
            $says = 'Red flag: '.$client->stopSign.'. Nothing resumes until you clear it.';
            yield new Need(NeedKind::StopSign, $says, 'review');
        }
    }
}
