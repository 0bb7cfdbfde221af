<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Region;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Hip replacement from behind: three motions out until the surgeon ends it. */
final class HipReplacementPosterior implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('hip_replacement_posterior', 'Hip replacement, posterior approach', sided: true, sinceLabel: 'surgery on');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('hip_replacement_posterior', 'Surgeon\'s order'))
            ->note('Raised seat.')
            ->within(new Scope(Region::Lower, $condition->sideOrBoth()))
            ->avoidMotions(['hip_flexion_past_90', 'hip_adduction_past_midline', 'hip_internal_rotation'], 'Hip replacement: not bent past 90 degrees, not across the midline, not turned in.');

        return $rules->all();
    }
}
