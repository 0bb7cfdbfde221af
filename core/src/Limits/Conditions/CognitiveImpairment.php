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
use BuoyantStep\Core\Vocabulary\Vision;

/** Cognitive impairment: eyes open, someone there for balance work. */
final class CognitiveImpairment implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('cognitive_impairment', 'Cognitive impairment', group: ConditionGroup::Nerves);
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('cognitive_impairment', 'Common practice'))
            ->set(Field::Vision, Vision::EyesOpen, 'Eyes open.')
            ->note('Someone at home for balance rungs. One cue at a time, few exercises, pictures, a helper.');

        return $rules;
    }
}
