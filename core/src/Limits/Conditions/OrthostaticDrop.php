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

/** Pressure drop on standing: no balance work without a hold, nobody alone at it. */
final class OrthostaticDrop implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('orthostatic_drop', 'Pressure drop on standing');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('orthostatic_drop', 'House convention, cautious'))
            ->set(Field::SupportMin, 'one_hand', 'One hand on something fixed for balance work.')
            ->note('Someone at home for balance work. Rise slowly.');

        return $rules->all();
    }
}
