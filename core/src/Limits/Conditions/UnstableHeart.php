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

/** A heart or vessels that forbid exercise until the team says otherwise. */
final class UnstableHeart implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'unstable_heart', 'Unstable heart or vessels', group: ConditionGroup::Heart,
            details: [
                'unstable_angina' => 'unstable angina',
                'aortic_dissection' => 'Marfan syndrome or aortic dissection',
                'endocarditis' => 'endocarditis',
                'pulmonary_hypertension' => 'severe pulmonary hypertension',
                'uncontrolled_arrhythmia' => 'uncontrolled arrhythmia',
                'decompensated_failure' => 'decompensated heart failure',
                'myocarditis' => 'acute myocarditis or pericarditis',
                'acute_clot' => 'acute clot in leg or lung',
                'symptomatic_valve' => 'severe valve disease with symptoms',
            ],
            words: ['DVT', 'pulmonary embolism', 'PE', 'endocarditis', 'myocarditis', 'Marfan'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('unstable_heart', 'ACSM Guidelines, 11th ed.; Williams 2007 (AHA)'))
            ->set(Field::Clearance, Clearance::Withheld, 'Exercise is withheld until the heart team says otherwise.');
    }
}
