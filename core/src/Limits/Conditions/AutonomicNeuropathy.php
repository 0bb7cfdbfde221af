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
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Watched;

/** Autonomic neuropathy: cleared first, pressure lying and standing, heart rate misleads. */
final class AutonomicNeuropathy implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'autonomic_neuropathy', 'Autonomic neuropathy', group: ConditionGroup::LungsAndMetabolism,
            traits: [ConditionTrait::DropsOnStanding],
            words: ['CAN'],
            reminders: [Reminder::RiseSlowly],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('autonomic_neuropathy', 'ADA (Colberg 2016)'))
            ->set(Field::Clearance, Clearance::Required, 'Autonomic neuropathy: clearance first.')
            ->set(Field::HeartRateValid, false, 'The pulse does not follow the effort: use RPE and talking.')
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure lying and standing before each session.')
            ->note('Rise slowly.');

        return $rules;
    }
}
