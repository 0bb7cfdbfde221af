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
use BuoyantStep\Core\Vocabulary\Position;

/** Light-headed on the back: raised at once, at any week. */
final class PregnancyLightHeaded implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'pregnancy_light_headed', 'Light-headed lying on the back', group: ConditionGroup::Pregnancy,
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules(
            'pregnancy_light_headed',
            'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)',
        ))->avoidPositions(
            [Position::SupineFlat],
            'Light-headed on the back: raise the trunk 30 degrees or more, side, sit or stand.',
        );

        return $rules;
    }
}
