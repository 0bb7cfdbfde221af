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

/** Symptoms that get worse a day or more after an effort: no step by rule. */
final class PostExertionalFatigue implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'post_exertional_fatigue', 'Worse 12-72 h after effort', group: ConditionGroup::Other,
            traits: [ConditionTrait::StepsByHand],
            words: ['ME', 'CFS', 'chronic fatigue', 'long COVID', 'PEM'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('post_exertional_fatigue', 'NICE NG206'))
            ->set(Field::EffortMax, 3, 'RPE up to 3, short bouts.')
            ->note('Ask on the next day and on the third. Worse: back to the last dose that was tolerated.')
            ->note('No step by rule: only by the clinician\'s hand.');
    }
}
