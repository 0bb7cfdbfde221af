<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FunctionPart;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\Reminder;

/** Multiple sclerosis: moderate effort, long rests, cool. */
final class MultipleSclerosis implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('multiple_sclerosis', 'Multiple sclerosis', group: ConditionGroup::Nerves,
            asks: [FunctionPart::Limbs, FunctionPart::Trunk, FunctionPart::Bed],
            words: ['MS'],
            reminders: [Reminder::KeepCool],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('multiple_sclerosis', 'ACSM Guidelines, 11th ed.'))
            ->set(Field::EffortMax, 6, 'RPE up to 6.')
            ->set(Field::RestMinS, 120, 'At least 120 s between bouts.')
            ->note('Keep cool. Heat brings symptoms back for a while: stop, cool, resume lighter.');

        return $rules;
    }
}
