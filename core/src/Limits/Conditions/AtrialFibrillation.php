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
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** Known atrial fibrillation with a controlled rate: the pulse is irregular as a rule. */
final class AtrialFibrillation implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'atrial_fibrillation', 'Atrial fibrillation, rate controlled', group: ConditionGroup::Heart,
            traits: [ConditionTrait::KnownAtrialFibrillation],
            words: ['AF', 'a-fib', 'afib', 'arrhythmia', 'irregular pulse'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('atrial_fibrillation', 'ACSM Guidelines, 11th ed.; ESC 2020'))
            ->set(Field::HeartRateValid, false, 'The pulse is irregular: use RPE and talking.')
            ->set(Field::EffortMax, 6, 'RPE up to 6.')
            ->note('An irregular pulse is usual here; a resting rate over 110 is not for today.');
    }
}
