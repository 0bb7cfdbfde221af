<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Rung;

/**
 * How long a session takes: set-up, warm-up, sets × amount × seconds × sides, rests, and the change to the next
 * thing. In a circuit one region rests while another works, so only a change-over lies between bouts, unless a limit
 * asks for a longer rest: that one separates any two bouts.
 */
final class Minutes
{
    /** House estimate: putting one thing down and taking up the next. */
    public const CHANGE_OVER_S = 15;

    public static function itemSeconds(
        Rung $rung,
        Goal $goal,
        Dose $dose,
        int $sides,
        Structure $structure,
        int $restMinS,
    ): int {
        $each = $rung->work->secondsPer($dose->kind) + ($dose->holdS ?? 0);
        $bout = (int) ceil($dose->amount->hi * $each + ($dose->pauseS ?? 0)) * max(1, $sides);
        if ($goal === Goal::WarmUp) {
            return $rung->setUp->seconds + $bout;
        }
        $rest = $structure === Structure::Circuit ? max(self::CHANGE_OVER_S, $restMinS) : max($dose->restS, $restMinS);

        return $rung->setUp->seconds + $dose->sets * ($bout + $rest) + self::CHANGE_OVER_S;
    }

    /** @param  list<PlanItem>  $items */
    public static function session(array $items, Structure $structure, int $restMinS): int
    {
        $seconds = 0;
        foreach ($items as $item) {
            $seconds += self::itemSeconds(
                $item->rung, $item->goal, $item->dose, count($item->sides), $structure, $restMinS,
            );
        }

        return $seconds;
    }

    public static function round(int $seconds): int
    {
        return (int) ceil($seconds / 60);
    }
}
