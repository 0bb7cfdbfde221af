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
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Watched;

/** Pressure drop on standing: no balance work without a hold, nobody alone at it. */
final class OrthostaticDrop implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('orthostatic_drop', 'Pressure drop on standing', group: ConditionGroup::Heart,
            traits: [ConditionTrait::DropsOnStanding],
            words: ['orthostatic hypotension', 'OH', 'POTS', 'dizzy on standing'],
            reminders: [Reminder::RiseSlowly],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('orthostatic_drop', 'House convention, cautious'))
            ->bind(Support::OneHand, Binds::Balance, 'One hand on something fixed for balance work.')
            ->bind(
                Supervision::SomeoneHome, Binds::Balance,
                'Hands-free balance work only with someone at home; alone with a hand on something fixed.',
            )
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure lying and standing before each session.')
            ->note('Rise slowly.');

        return $rules;
    }
}
