<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Days;

use BuoyantStep\Core\Dose\Dose;

/** On which days of its plan an exercise is done lighter, and on which it is left out; on the others it is whole. */
final readonly class OnDays
{
    /**
     * @param  list<int>  $light  1 Monday to 7 Sunday
     * @param  list<int>  $off  1 Monday to 7 Sunday
     */
    public function __construct(public array $light = [], public array $off = [])
    {
    }

    /**
     * Of these days only, each in one list, at least one of them whole; as on every day where none would be left.
     *
     * @param  list<int>  $days  of the plan, 1 Monday to 7 Sunday
     */
    public function within(array $days): self
    {
        $off = array_values(array_intersect($days, $this->off));
        $light = array_values(array_diff(array_intersect($days, $this->light), $off));

        return count($off) + count($light) >= count($days) ? new self : new self($light, $off);
    }

    /**
     * The dose with as many days a week as it is done on, light ones counted.
     *
     * @param  list<int>  $days  of the plan
     */
    public function dose(Dose $dose, array $days): Dose
    {
        return $dose->with(daysAWeek: count(array_diff($days, $this->off)));
    }

    public function isOff(int $day): bool
    {
        return in_array($day, $this->off, true);
    }

    public function isLight(int $day): bool
    {
        return in_array($day, $this->light, true);
    }
}
