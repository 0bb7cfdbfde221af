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
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

/** Narrowed arteries of the legs: leg pain that eases with rest is no stop sign. */
final class PeripheralArteryDisease implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'peripheral_artery_disease', 'Peripheral artery disease', group: ConditionGroup::Heart,
            words: ['PAD', 'claudication', 'PVD'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('peripheral_artery_disease', 'ACSM Guidelines, 11th ed.'))
            ->watch(Watched::Skin, Moment::Before, 'Feet before each session.')
            ->watch(Watched::Skin, Moment::After, 'Feet after each session.')
            ->stopSign(Sign::RestPainInLeg)
            ->note('Leg pain that eases with rest is no red flag: rest, then go on. Leg pain at rest is one.');
    }
}
