<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\DatedOpening;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\OpensByWord;
use BuoyantStep\Core\Limits\Orders;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;

/** Abdominal surgery: no breath holding, light loads, until the surgeon ends it. */
final class AbdominalSurgery implements ConditionRules, OpensByWord
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'abdominal_surgery', 'Abdominal surgery', group: ConditionGroup::Surgery,
            traits: [ConditionTrait::Healing, ConditionTrait::LightestStart],
            sinceLabel: 'surgery on',
            numbers: ['lift_g' => ['label' => 'Ordered lift limit, both hands together', 'example' => 4500]],
            words: ['laparotomy', 'appendix', 'bowel surgery'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('abdominal_surgery', 'Surgeon\'s order'))
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->note('Look at the wound and the drain first.')
            ->house(Field::LiftMaxG, ...Orders::surgeonsLift($condition))
            ->avoidMotions([Motion::AbdominalDomingLoad], 'No load that makes the belly dome.');
    }

    public function opening(): DatedOpening
    {
        return new DatedOpening(
            42, Condition::END_CONFIRMED, 'Six weeks after the surgery: the lift limit may end by the surgeon\'s word.',
        );
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return $this->opening()->ahead($condition, $facts);
    }
}
