<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;

/** The rule set of one condition: a class of its own in Conditions/, registered once in RuleBook. */
interface ConditionRules
{
    public function about(): ConditionAbout;

    /** The limits while the condition is in force. */
    public function limits(Condition $condition, Facts $facts): Rules;

    /** @return iterable<Crossing> dates after the day in question on which these limits change */
    public function crossings(Condition $condition, Facts $facts): iterable;
}
