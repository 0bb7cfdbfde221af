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
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Watched;

/** Chronic kidney disease: on the days between dialysis, or before it. */
final class ChronicKidneyDisease implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'chronic_kidney_disease', 'Chronic kidney disease', group: ConditionGroup::LungsAndMetabolism,
            words: ['CKD', 'kidney', 'renal', 'dialysis'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('chronic_kidney_disease', 'ACSM Guidelines, 11th ed.'))
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure before each session.')
            ->note('On a day without dialysis, or before it.');

        return $rules;
    }
}
