<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Beta blocker: the pulse stays low whatever the effort. */
final class BetaBlocker implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'beta_blocker', 'Beta blocker', group: ConditionGroup::Heart,
            medicines: [
                'beta blocker', 'metoprolol', 'bisoprolol', 'atenolol', 'propranolol', 'carvedilol', 'nebivolol',
                'labetalol', 'sotalol', 'nadolol', 'acebutolol',
            ],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('beta_blocker', 'ACSM Guidelines, 11th ed.'))
            ->set(Field::HeartRateValid, false, 'Beta blocker: use RPE and talking, not the pulse.');

        return $rules;
    }
}
