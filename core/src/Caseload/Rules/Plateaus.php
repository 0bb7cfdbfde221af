<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** Weeks without a step: another lever, an easier week or a fresh test is offered on Review. */
final class Plateaus implements NeedRule
{
    public function of(Standing $client): iterable
    {
        foreach ($client->plateaus as $says) {
            yield new Need(NeedKind::Plateau, $says, 'review', strtok($says, ':') ?: $says);
        }
    }
}
