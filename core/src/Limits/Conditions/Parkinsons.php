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
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Vision;
use BuoyantStep\Core\Vocabulary\Watched;

/** Parkinson disease: in the good hours, large movements, one cue at a time, fingers on something. */
final class Parkinsons implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('parkinsons', 'Parkinson disease', group: ConditionGroup::Nerves,
            traits: [ConditionTrait::DropsOnStanding],
            words: ['PD', 'parkinsonism'],
            reminders: [Reminder::OnTime, Reminder::RiseSlowly],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('parkinsons', 'ACSM Guidelines, 11th ed.; Osborne 2022 (APTA)'))
            ->bind(Support::Fingertip, Binds::Balance, 'Fingertips on something fixed for balance work.')
            ->set(Field::Vision, Vision::EyesOpen, 'Eyes open.')
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure lying and standing before each session.')
            ->note(
                'Train in the medicated "on" time; large movements, one cue at a time; a second task only on a '
                    .'mastered rung.',
            );

        return $rules;
    }
}
