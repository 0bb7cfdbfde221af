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
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Watched;

/** Prolapse: no straining, no impact, no doming. */
final class PelvicOrganProlapse implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('pelvic_organ_prolapse', 'Pelvic organ prolapse', group: ConditionGroup::Belly,
            words: ['POP', 'prolapse'],
            reminders: [Reminder::PelvicFloor],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('pelvic_organ_prolapse', 'House convention, cautious; pelvic-health referral'))
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->set(Field::ImpactMax, 0, 'No impact.')
            ->avoidMotions([Motion::AbdominalDomingLoad], 'No load that makes the belly dome.')
            ->set(Field::EffortMax, 6, 'RPE up to 6.')
            ->watch(Watched::PelvicFloor, Moment::After, 'Heaviness or leaking after each session.')
            ->note('Pelvic-health referral.');

        return $rules;
    }
}
