<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Plan\Session\Session;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Reason;

/**
 * All exercises of a plan at once, for what is the whole session's: a bad day holds every step, and a fragile client
 * steps up in two exercises of one session at most.
 */
final readonly class SessionReview
{
    /** House convention, cautious. */
    private const STEPS_IF_FRAGILE = 2;

    private const BAD_PAIN = 2;

    private const HARD_EFFORT = 9;

    private const HARD_EXERCISES = 2;

    public function __construct(private Situation $situation, private Wishes $wishes)
    {
    }

    /**
     * @param  list<Exercise>  $plan  in the order of the plan, the most important first
     * @return list<Reviewed> one each
     */
    public function review(array $plan): array
    {
        $reviewer = new Reviewer($this->situation, $this->wishes, $this->room($plan));
        $bad = $this->badDay($plan);
        $steps = $rank = 0;
        $all = [];
        foreach ($plan as $one) {
            $reviewed = $reviewer->review($one, $rank);
            $rank += $one->isUnmeasured() && ! $one->wasAskedWithin(MeasureFirst::AGAIN_DAYS) ? 1 : 0;
            if ($reviewed->proposal->decision === Decision::StepUp) {
                $steps++;
                $why = $bad ?? ($steps > self::STEPS_IF_FRAGILE && $this->situation->isFragile() ? new Reason(
                    'rule', 'brake.steps', 'Two exercises step up already, and this client is fragile: next time.',
                    'House convention, cautious',
                ) : null);
                if ($why !== null) {
                    $held = $reviewed->proposal->held($one->dose, $why, 'The next good session lets it step.');
                    $reviewed = new Reviewed($held, $one->here->rung);
                }
            }
            $all[] = $reviewed;
        }

        return $all;
    }

    /**
     * Seconds that the session has left of its minutes; below zero where it is over them.
     *
     * @param  list<Exercise>  $plan
     */
    private function room(array $plan): int
    {
        $timed = array_map(static fn (Exercise $e): Timed => Timed::here($e->here, $e->goal, $e->dose), $plan);
        $session = Session::of(
            $timed, $this->wishes->structure, $this->situation->envelope->restMin(), $this->wishes->shape,
        );

        return $this->wishes->minutes * 60 - $session->seconds;
    }

    /** @param  list<Exercise>  $plan */
    private function badDay(array $plan): ?Reason
    {
        $ceiling = PainRule::ceiling($this->situation->client, $this->situation->envelope, $this->situation->on);
        $latest = null;
        foreach ($plan as $one) {
            foreach ($one->history as $session) {
                $latest = $latest === null || $session->date->isAfter($latest) ? $session->date : $latest;
            }
        }
        $hard = 0;
        foreach ($plan as $one) {
            foreach ($one->history as $session) {
                if ($latest === null || (string) $session->date !== (string) $latest || ! $session->wasDone()) {
                    continue;
                }
                $hard += $session->hardestEffort() >= self::HARD_EFFORT ? 1 : 0;
                $morning = $session->painNextMorning !== null
                    && $session->painNextMorning >= ($session->painBefore ?? 0) + self::BAD_PAIN;
                if (($session->painDuring ?? 0) >= $ceiling + self::BAD_PAIN || $morning) {
                    return self::reason('pain well over the ceiling, or a bad morning after');
                }
            }
        }

        return $hard >= self::HARD_EXERCISES ? self::reason('RPE 9 or more in two exercises') : null;
    }

    private static function reason(string $what): Reason
    {
        return new Reason(
            'log', 'brake.bad_day', sprintf('A bad day is the whole session\'s (%s): nothing steps up.', $what),
            'House convention, cautious',
        );
    }
}
