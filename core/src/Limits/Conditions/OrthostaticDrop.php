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
use BuoyantStep\Core\Vocabulary\Support;

/** Pressure drop on standing: no balance work without a hold, nobody alone at it. */
final class OrthostaticDrop implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('orthostatic_drop', 'Pressure drop on standing', group: ConditionGroup::Heart);
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('orthostatic_drop', 'House convention, cautious'))
            ->set(Field::SupportMin, Support::OneHand, 'One hand on something fixed for balance work.')
            ->note('Someone at home for balance work. Rise slowly.');

        return $rules;
    }
}
