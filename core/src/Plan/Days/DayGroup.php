<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Days;

/** Days that hold the same exercises, and which. */
final readonly class DayGroup
{
    /**
     * @param  list<int>  $days  1 Monday to 7 Sunday
     * @param  list<int>  $places  in the plan, in their order
     */
    private function __construct(public array $days, public array $places)
    {
    }

    /**
     * @param  list<OnDays>  $on  as many as there are exercises
     * @param  list<int>  $days  of the plan
     * @return list<self> in the order of their first days; one where every day holds the same, or no day is known
     */
    public static function all(array $on, array $days): array
    {
        if ($days === []) {
            return [new self([], array_keys($on))];
        }
        sort($days);
        $held = [];
        foreach ($days as $day) {
            $places = array_keys(array_filter($on, static fn (OnDays $o): bool => ! $o->isOff($day)));
            $held[implode(' ', $places)][] = $day;
        }
        $groups = [];
        foreach ($held as $places => $of) {
            $groups[] = new self($of, $places === '' ? [] : array_map(intval(...), explode(' ', (string) $places)));
        }

        return $groups;
    }

    /**
     * @template T
     *
     * @param  list<T>  $items  of the whole plan
     * @return list<T> those of these days
     */
    public function of(array $items): array
    {
        return array_map(static fn (int $place): mixed => $items[$place], $this->places);
    }
}
