<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** COPD, fibrosis and others: long rests, saturation before and during. */
final class ChronicLungDisease implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('chronic_lung_disease', 'Chronic lung disease');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('chronic_lung_disease', 'ATS/ERS 2013'))
            ->set(Field::EffortMax, 6, 'Effort up to 6.')
            ->set(Field::RestMinS, 90, 'At least 90 s between bouts.')
            ->watch('spo2', 'before', 'Saturation before: 88 % or more.')
            ->watch('spo2', 'during', 'Saturation during: 88 % or more.')
            ->note('Breathe out on the effort; work above the head in short sets only.');

        return $rules->all();
    }
}
