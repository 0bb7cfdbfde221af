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

/** Doming or coning: no load that brings it, an easier rung. */
final class PregnancyDoming implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'pregnancy_doming', 'Pregnancy or after: doming or coning seen', group: ConditionGroup::Pregnancy,
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('pregnancy_doming', 'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)'))
            ->avoidMotions([Motion::AbdominalDomingLoad], 'Doming seen: an easier rung.');

        return $rules;
    }
}
