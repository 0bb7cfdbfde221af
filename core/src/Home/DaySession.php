<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\EasierWeek;
use BuoyantStep\Core\Dose\LightDay;
use BuoyantStep\Core\Plan\Days\DayGroup;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Session\Session;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Situation\Situation;

/** What a plan holds for one day of the week: its exercises with the doses of that day, and the way through them. */
final readonly class DaySession
{
    /**
     * @param  list<int>  $places  in the plan
     * @param  list<Planned>  $items  those of the day, with its doses
     * @param  list<WalkStep>  $steps  their places count within the day
     */
    private function __construct(public array $places, public array $items, public array $steps, public int $seconds)
    {
    }

    /**
     * @param  list<Planned>  $items  of the plan
     * @param  list<OnDays>  $on  as many as there are exercises
     * @param  list<int>  $days  of the plan, 1 Monday to 7 Sunday
     * @param  int  $weekday  whose session it is; on a day that has none, that of the first day of the plan
     * @param  bool  $easierWeek  is the week an easier one?
     * @param  bool  $lighter  does the check before the session say lighter?
     */
    public static function of(
        Situation $situation,
        array $items,
        array $on,
        array $days,
        int $weekday,
        Structure $structure,
        Shape $shape,
        bool $easierWeek = false,
        bool $lighter = false,
    ): self {
        $group = self::groupOf($on, $days, $weekday);
        $doses = [];
        foreach ($group->places as $place) {
            $light = $on[$place]->isLight($weekday);
            $doses[] = self::dosed($situation, $items[$place], $light, $easierWeek, $lighter);
        }
        $timed = array_map(static fn (Planned $i): Timed => Timed::planned(
            $i, $situation->at($i->family, $i->rung),
        ), $doses);
        $restMin = $situation->envelope->restMin();
        $session = Session::of($timed, $structure, $restMin, $shape);

        return new self(
            $group->places, $doses, Walk::through($session, $doses, $timed, $restMin), $session->seconds,
        );
    }

    /**
     * @param  list<OnDays>  $on
     * @param  list<int>  $days
     */
    private static function groupOf(array $on, array $days, int $weekday): DayGroup
    {
        $groups = DayGroup::all($on, $days);
        foreach ($groups as $group) {
            if (in_array($weekday, $group->days, true)) {
                return $group;
            }
        }

        return $groups[0];
    }

    private static function dosed(
        Situation $situation,
        Planned $item,
        bool $light,
        bool $easierWeek,
        bool $lighter,
    ): Planned {
        $dose = $light ? LightDay::of($situation->at($item->family, $item->rung), $item->dose) : $item->dose;
        $dose = $easierWeek ? EasierWeek::of($dose) : $dose;

        return self::with($item, $lighter ? Lighter::of($dose) : $dose);
    }

    private static function with(Planned $item, Dose $dose): Planned
    {
        return new Planned($item->family, $item->rung, $item->goal, $dose, $item->sides, $item->made);
    }
}
