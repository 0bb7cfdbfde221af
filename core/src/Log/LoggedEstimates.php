<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Log;

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;

/** Every logged set of reps whose effort tells how many were left is an easy set; of the body alone, too. */
final class LoggedEstimates
{
    /** Below this the effort tells nothing about the reps left (Zourdos 2016). */
    private const LEAST_EFFORT = 5;

    /** Reps left are judged within so many. House convention, after Zourdos 2016. */
    private const JUDGED_WITHIN = 1;

    /**
     * @param  list<Performed>  $history
     * @return list<Estimate>
     */
    public static function of(array $history, SystemLoad $system): array
    {
        $estimates = [];
        foreach ($history as $session) {
            foreach ($session->wasDone() ? $session->sets : [] as $set) {
                $max = self::max($set, $system);
                $side = $set->side ?? Side::Both;
                $estimate = $max === null ? null : Estimate::of($max, EstimateFrom::Log, $session->date, $side);
                if ($estimate !== null) {
                    $estimates[] = $estimate;
                }
            }
        }

        return $estimates;
    }

    /**
     * The estimate of one set, and what it would be with one rep fewer and one more left: nobody judges that better.
     *
     * @return array{grams: int, lo: int, hi: int}|null grams of all that is lifted; null where the set gives no
     *     estimate
     */
    public static function band(LoggedSet $set, SystemLoad $system): ?array
    {
        $max = self::max($set, $system)?->grams;

        // With one more left it may be too many for an estimate: then the band ends at the estimate.
        return $max === null ? null : [
            'grams' => $max, 'lo' => self::max($set, $system, -self::JUDGED_WITHIN)->grams ?? $max,
            'hi' => max($max, self::max($set, $system, self::JUDGED_WITHIN)->grams ?? $max),
        ];
    }

    private static function max(LoggedSet $set, SystemLoad $system, int $more = 0): ?OneRepMax
    {
        $lifted = (int) round($system->with($set->resistanceG()));
        $unusable = $set->kind !== DoseKind::Reps || $set->formBroke || $set->amount < 1 || $set->amount > 200
            || $lifted < 1 || (($set->resistanceG() ?? 0) < 1 && ! $system->movesBody());
        // Between two efforts the harder one: fewer left, and a lower estimate.
        $told = $set->effort < self::LEAST_EFFORT ? null : 10 - (int) ceil($set->effort);
        $left = $set->inReserve ?? $told;

        return $unusable || $left === null
            ? null
            : OneRepMax::estimate($lifted, $set->amount, min(50, max(0, $left + $more)));
    }
}
