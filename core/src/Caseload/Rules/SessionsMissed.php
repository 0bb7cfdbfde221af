<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Mark;
use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A stretch without a session that changes the dose. */
final class SessionsMissed implements NeedRule
{
    /** From here a missed stretch changes the dose (Progress\Brakes). */
    private const DAYS = 7;

    public function of(Standing $client): iterable
    {
        $days = $client->lastSession?->daysTo($client->on);
        if ($client->hasIssued && $days !== null && $days >= self::DAYS) {
            yield new Need(Mark::Look, 10, sprintf('No session logged for %d days.', $days), 'log');
        }
    }
}
