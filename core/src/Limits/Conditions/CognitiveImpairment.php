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
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Vision;

/** Cognitive impairment: eyes open, someone there for balance work. */
final class CognitiveImpairment implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('cognitive_impairment', 'Cognitive impairment', group: ConditionGroup::Nerves,
            words: ['dementia', 'Alzheimer disease', 'MCI', 'memory'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('cognitive_impairment', 'Common practice'))
            ->set(Field::Vision, Vision::EyesOpen, 'Eyes open.')
            ->bind(
                Supervision::SomeoneHome, Binds::Balance,
                'Hands-free balance work only with someone at home; alone with a hand on something fixed.',
            )
            ->note('One cue at a time, few exercises, pictures, a helper.');

        return $rules;
    }
}
