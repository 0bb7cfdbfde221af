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
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;

/** Osteoarthritis of the hip: deep loaded bending waits while the hip hurts. Unknown counts as painful. */
final class OsteoarthritisHip implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'osteoarthritis_hip',
            'Osteoarthritis, hip',
            group: ConditionGroup::Bones, traits: [ConditionTrait::LongStandingJointPain],
            sided: true,
            details: [
                'pain_free' => 'pain-free at present',
            ],
            traitsWithout: ['pain_free' => ConditionTrait::SoreLeg],
            words: ['OA', 'arthrosis', 'worn hip'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('osteoarthritis_hip', 'Bannuru 2019 (OARSI); Thomeé 1997'))
            ->set(Field::ImpactMax, 1, 'Stamps and heel drops at most.')
            ->note('Hip pain: shorten the range first, then the load.');
        if (! $condition->has('pain_free')) {
            $rules
                ->within(new Scope(Region::Lower, $condition->sideOrBoth()))
                ->avoidMotions([Motion::DeepKneeFlexionLoaded], 'Hip hurts: no deep bending under load.');
        }

        return $rules;
    }
}
