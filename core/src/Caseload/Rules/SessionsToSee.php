<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Units\Day;

/** Sessions that came from elsewhere: a file, a paper sheet, the client at home. */
final class SessionsToSee implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->toSee === []) {
            return;
        }
        $days = array_map(static fn (Day $d): string => $d->label(), $client->toSee);
        $says = count($days) === 1
            ? sprintf('A session of %s came in: look at it.', $days[0])
            : sprintf('%d sessions came in, the last of %s: look at them.', count($days), $days[0]);
        yield new Need(NeedKind::SessionToSee, $says, 'log', implode(' ', $days));
    }
}
