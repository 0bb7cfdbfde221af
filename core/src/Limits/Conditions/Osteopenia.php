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
use BuoyantStep\Core\Vocabulary\Motion;

/** Osteopenia: no bending of the spine to its end range, no jumping. */
final class Osteopenia implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('osteopenia', 'Osteopenia', group: ConditionGroup::Bones,
            words: ['low bone density', 'DXA'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('osteopenia', 'Giangregorio 2014; Beck 2017 (ESSA)'))
            ->avoidMotions(
                [Motion::SpineFlexionEndRange],
                'No bending of the spine to its end range: hinge at the hips.',
            )
            ->set(Field::ImpactMax, 2, 'Hops at most.');

        return $rules;
    }
}
