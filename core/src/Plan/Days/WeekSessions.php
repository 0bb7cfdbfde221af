<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Days;

use BuoyantStep\Core\Plan\Session\Session;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Structure;

/** The sessions of a week, one for all days that hold the same. */
final readonly class WeekSessions
{
    /** @param  list<array{group: DayGroup, session: Session}>  $all  in the order of their first days */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  list<Timed>  $items  in the order of the plan
     * @param  list<OnDays>  $on  as many as there are exercises
     * @param  list<int>  $days  of the plan, 1 Monday to 7 Sunday
     * @param  int  $restMinS  that a limit asks for between any two bouts
     */
    public static function of(
        array $items, array $on, array $days, Structure $structure, int $restMinS, Shape $shape,
    ): self {
        return new self(array_map(static fn (DayGroup $group): array => [
            'group' => $group, 'session' => Session::of($group->of($items), $structure, $restMinS, $shape),
        ], DayGroup::all($on, $days)));
    }

    /** Of the longest of them: the one that the minutes are asked for. */
    public function seconds(): int
    {
        return array_reduce(
            $this->all, static fn (int $most, array $one): int => max($most, $one['session']->seconds), 0,
        );
    }
}
