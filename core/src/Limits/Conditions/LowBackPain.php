<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Sign;

/** Low back pain: pain-free range; holds, then reps, then load. Unknown counts as irritable. */
final class LowBackPain implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'low_back_pain',
            'Low back pain, non-specific',
            group: ConditionGroup::Bones,
            details: [
                'settled' => 'settled, not irritable',
            ],
            traitsWithout: ['settled' => ConditionTrait::SoreBack],
            words: ['LBP', 'back ache', 'lumbago', 'sciatica'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('low_back_pain', 'NICE NG59'))
            ->note(
                'Hold, reps, load grow in that order; range pain-free. House: no better after 7 days means examine.',
            )
            ->stopSign(Sign::SaddleNumbness);
        if (! $condition->has('settled')) {
            $rules->avoidMotions(
                [Motion::SpineFlexionEndRange, Motion::SpineFlexionLoaded],
                'Irritable back: no bending under load or to the end.',
            );
        }

        return $rules;
    }
}
