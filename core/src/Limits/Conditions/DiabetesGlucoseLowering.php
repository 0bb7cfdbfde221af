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
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Watched;

/** Glucose-lowering medicine: glucose before, carbohydrate at hand, a late low after. */
final class DiabetesGlucoseLowering implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'diabetes_glucose_lowering', 'Diabetes on insulin, sulfonylurea or glinide',
            group: ConditionGroup::LungsAndMetabolism,
            medicines: [
                'insulin', 'sulfonylurea', 'glinide', 'gliclazide', 'glimepiride', 'glibenclamide', 'glyburide',
                'glipizide', 'tolbutamide', 'repaglinide', 'nateglinide',
            ],
            words: ['T1D', 'sugar', 'hypo'],
            reminders: [Reminder::Carbohydrate],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('diabetes_glucose_lowering', 'ADA (Colberg 2016)'))
            ->watch(Watched::Glucose, Moment::Before, 'Glucose before each session.', true)
            ->watch(Watched::Glucose, Moment::After, 'A late low can follow hours after the session.')
            ->note('Carbohydrate within reach.');

        return $rules;
    }
}
