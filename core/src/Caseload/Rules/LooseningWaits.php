<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** What may loosen since its date has come, and waits for a word. */
final class LooseningWaits implements NeedRule
{
    public function of(Standing $client): iterable
    {
        foreach ($client->waiting as $crossing) {
            yield new Need(NeedKind::LimitChange, $crossing->says, 'limits');
        }
    }
}
