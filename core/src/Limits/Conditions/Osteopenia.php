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

/** Osteopenia: no bending of the spine to its end range, no jumping. */
final class Osteopenia implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('osteopenia', 'Osteopenia');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('osteopenia', 'Giangregorio 2014; Beck 2017 (ESSA)'))
            ->avoidMotions(['spine_flexion_end_range'], 'No bending of the spine to its end range: hinge at the hips.')
            ->set(Field::ImpactMax, 2, 'Hops at most.');

        return $rules->all();
    }
}
