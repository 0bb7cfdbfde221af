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

/** Rotator cuff pain: that arm stays below shoulder height under load while it hurts. */
final class RotatorCuffPain implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'rotator_cuff_pain',
            'Rotator cuff pain',
            group: ConditionGroup::Bones,
            sided: true,
            details: [
                'pain_free' => 'pain-free at present',
            ],
            traitsWithout: ['pain_free' => ConditionTrait::SoreArm],
            words: ['RC', 'impingement', 'frozen shoulder', 'shoulder pain'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('rotator_cuff_pain', 'Common practice'))->note('Pull before press.');
        if (! $condition->has('pain_free')) {
            $rules
                ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
                ->avoidMotions([Motion::ShoulderPast90], 'Shoulder hurts: not above shoulder height under load.');
        }

        return $rules;
    }
}
