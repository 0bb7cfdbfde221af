<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\OverTime;

use BuoyantStep\Core\Units\Day;

/** What one exercise came to over some weeks: to hold beside the weeks before. */
final readonly class Span
{
    /**
     * @param  int  $sessions  days on which it was done
     * @param  int|null  $loadG  the heaviest load, grams
     * @param  int|null  $best  the largest amount of one set
     * @param  int|null  $maxG  the highest estimated 1RM, grams of all that is lifted
     * @param  float|null  $effort  the mean of the sessions, 0 to 10
     * @param  int|null  $pain  the worst during, 0 to 10
     */
    private function __construct(
        public int $sessions,
        public ?int $loadG,
        public ?int $best,
        public ?int $maxG,
        public ?float $effort,
        public ?int $pain,
    ) {
    }

    /**
     * @param  list<SessionPoint>  $points
     * @param  Day  $from  the first day
     * @param  Day  $to  the last day
     */
    public static function of(array $points, Day $from, Day $to): self
    {
        $in = array_values(array_filter(
            $points, static fn (SessionPoint $p): bool => ! $p->on->isBefore($from) && ! $p->on->isAfter($to),
        ));
        $most = static function (callable $of) use ($in): ?int {
            $values = array_filter(array_map($of, $in), is_int(...));

            return $values === [] ? null : max($values);
        };
        $efforts = array_map(static fn (SessionPoint $p): float => $p->effort, $in);

        return new self(
            count(array_unique(array_map(static fn (SessionPoint $p): string => (string) $p->on, $in))),
            $most(static fn (SessionPoint $p): ?int => $p->loadG),
            $most(static fn (SessionPoint $p): int => $p->best),
            $most(static fn (SessionPoint $p): ?int => $p->max['grams'] ?? null),
            $efforts === [] ? null : array_sum($efforts) / count($efforts),
            $most(static fn (SessionPoint $p): ?int => $p->pain),
        );
    }
}
