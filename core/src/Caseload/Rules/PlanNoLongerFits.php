<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** Limits or a home that changed under a plan in use. */
final class PlanNoLongerFits implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->breaches !== []) {
            $more = count($client->breaches) - 1;
            $says = 'The plan in use no longer fits: '.$client->breaches[0].($more > 0 ? " (+$more more)" : '');
            yield new Need(NeedKind::PlanNoLongerFits, $says, 'plan');
        }
    }
}
