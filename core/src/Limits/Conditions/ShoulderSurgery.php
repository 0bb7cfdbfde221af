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
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;

/** After surgery of a shoulder: that arm carries nothing until the surgeon says so. */
final class ShoulderSurgery implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'shoulder_surgery', 'Shoulder surgery', group: ConditionGroup::Surgery,
            traits: [ConditionTrait::Healing, ConditionTrait::LightestStart], sided: true,
            sinceLabel: 'surgery on',
            words: ['cuff repair', 'TSR'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('shoulder_surgery', 'Surgeon\'s order'))
            ->note('Passive and supported work of that arm as ordered.')
            ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
            ->set(Field::LiftMaxG, 0, 'That arm: no load.')
            ->avoidMotions([Motion::ShoulderPast90], 'That arm: not above shoulder height.')
            ->avoidMotions([Motion::WeightOnHand], 'That arm: no body weight on it.')
            ->avoidPositions([Position::ArmsOverhead], 'That arm: not overhead.');
    }
}
