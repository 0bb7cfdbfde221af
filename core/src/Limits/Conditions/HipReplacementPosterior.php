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
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;

/** Hip replacement from behind: three motions out until the surgeon ends it. */
final class HipReplacementPosterior implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'hip_replacement_posterior', 'Hip replacement, posterior approach', group: ConditionGroup::Surgery,
            traits: [ConditionTrait::Healing],
            sided: true, sinceLabel: 'surgery on',
            words: ['THR', 'THA', 'new hip'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('hip_replacement_posterior', 'Surgeon\'s order'))
            ->note('Raised seat.')
            ->within(new Scope(Region::Lower, $condition->sideOrBoth()))
            ->avoidMotions(
                [Motion::HipFlexionPast90, Motion::HipAdductionPastMidline, Motion::HipInternalRotation],
                'Hip replacement: not bent past 90 degrees, not across the midline, not turned in.',
            );

        return $rules;
    }
}
