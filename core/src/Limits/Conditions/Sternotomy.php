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
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Sign;

/** After a sternotomy: the surgeon's lift limit, elbows near the trunk. */
final class Sternotomy implements ConditionRules, OpensByWord
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'sternotomy',
            'Sternotomy, under 12 weeks', group: ConditionGroup::Heart,
            traits: [ConditionTrait::Healing, ConditionTrait::LightestStart, ConditionTrait::Fragile],
            sinceLabel: 'surgery on',
            numbers: ['lift_g' => ['label' => 'Ordered lift limit, both hands together', 'example' => 4500]],
            words: ['open heart surgery', 'CABG', 'bypass'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('sternotomy', 'Surgeon\'s order; Adams 2016 as the freer school'))
            ->set(
                Field::Clearance,
                Clearance::Required,
                'After heart surgery: the surgical team clears exercise first.',
            )
            ->set(Field::LiftMaxG, ...Orders::surgeonsLift($condition))
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->stopSign(Sign::BreastboneClick)
            ->note('Arms loaded only with the elbows near the trunk; no heavy pull on one side.')
            ->within(new Scope(Region::Upper))
            ->avoidMotions(
                [Motion::ShoulderPast90, Motion::ArmAwayFromTrunkLoaded],
                'Arms loaded only with the elbows near the trunk.',
            )
            ->avoidMotions([Motion::ChestOpening], 'Nothing that opens the chest while the breastbone heals.')
            ->avoidMotions([Motion::OneSidedPullLoaded], 'No heavy pull on one side.')
            ->avoidMotions([Motion::WeightOnHand], 'No body weight on the hands.')
            ->avoidPositions([Position::ArmsOverhead], 'No load overhead while the breastbone heals.');

        return $rules;
    }

    public function opening(): DatedOpening
    {
        return new DatedOpening(
            84,
            Condition::END_CONFIRMED,
            'Twelve weeks after the sternotomy: the lift limit may end by the surgeon\'s word.',
        );
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return $this->opening()->ahead($condition, $facts);
    }
}
