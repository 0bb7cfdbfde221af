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
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Support;

/** A healing fracture: nothing across the site, and on the feet only as ordered. */
final class FractureHealing implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'fracture_healing', 'Fracture, healing', group: ConditionGroup::Surgery,
            traits: [ConditionTrait::Healing, ConditionTrait::LightestStart], sided: true,
            details: [
                'arm' => 'arm', 'leg' => 'leg', 'spine' => 'spine', 'pelvis' => 'pelvis',
                'weight_none' => 'order: no weight on the leg', 'weight_touch' => 'order: toe touch',
                'weight_partial' => 'order: part of the weight', 'weight_tolerated' => 'order: as tolerated',
            ],
            sinceLabel: 'fracture or surgery on',
            asks: [FunctionPart::Bed],
            words: ['broken bone', 'ORIF'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('fracture_healing', 'Surgeon\'s order'))
            ->set(Field::ImpactMax, 0, 'Healing fracture: no impact.');
        $side = $condition->sideOrBoth();
        $located = array_intersect($condition->details, ['arm', 'leg', 'spine', 'pelvis']) !== [];
        $says = 'No load across the fracture until the order says so.';
        if ($condition->has('arm') || ! $located) {
            $rules->within(new Scope(Region::Upper, $side))
                ->set(Field::LiftMaxG, 0, $says)
                ->avoidMotions([Motion::WeightOnHand], 'No body weight on that arm.')
                ->everywhere();
        }
        if ($condition->has('spine') || ! $located) {
            $rules->set(Field::SpineLoadMax, SpineLoad::Low, 'A low load on the spine at most.')
                ->avoidMotions([Motion::CarryStanding], 'Nothing carried.')
                ->within(new Scope(Region::Trunk))->set(Field::LiftMaxG, 0, $says)->everywhere();
        }
        if ($condition->has('leg') || $condition->has('pelvis') || ! $located) {
            $this->leg($condition, $rules, $says);
        }

        return $rules;
    }

    /** The order for the leg; none entered counts as no weight at all. */
    private function leg(Condition $condition, Rules $rules, string $says): void
    {
        $leg = new Scope(Region::Lower, $condition->has('pelvis') ? Side::Both : $condition->sideOrBoth());
        if ($condition->has('weight_tolerated')) {
            $rules->bind(Support::OneHand, Binds::Standing, 'Weight as tolerated: one hand on something fixed.');
        } elseif ($condition->has('weight_partial') || $condition->has('weight_touch')) {
            $rules->bind(Support::TwoHands, Binds::Standing, 'Part of the weight: both hands on something fixed.')
                ->within($leg)
                ->avoidMotions([Motion::SingleLegLoad, Motion::DeepKneeFlexionLoaded], 'Not the whole weight on it.')
                ->set(Field::LiftMaxG, 0, $says)
                ->everywhere();
        } else {
            $rules->avoidPositions([Position::Standing, Position::LongStaticStanding, Position::Kneeling],
                'No weight on the leg.')
                ->within($leg)
                ->avoidMotions([Motion::SingleLegLoad, Motion::DeepKneeFlexionLoaded], 'No weight on the leg.')
                ->set(Field::LiftMaxG, 0, $says)
                ->everywhere();
        }
    }
}
