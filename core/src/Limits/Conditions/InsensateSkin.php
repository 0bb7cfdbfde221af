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

/** Skin that cannot feel: no tight strap and no hard edge there, looked at before and after. */
final class InsensateSkin implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('insensate_skin', 'Skin that cannot feel', sided: true);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('insensate_skin', 'PVA upper-limb guideline'))
            ->set(Field::AvoidMaterial, 'tight_strap_on_insensate_skin', 'No tight strap where the skin cannot feel.')
            ->set(Field::AvoidMaterial, 'hard_edge_on_insensate_skin', 'No hard edge where the skin cannot feel.')
            ->watch('skin', 'before', 'That skin before each session.')
            ->watch('skin', 'after', 'That skin after each session.')
            ->note('Pads at every contact there.');

        return $rules->all();
    }
}
