<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A draft to issue, or no plan yet. */
final class PlanWaits implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->hasDraft) {
            yield new Need(NeedKind::DraftWaits, 'A drafted plan waits to be issued.', 'plan');
        } elseif (! $client->hasIssued) {
            yield $client->lastMeasured === null
                ? new Need(NeedKind::NoPlan, 'Screened; not measured yet.', 'measure')
                : new Need(NeedKind::NoPlan, 'Measured; no plan yet.', 'plan');
        }
    }
}
