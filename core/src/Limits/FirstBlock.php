<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Units\Day;

/**
 * A gentler first block, of four weeks unless a rule set says otherwise. The calendar only announces its end: the
 * limits open when a clinician has said so (detail `first_block_done`), because nothing loosens by date alone.
 */
final class FirstBlock
{
    public const DAYS = 28;

    public static function isOver(Condition $condition): bool
    {
        return $condition->has(Condition::FIRST_BLOCK_DONE);
    }

    /** The day on which the block ends; null when it is over by a clinician's word, or nobody knows when it began. */
    public static function end(Condition $condition, Facts $facts, int $days = self::DAYS): ?Day
    {
        return self::isOver($condition) ? null : ($condition->since ?? $facts->client->trainingSince)?->plus($days);
    }

    /** @return iterable<Crossing> */
    public static function crossings(
        Condition $condition,
        Facts $facts,
        string $rule,
        string $opens,
        int $days = self::DAYS,
    ): iterable {
        $end = self::end($condition, $facts, $days);
        if ($end === null || ! $end->isAfter($facts->on)) {
            return [];
        }

        return [
            new Crossing(
                $end,
                $rule,
                sprintf(
                    'First %s end. ', $days === 14 ? 'two weeks' : 'four weeks',
                ).$opens.' Opens when you confirm it.',
                false,
            ),
        ];
    }
}
