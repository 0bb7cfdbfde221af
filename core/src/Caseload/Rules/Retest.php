<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Situation\Situation;

/** A test that is due, by the calendar or by what has happened. */
final class Retest implements NeedRule
{
    /** Re-test after four weeks in the first block, then after eight; after four while one side lags behind. */
    public const FIRST_BLOCK_DAYS = 28;

    public const LATER_DAYS = 56;

    public function of(Standing $client): iterable
    {
        if (! $client->hasIssued) {
            return;
        }
        $days = $client->lastMeasured?->daysTo($client->on);
        if ($days === null) {
            yield new Need(NeedKind::Retest, 'Never measured.', 'measure');
        } elseif ($client->retestBecause !== null) {
            yield new Need(NeedKind::Retest, 'Re-test now: '.$client->retestBecause, 'measure');
        } elseif ($days >= $client->retestDays) {
            $says = sprintf('Re-test due: last measured %d days ago.', $days);
            yield new Need(NeedKind::Retest, $says, 'measure', 'measured '.$client->lastMeasured->label());
        }
    }

    /** @param  int|null  $weeks  of the block that the plan in use belongs to: it brings the re-test forward only */
    public static function days(Situation $situation, ?int $weeks = null): int
    {
        $usual = $situation->isInFirstBlock() || $situation->measures->weakerSide() !== null
            ? self::FIRST_BLOCK_DAYS
            : self::LATER_DAYS;

        return min($usual, 7 * ($weeks ?? intdiv($usual, 7)));
    }
}
