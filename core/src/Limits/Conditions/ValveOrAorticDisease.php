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
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** Severe valve disease, aneurysm, Marfan: light and never straining. */
final class ValveOrAorticDisease implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'valve_or_aortic_disease', 'Severe valve or aortic disease', group: ConditionGroup::Heart,
            traits: [ConditionTrait::LightestStart, ConditionTrait::CapWaits],
            words: ['aortic stenosis', 'aneurysm', 'AAA', 'valve'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('valve_or_aortic_disease', 'Williams 2007 (AHA)'))
            ->set(
                Field::Clearance,
                Clearance::Required,
                'Valve or aortic disease: the cardiologist clears exercise first.',
            )
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->set(Field::EffortMax, 5, 'RPE up to 5.')
            ->set(Field::LoadPctMax, 40, 'Up to 40 % of 1RM.')
            ->set(Field::HoldMaxS, 6, 'Hard holds up to 6 s.');

        return $rules;
    }
}
