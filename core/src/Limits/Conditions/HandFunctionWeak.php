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
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;

/** Weak hand function: the grip that an exercise asks for is held against the hand (Profile lowers it). */
final class HandFunctionWeak implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'hand_function_weak', 'Weak hand function', group: ConditionGroup::Bones, sided: true,
            words: ['weak grip', 'carpal tunnel'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('hand_function_weak', 'Common practice'))
            ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
            ->avoidMotions([Motion::GripSustainedHeavy], 'No long heavy gripping with that hand.')
            ->note('Cuffs, wrist loops, strap-in mitts, forearm loading; hands-free use.');

        return $rules;
    }
}
