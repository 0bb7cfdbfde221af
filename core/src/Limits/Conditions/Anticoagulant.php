<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

/** Blood thinner: no hard landings, straps padded, bruises looked for. */
final class Anticoagulant implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'anticoagulant', 'Anticoagulant', group: ConditionGroup::Heart,
            medicines: [
                'anticoagulant', 'warfarin', 'phenprocoumon', 'acenocoumarol', 'apixaban', 'rivaroxaban', 'dabigatran',
                'edoxaban', 'heparin', 'enoxaparin', 'dalteparin', 'fondaparinux',
            ],
            words: ['blood thinner', 'DOAC', 'NOAC'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('anticoagulant', 'House convention, cautious'))
            ->set(Field::ImpactMax, 1, 'Stamps and heel drops at most.')
            ->watch(Watched::Skin, Moment::After, 'Bruises after each session.')
            ->stopSign(Sign::HeadKnock)
            ->note('Tight straps padded. Any knock to the head: call, hurt or not.');

        return $rules;
    }
}
