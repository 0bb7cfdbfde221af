<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Orders;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SpineLoad;

/** After surgery of the spine, until the surgeon ends it. */
final class SpinalSurgery implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'spinal_surgery', 'Spinal surgery', group: ConditionGroup::Surgery,
            traits: [ConditionTrait::Healing, ConditionTrait::LightestStart], sinceLabel: 'surgery on',
            numbers: ['lift_g' => ['label' => 'Ordered lift limit, both hands together', 'example' => 4500]],
            words: ['laminectomy', 'fusion', 'discectomy'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('spinal_surgery', 'Surgeon\'s order'))
            ->avoidMotions(
                [
                    Motion::SpineFlexionLoaded, Motion::SpineFlexionEndRange, Motion::SpineRotationLoaded,
                    Motion::SpineRotationEndRange, Motion::SpineSideBendLoaded, Motion::SpineExtensionEndRange,
                ],
                'Spinal surgery: no loaded or end-range bending, arching or twisting.',
            )
            ->set(Field::SpineLoadMax, SpineLoad::Low, 'Spinal surgery: a low load on the spine at most.')
            ->house(Field::LiftMaxG, ...Orders::surgeonsLift($condition))
            ->stopSign(Sign::SaddleNumbness);
    }
}
