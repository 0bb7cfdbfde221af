<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Days\WeekSessions;
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
     * @param  list<OnDays>|null  $on  as many as there are exercises; null where the week is as it was wished
     * @return list<Reviewed> one each
     */
    public function review(array $plan, ?array $on = null): array
    {
        $reviewer = new Reviewer($this->situation, $this->wishes, $this->room($plan, $on));
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
     * @param  list<OnDays>|null  $on
     */
    private function room(array $plan, ?array $on): int
    {
        $timed = array_map(static fn (Exercise $e): Timed => Timed::here($e->here, $e->goal, $e->dose), $plan);
        [$days, $shape] = [$this->wishes->days, $this->wishes->shape];
        $sessions = WeekSessions::of(
            $timed, $on ?? $shape->week->share($timed, $days), $days, $this->wishes->structure,
            $this->situation->envelope->restMin(), $shape,
        );

        return $this->wishes->minutes * 60 - $sessions->seconds();
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
