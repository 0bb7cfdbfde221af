<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Gate\GateVerdict;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Units\Day;

/** Who needs the clinician today, and for what: the order in which a careful person would look. */
final class Needs
{
    /** Re-test after four weeks in the first block, then after eight; after four while one side lags behind. */
    public const RETEST_DAYS = 28;

    public const RETEST_LATER_DAYS = 56;

    /** A date ahead is shown this long before (dose.md: the changed plan is drafted a week ahead). */
    public const AHEAD_DAYS = 14;

    /** From here a missed stretch changes the dose (dose.md, brake 5). */
    public const MISSED_DAYS = 7;

    public static function retestDays(Situation $situation): int
    {
        return $situation->isInFirstBlock() || $situation->measures->weakerSide() !== null ? self::RETEST_DAYS : self::RETEST_LATER_DAYS;
    }

    /**
     * @param  string|null  $stopSign  open stop sign, in words
     * @param  list<string>  $breaches  what in the issued plan no longer fits, in words
     * @param  array<string, list<string>>  $proposals  open proposals by decision, each in words
     * @param  list<Crossing>  $waiting  what may loosen and waits for a word
     * @param  list<Crossing>  $crossings
     * @param  GateVerdict|null  $gate  the latest check
     * @param  Day|null  $gateOn  its day; null is today
     * @param  string|null  $ahead  what of the plan in use a date within a week will no longer allow
     * @param  string|null  $retestBecause  what has happened since the last test that asks for a new one
     * @return list<Need> most urgent first
     */
    public static function of(
        Day $on,
        ?string $stopSign,
        ?string $clearanceMissing,
        array $breaches,
        array $proposals,
        array $waiting,
        array $crossings,
        bool $hasIssued,
        bool $hasDraft,
        ?Day $lastMeasured,
        ?Day $lastSession,
        int $retestDays = self::RETEST_DAYS,
        ?string $retestBecause = null,
        ?string $ahead = null,
        ?GateVerdict $gate = null,
        ?Day $gateOn = null,
    ): array {
        $needs = [];
        if ($stopSign !== null) {
            $needs[] = new Need('stop', 0, 'Stop sign: '.$stopSign.'. Nothing resumes until you clear it.', 'review');
        }
        $gateDays = $gateOn?->daysTo($on) ?? 0;
        $gate = $gate?->holdsAfter($gateDays) === true ? $gate : null;
        if ($gate === GateVerdict::StopAndCall) {
            $needs[] = new Need('stop', 0, sprintf('Gate %s: stop and call. No session until a later check says otherwise.', $gateOn === null || $gateDays === 0 ? 'today' : 'of '.$gateOn->label()), 'gate');
        } elseif ($gate === GateVerdict::Wait) {
            $needs[] = new Need('look', 1, 'Gate today: wait. Check again.', 'gate');
        }
        if ($breaches !== []) {
            $needs[] = new Need('look', 1, 'The plan in use no longer fits: '.$breaches[0].(count($breaches) > 1 ? sprintf(' (+%d more)', count($breaches) - 1) : ''), 'plan');
        }
        foreach ([['ease', 'ease', 2, 'Ease'], ['retest', 'look', 3, 'Measure again'], ['step_up', 'up', 4, 'Step up']] as [$decision, $mark, $rank, $verb]) {
            foreach ($proposals[$decision] ?? [] as $says) {
                $needs[] = new Need($mark, $rank, $verb.': '.$says, 'review');
            }
        }
        if ($clearanceMissing !== null) {
            $needs[] = new Need('look', 5, $clearanceMissing, 'screen');
        }
        foreach ($waiting as $crossing) {
            $needs[] = new Need('look', 6, $crossing->says, 'limits');
        }
        foreach ($crossings as $crossing) {
            if ($on->daysTo($crossing->date) <= self::AHEAD_DAYS) {
                $needs[] = new Need('look', 6, $crossing->date->label().': '.$crossing->says, 'limits');
            }
        }
        if ($ahead !== null) {
            $needs[] = new Need('look', 6, $ahead, 'plan');
        }
        if ($hasDraft) {
            $needs[] = new Need('look', 7, 'A drafted plan waits to be issued.', 'plan');
        } elseif (! $hasIssued) {
            $needs[] = $lastMeasured === null
                ? new Need('look', 8, 'Screened; not measured yet.', 'measure')
                : new Need('look', 8, 'Measured; no plan yet.', 'plan');
        }
        if ($hasIssued && $lastMeasured !== null && $retestBecause !== null) {
            $needs[] = new Need('look', 9, 'Re-test now: '.$retestBecause, 'measure');
        } elseif ($hasIssued && ($lastMeasured === null || $lastMeasured->daysTo($on) >= $retestDays)) {
            $needs[] = new Need('look', 9, $lastMeasured === null ? 'Never measured.' : sprintf('Re-test due: last measured %d days ago.', $lastMeasured->daysTo($on)), 'measure');
        }
        if ($hasIssued && $lastSession !== null && $lastSession->daysTo($on) >= self::MISSED_DAYS) {
            $needs[] = new Need('look', 10, sprintf('No session logged for %d days.', $lastSession->daysTo($on)), 'log');
        }
        usort($needs, static fn (Need $a, Need $b): int => $a->rank <=> $b->rank);

        return $needs;
    }
}
