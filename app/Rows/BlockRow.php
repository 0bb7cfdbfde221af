<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Plan;
use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\BlockWish;
use BuoyantStep\Core\Plan\TrainingBlock;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;

/** The block that a plan belongs to. */
final class BlockRow
{
    /** Where nobody chose, it ends when a re-test is due. */
    public static function of(Plan $plan, Situation $situation): TrainingBlock
    {
        return new TrainingBlock(
            $plan->block_start === null ? $situation->on : Day::of(substr($plan->block_start, 0, 10)),
            $plan->block_weeks ?? intdiv(Retest::days($situation), 7),
            RuleBook::standard()->crossings($situation->facts()), $situation->on, $plan->block_easier,
        );
    }

    /**
     * What the next version takes over: another draft within a block does not begin it anew, and one after it does,
     * with the weeks that are usual then.
     *
     * @return array{block_weeks: int|null, block_start: string|null, block_easier: bool}
     */
    public static function carried(?Plan $before, Day $today): array
    {
        $weeks = $before?->block_weeks;
        $start = $before?->block_start;
        $over = $weeks !== null && $start !== null
            && ! $today->isBefore(Day::of(substr($start, 0, 10))->plus(7 * $weeks));

        $easier = $before !== null && $before->block_easier;

        return $over ? ['block_weeks' => null, 'block_start' => null, 'block_easier' => $easier]
            : ['block_weeks' => $weeks, 'block_start' => $start, 'block_easier' => $easier];
    }

    /**
     * The same where a file says what the block is to be: within one that runs its weeks are counted from the same day.
     *
     * @return array{block_weeks: int|null, block_start: string|null, block_easier: bool}
     */
    public static function wished(?BlockWish $wish, ?Plan $before, Day $today): array
    {
        $carried = self::carried($before, $today);

        return $wish === null ? $carried : [
            ...$carried, 'block_weeks' => $wish->weeks, 'block_easier' => $wish->easier,
        ];
    }

    /**
     * What an issue makes of it: a block that is over begins anew.
     *
     * @return array{block_weeks: int, block_start: string}
     */
    public static function atIssue(Plan $plan, Situation $situation): array
    {
        $block = self::of($plan, $situation);
        $over = ! $situation->on->isBefore($block->retest());

        return [
            'block_weeks' => $block->weeks, 'block_start' => (string) ($over ? $situation->on : $block->start),
        ];
    }
}
