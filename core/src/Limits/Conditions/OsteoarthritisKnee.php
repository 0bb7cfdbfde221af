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

/** Osteoarthritis of the knee: deep loaded bending waits while the knee hurts. Unknown counts as painful. */
final class OsteoarthritisKnee implements ConditionRules
{
    use WithoutCrossings;

    public const PAIN_FREE = 'pain_free';

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'osteoarthritis_knee', 'Osteoarthritis, knee', group: ConditionGroup::Bones,
            traits: [ConditionTrait::LongStandingJointPain], sided: true,
            traitsWithout: [self::PAIN_FREE => ConditionTrait::SoreLeg],
            details: [self::PAIN_FREE => 'pain-free at present'],
            words: ['OA', 'arthrosis', 'worn knee'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('osteoarthritis_knee', 'Bannuru 2019 (OARSI); Thomeé 1997'))
            ->set(Field::ImpactMax, 1, 'Stamps and heel drops at most.')
            ->note('Knee pain: shorten the range first, then the load.');
        if (! $condition->has(self::PAIN_FREE)) {
            $rules->within(new Scope(Region::Lower, $condition->sideOrBoth()))
                ->avoidMotions([Motion::DeepKneeFlexionLoaded], 'Knee hurts: no deep bending under load.');
        }

        return $rules;
    }
}
