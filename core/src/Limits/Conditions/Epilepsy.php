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
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;

/** Epilepsy: no balance work without a hold, nobody alone at it. */
final class Epilepsy implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('epilepsy', 'Epilepsy', group: ConditionGroup::Nerves,
            words: ['seizures', 'fits'],
            reminders: [Reminder::RiseSlowly],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('epilepsy', 'House convention, cautious'))
            ->bind(Support::OneHand, Binds::Balance, 'One hand on something fixed for balance work.')
            ->bind(
                Supervision::SomeoneHome, Binds::Balance,
                'Hands-free balance work only with someone at home; alone with a hand on something fixed.',
            )
            ->note('Rise slowly.');

        return $rules;
    }
}
