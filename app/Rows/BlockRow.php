<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Plan;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\TrainingBlock;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;

/** The block that a plan belongs to. */
final class BlockRow
{
    /** Four weeks for a first block, eight after it, where nobody chose. Source: practice. */
    private const FIRST = 4;

    private const LATER = 8;

    public static function of(Plan $plan, Situation $situation): TrainingBlock
    {
        return new TrainingBlock(
            $plan->block_start === null ? $situation->on : Day::of(substr($plan->block_start, 0, 10)),
            $plan->block_weeks ?? ($situation->isInFirstBlock() ? self::FIRST : self::LATER),
            RuleBook::standard()->crossings($situation->facts()), $situation->on,
        );
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
