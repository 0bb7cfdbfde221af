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
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SpineLoad;

/** Bone metastasis: no load across the site; where it is not known, everywhere it could be. */
final class BoneMetastasis implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'bone_metastasis',
            'Bone metastasis',
            group: ConditionGroup::Cancer, traits: [ConditionTrait::LightestStart, ConditionTrait::CapWaits],
            sided: true,
            details: [
                'spine' => 'spine',
                'femur' => 'thigh bone',
                'pelvis' => 'pelvis',
                'arm' => 'arm',
                'rib' => 'rib',
            ],
            numbers: ['lift_g' => ['label' => 'Load across the site, by the team', 'example' => 1000]],
            words: ['bone mets', 'secondary', 'metastases'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $located = array_intersect($condition->details, ['spine', 'femur', 'pelvis', 'arm', 'rib']) !== [];
        $rules = (new Rules('bone_metastasis', 'Campbell 2022'))
            ->set(Field::Clearance, Clearance::Required, 'Bone metastasis: the oncology team clears exercise first.')
            ->stopSign(Sign::NewBonePain);
        $figure = Orders::lift($condition) ?? 0;
        $load = $figure > 0
            ? 'Load across the site: the team\'s figure.'
            : 'No load from outside across the site until the team gives a figure.';
        if ($condition->has('spine') || ! $located) {
            $rules->avoidMotions(
                [
                    Motion::SpineFlexionLoaded, Motion::SpineFlexionEndRange, Motion::SpineRotationLoaded,
                    Motion::SpineRotationEndRange, Motion::SpineSideBendLoaded, Motion::SpineExtensionEndRange,
                ],
                'Spine: no loaded or end-range bending, arching or twisting.',
            )
                ->avoidMotions([Motion::Ballistic, Motion::CarryStanding], 'Spine: nothing swung, nothing carried.')
                ->set(Field::ImpactMax, 0, 'Spine: no impact.')
                ->set(Field::SpineLoadMax, SpineLoad::Low, 'Spine: a low load at most.')
                ->within(new Scope(Region::Trunk))
                ->set(Field::LiftMaxG, $figure, $load)
                ->everywhere();
        }
        if ($condition->has('femur') || $condition->has('pelvis') || ! $located) {
            $rules
                ->set(Field::ImpactMax, 0, 'Thigh bone or pelvis: no impact.')
                ->within(new Scope(Region::Lower, $condition->has('pelvis') ? Side::Both : $condition->sideOrBoth()))
                ->avoidMotions([Motion::SingleLegLoad], 'Thigh bone or pelvis: no full load on one leg.')
                ->set(Field::LiftMaxG, $figure, $load)
                ->everywhere();
        }
        if ($condition->has('arm') || $condition->has('rib') || ! $located) {
            $rules
                ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
                ->avoidMotions([Motion::WeightOnHand], 'Arm or rib: no body weight on that arm.')
                ->set(Field::LiftMaxG, $figure, $load);
            if ($figure === 0) {
                $rules->set(Field::LoadPctMax, 0, $load);
            }
        }

        return $rules;
    }
}
