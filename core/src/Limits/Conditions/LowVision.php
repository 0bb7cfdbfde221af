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

/** Low vision: eyes open, someone there for balance work. */
final class LowVision implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('low_vision', 'Low vision', group: ConditionGroup::Nerves,
            words: ['AMD', 'macular degeneration', 'blind'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('low_vision', 'Common practice'))
            ->set(Field::Vision, Vision::EyesOpen, 'Eyes open.')
            ->bind(
                Supervision::SomeoneHome, Binds::Balance,
                'Hands-free balance work only with someone at home; alone with a hand on something fixed.',
            )
            ->note('Large print or voice.');

        return $rules;
    }
}
