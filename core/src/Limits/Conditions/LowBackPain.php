<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Low back pain: pain-free range; holds, then reps, then load. Unknown counts as irritable. */
final class LowBackPain implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('low_back_pain', 'Low back pain, non-specific', details: [
            'settled' => 'settled, not irritable',
        ]);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('low_back_pain', 'NICE NG59'))
            ->note('Hold, reps, load grow in that order; range pain-free. House: no better after 7 days means examine.')
            ->stopSign('saddle numbness or a change of bladder or bowel');
        if (! $condition->has('settled')) {
            $rules->avoidMotions(['spine_flexion_end_range', 'spine_flexion_loaded'], 'Irritable back: no bending under load or to the end.');
        }

        return $rules->all();
    }
}
