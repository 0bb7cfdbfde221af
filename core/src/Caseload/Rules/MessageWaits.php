<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A question or a change that the client told, and nobody has answered. */
final class MessageWaits implements NeedRule
{
    public function of(Standing $client): iterable
    {
        foreach ($client->messages as $says) {
            yield new Need(NeedKind::Message, $says, 'messages');
        }
    }
}
