<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** Pain that was worse the morning after, while nothing is decided on that session. */
final class WorseNextMorning implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->worse !== null) {
            yield new Need(NeedKind::WorseNextMorning, $client->worse, 'review');
        }
    }
}
