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
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Watched;

/** Controlled hypertension: no straining, short holds, real rests. */
final class HypertensionControlled implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'hypertension_controlled', 'Hypertension, controlled', group: ConditionGroup::Heart,
            traits: [ConditionTrait::KnownHypertension],
            words: ['HTN', 'high blood pressure'],
            reminders: [Reminder::RiseSlowly],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('hypertension_controlled', 'AHA (Williams 2007; Paluch 2023); ACSM Guidelines, 11th ed.'))
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort and count aloud; no breath holding.')
            ->set(Field::EffortMax, 7, 'RPE up to 7.')
            ->set(Field::RepsMin, 8, 'Eight reps or more rather than heavy singles.')
            ->house(Field::HoldMaxS, 10, 'Hard holds up to 10 s.')
            ->house(Field::RestMinS, 60, 'At least 60 s between bouts.')
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure before each session.')
            ->note('Rise slowly from lying and sitting.');
    }
}
