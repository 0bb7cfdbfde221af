<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Glucose-lowering medicine: glucose before, carbohydrate at hand, a late low after. */
final class DiabetesGlucoseLowering implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('diabetes_glucose_lowering', 'Diabetes on insulin, sulfonylurea or glinide');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('diabetes_glucose_lowering', 'ADA (Colberg 2016)'))
            ->watch('glucose', 'before', 'Glucose before each session.')
            ->watch('glucose', 'after', 'A late low can follow hours after the session.')
            ->note('Carbohydrate within reach.');

        return $rules->all();
    }
}
