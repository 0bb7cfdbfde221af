<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** A stretch without a session that changes the dose, or a plan that nobody has begun. */
final class SessionsMissed implements NeedRule
{
    /** From here a missed stretch changes the dose (Progress\Brakes). */
    private const DAYS = 7;

    public function of(Standing $client): iterable
    {
        if (! $client->hasIssued) {
            return;
        }
        $days = $client->lastSession?->daysTo($client->on);
        $since = $client->issuedOn?->daysTo($client->on);
        if ($days !== null && $days >= self::DAYS) {
            $says = sprintf('No session logged for %d days.', $days);
            yield new Need(NeedKind::NotLogging, $says, 'log', 'since '.$client->lastSession->label());
        } elseif ($days === null && $since !== null && $since >= self::DAYS) {
            $says = sprintf('No session logged since the plan was issued %d days ago.', $since);
            yield new Need(NeedKind::NotLogging, $says, 'log', 'since '.$client->issuedOn->label());
        }
    }
}
