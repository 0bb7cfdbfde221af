<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** A condition in the clinician's own words: written down, and said to have no rules here. */
final class OtherCondition implements ConditionRules
{
    use WithoutCrossings;

    public const CODE = 'other_condition';

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            self::CODE, 'Another condition, in your own words', group: ConditionGroup::Other, freeDetails: true,
            words: ['other', 'rare', 'not listed'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = new Rules(self::CODE, 'Written down by the clinician');
        foreach ($condition->details === [] ? ['Another condition'] : $condition->details as $words) {
            $rules->note(ucfirst($words).': no rules known here. What it forbids is for the clinician to say.');
        }

        return $rules;
    }
}
