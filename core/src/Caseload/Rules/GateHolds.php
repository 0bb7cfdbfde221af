<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Gate\GateVerdict;

/** A check before a session that asked to stop or to wait, and still holds. */
final class GateHolds implements NeedRule
{
    public function of(Standing $client): iterable
    {
        $days = $client->gateOn?->daysTo($client->on) ?? 0;
        if ($client->gate === null || ! $client->gate->holdsAfter($days)) {
            return;
        }
        if ($client->gate === GateVerdict::StopAndCall) {
            $when = $client->gateOn === null || $days === 0 ? 'today' : 'of '.$client->gateOn->label();
            $says = sprintf('Gate %s: stop and call. No session until a later check says otherwise.', $when);
            yield new Need(NeedKind::GateStopped, $says, 'gate');
        } elseif ($client->gate === GateVerdict::Wait) {
            yield new Need(NeedKind::GateWaits, 'Gate today: wait. Check again.', 'gate');
        }
    }
}
