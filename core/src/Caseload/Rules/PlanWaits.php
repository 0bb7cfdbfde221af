<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Mark;
use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A draft to issue, or no plan yet. */
final class PlanWaits implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->hasDraft) {
            yield new Need(Mark::Look, 7, 'A drafted plan waits to be issued.', 'plan');
        } elseif (! $client->hasIssued) {
            yield $client->lastMeasured === null
                ? new Need(Mark::Look, 8, 'Screened; not measured yet.', 'measure')
                : new Need(Mark::Look, 8, 'Measured; no plan yet.', 'plan');
        }
    }
}
