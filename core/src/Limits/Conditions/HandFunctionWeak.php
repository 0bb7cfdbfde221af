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

/** Weak hand function: the grip that an exercise asks for is held against the hand (Profile lowers it). */
final class HandFunctionWeak implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('hand_function_weak', 'Weak hand function', sided: true);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('hand_function_weak', 'Common practice'))
            ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
            ->avoidMotions(['grip_sustained_heavy'], 'No long heavy gripping with that hand.')
            ->note('Cuffs, wrist loops, strap-in mitts, forearm loading; hands-free use.');

        return $rules->all();
    }
}
