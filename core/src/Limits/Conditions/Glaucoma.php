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

/** Glaucoma: head up, no straining. */
final class Glaucoma implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('glaucoma', 'Glaucoma');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('glaucoma', 'House convention, cautious'))
            ->set(Field::Breath, 'no_holding', 'Breathe out on the effort; no breath holding.')
            ->avoidPositions(['inverted'], 'Head not below the hips.');

        return $rules->all();
    }
}
