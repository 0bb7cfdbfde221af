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

/** Pelvic-girdle pain: both legs, narrow, small steps. */
final class PregnancyPelvicGirdlePain implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'pregnancy_pelvic_girdle_pain', 'Pelvic-girdle pain', group: ConditionGroup::Pregnancy,
            traits: [ConditionTrait::SoreLeg],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules(
            'pregnancy_pelvic_girdle_pain',
            'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)',
        ))
            ->avoidMotions(
                [Motion::SingleLegLoad, Motion::WideStanceLoad],
                'Pelvic-girdle pain: no full load on one leg, no wide stance.',
            )
            ->note('Narrower stance, smaller steps.');

        return $rules;
    }
}
