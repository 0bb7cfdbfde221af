<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\OverTime;

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Vocabulary\Side;

/** One exercise at one rung over its sessions: what a chart draws, one point a session and side. */
final class ExerciseOverTime
{
    /**
     * @param  list<Performed>  $history  in any order; sessions that were not done give no point
     * @return list<SessionPoint> oldest first
     */
    public static function of(array $history, SystemLoad $system): array
    {
        $points = [];
        foreach ($history as $session) {
            foreach ($session->wasDone() ? self::bySide($session->sets) : [] as $side => $sets) {
                $points[] = self::point($session, Side::from($side), $sets, $system);
            }
        }
        usort($points, static fn (SessionPoint $a, SessionPoint $b): int => (string) $a->on <=> (string) $b->on);

        return $points;
    }

    /**
     * @param  list<LoggedSet>  $sets
     * @return array<string, non-empty-list<LoggedSet>>
     */
    private static function bySide(array $sets): array
    {
        $by = [];
        foreach ($sets as $set) {
            $by[($set->side ?? Side::Both)->value][] = $set;
        }

        return $by;
    }

    /** @param  non-empty-list<LoggedSet>  $sets */
    private static function point(Performed $session, Side $side, array $sets, SystemLoad $system): SessionPoint
    {
        $amounts = array_map(static fn (LoggedSet $s): int => $s->amount, $sets);
        $loads = array_values(array_filter(
            array_map(static fn (LoggedSet $s): ?int => $s->resistanceG(), $sets), is_int(...),
        ));
        $load = $loads === [] ? null : max($loads);
        $efforts = array_map(static fn (LoggedSet $s): float => $s->effort, $sets);

        return new SessionPoint(
            $session->date, $side, $sets[0]->kind, count($sets), max($amounts), array_sum($amounts), $load,
            $load === null && ! $system->movesBody() ? null : (int) round($system->with($load)),
            $load === null ? null : array_sum(array_map(
                static fn (LoggedSet $s): float => $s->amount * ($s->resistanceG() ?? 0) / 1000, $sets,
            )),
            array_sum($efforts) / count($efforts), $session->painDuring, self::best($sets, $system),
        );
    }

    /**
     * @param  non-empty-list<LoggedSet>  $sets
     * @return array{grams: int, lo: int, hi: int}|null
     */
    private static function best(array $sets, SystemLoad $system): ?array
    {
        $best = null;
        foreach ($sets as $set) {
            $band = LoggedEstimates::band($set, $system);
            $best = $band !== null && $band['grams'] > ($best['grams'] ?? 0) ? $band : $best;
        }

        return $best;
    }
}
