<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** Exercises for which this home makes no next load within a step, though the limits would allow one. */
final class KitOutgrown implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->outgrown !== []) {
            $more = count($client->outgrown) - 1;
            $more = $more > 0 ? " (+$more more)" : '';
            $says = 'The kit at home has no next load for: '.$client->outgrown[0].$more.'.';
            yield new Need(NeedKind::KitOutgrown, $says, 'kit', implode(', ', $client->outgrown));
        }
    }
}
