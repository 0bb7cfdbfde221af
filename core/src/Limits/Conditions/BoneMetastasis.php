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
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Sign;

/** Bone metastasis: no load across the site; where it is not known, everywhere it could be. */
final class BoneMetastasis implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'bone_metastasis',
            'Bone metastasis',
            group: ConditionGroup::Cancer,
            sided: true,
            details: [
                'spine' => 'spine',
                'femur' => 'thigh bone',
                'pelvis' => 'pelvis',
                'arm' => 'arm',
            ],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $located = array_intersect($condition->details, ['spine', 'femur', 'pelvis', 'arm']) !== [];
        $rules = (new Rules('bone_metastasis', 'Campbell 2022'))
            ->set(Field::Clearance, Clearance::Required, 'Bone metastasis: the oncology team clears exercise first.')
            ->stopSign(Sign::NewBonePain);
        if ($condition->has('spine') || ! $located) {
            $rules->avoidMotions(
                [
                    Motion::SpineFlexionLoaded,
                    Motion::SpineFlexionEndRange,
                    Motion::SpineRotationLoaded,
                    Motion::SpineRotationEndRange,
                ],
                'Spine: no loaded or end-range bending or twisting.',
            );
        }
        if ($condition->has('femur') || $condition->has('pelvis') || ! $located) {
            $rules
                ->avoidMotions([Motion::SingleLegLoad], 'Thigh bone or pelvis: no full load on one leg.')
                ->set(Field::ImpactMax, 0, 'Thigh bone or pelvis: no impact.');
        }
        if ($condition->has('arm') || ! $located) {
            $rules
                ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
                ->set(Field::LoadPctMax, 0, 'Arm: no load across the site.');
        }

        return $rules;
    }
}
