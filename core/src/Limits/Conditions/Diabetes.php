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

/** Diabetes of any kind: the high side of the gate, and the feet. */
final class Diabetes implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('diabetes', 'Diabetes', group: ConditionGroup::LungsAndMetabolism,
            words: ['T2D', 'T1D', 'sugar', 'type 2', 'type 1'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('diabetes', 'ADA (Colberg 2016)'))
            ->note('Look at the feet; shoes on. High glucose is asked about before a session.');

        return $rules;
    }
}
