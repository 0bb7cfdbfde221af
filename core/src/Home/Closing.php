<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Day;

/**
 * The first day on which a card that was compiled for a day may no longer be used without asking anew: a week later, on
 * the next date that tightens a limit, or when a clearance has run out. House convention, cautious.
 */
final readonly class Closing
{
    public const DAYS = 7;

    private function __construct(public Day $on, public ClosingFor $for)
    {
    }

    /**
     * @param  Day|null  $clearedUntil  the last day of the clearance that counts; null where it runs on, or none is
     * asked
     */
    public static function of(RuleBook $rules, Facts $facts, ?Day $clearedUntil): self
    {
        $closing = new self($facts->on->plus(self::DAYS), ClosingFor::Week);
        foreach ($rules->crossings($facts) as $crossing) {
            if ($crossing->tightens && $crossing->date->isAfter($facts->on)) {
                $closing = $closing->orOn($crossing->date, ClosingFor::Limits);
            }
        }

        return $clearedUntil === null ? $closing : $closing->orOn($clearedUntil->plus(1), ClosingFor::Clearance);
    }

    private function orOn(Day $on, ClosingFor $for): self
    {
        return $on->isBefore($this->on) ? new self($on, $for) : $this;
    }
}
