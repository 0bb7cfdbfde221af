<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Region;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Bone metastasis: no load across the site; where it is not known, everywhere it could be. */
final class BoneMetastasis implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('bone_metastasis', 'Bone metastasis', sided: true, details: [
            'spine' => 'spine',
            'femur' => 'thigh bone',
            'pelvis' => 'pelvis',
            'arm' => 'arm',
        ]);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $located = array_intersect($condition->details, ['spine', 'femur', 'pelvis', 'arm']) !== [];
        $rules = (new Rules('bone_metastasis', 'Campbell 2022'))
            ->set(Field::Clearance, 'required', 'Bone metastasis: the oncology team clears exercise first.')
            ->stopSign('new bone pain');
        if ($condition->has('spine') || ! $located) {
            $rules->avoidMotions(['spine_flexion_loaded', 'spine_flexion_end_range', 'spine_rotation_loaded', 'spine_rotation_end_range'], 'Spine: no loaded or end-range bending or twisting.');
        }
        if ($condition->has('femur') || $condition->has('pelvis') || ! $located) {
            $rules->avoidMotions(['single_leg_load'], 'Thigh bone or pelvis: no full load on one leg.')
                ->set(Field::ImpactMax, 0, 'Thigh bone or pelvis: no impact.');
        }
        if ($condition->has('arm') || ! $located) {
            $rules->within(new Scope(Region::Upper, $condition->sideOrBoth()))->set(Field::LoadPctMax, 0, 'Arm: no load across the site.');
        }

        return $rules->all();
    }
}
