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

    private static function max(LoggedSet $set, SystemLoad $system): ?OneRepMax
    {
        $lifted = (int) round($system->with($set->resistanceG()));
        $unusable = $set->kind !== DoseKind::Reps || $set->formBroke || $set->amount < 1 || $set->amount > 200
            || $lifted < 1 || (($set->resistanceG() ?? 0) < 1 && ! $system->movesBody());
        // Between two efforts the harder one: fewer left, and a lower estimate.
        $told = $set->effort < self::LEAST_EFFORT ? null : 10 - (int) ceil($set->effort);
        $left = $set->inReserve ?? $told;

        return $unusable || $left === null ? null : OneRepMax::estimate($lifted, $set->amount, $left);
    }
}
