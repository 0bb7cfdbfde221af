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

/** A narrow spinal canal: arching hurts, leaning forward eases. */
final class SpinalStenosis implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'spinal_stenosis', 'Spinal stenosis', group: ConditionGroup::Bones, traits: [ConditionTrait::SoreBack],
            words: ['stenosis', 'narrow canal'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('spinal_stenosis', 'Common practice'))
            ->avoidMotions([Motion::SpineExtensionEndRange], 'No arching of the spine to its end.')
            ->note('Sitting or leaning forward eases it.')
            ->stopSign(Sign::SaddleNumbness);
    }
}
