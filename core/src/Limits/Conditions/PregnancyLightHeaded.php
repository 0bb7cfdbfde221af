<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Light-headed on the back: raised at once, at any week. */
final class PregnancyLightHeaded implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('pregnancy_light_headed', 'Light-headed lying on the back');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('pregnancy_light_headed', 'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)'))
            ->avoidPositions(['supine_flat'], 'Light-headed on the back: raise the trunk 30 degrees or more, side, sit or stand.');

        return $rules->all();
    }
}
