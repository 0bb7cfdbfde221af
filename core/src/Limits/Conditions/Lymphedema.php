<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Orders;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Watched;

/** Lymphedema: that limb starts lightest and grows slowest, with sleeve and tape measure. */
final class Lymphedema implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('lymphedema', 'Lymphedema', group: ConditionGroup::Cancer,
            traits: [ConditionTrait::LightestStart], sided: true, details: [
                'arms' => 'arm',
                'legs' => 'leg',
            ],
            words: ['lymphoedema', 'swollen arm', 'BCRL'],
            reminders: [Reminder::Sleeve],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('lymphedema', 'Schmitz 2009; Campbell 2019'))
            ->watch(Watched::LimbGirth, Moment::Before, 'Girth of that limb before each session.')
            ->watch(Watched::LimbGirth, Moment::After, 'Girth of that limb after each session.')
            ->note('Sleeve on; a flare stops that limb.')
            ->within(new Scope(Orders::region($condition), $condition->sideOrBoth()))
            ->set(Field::StepPctMax, 5, 'That limb: load steps of 5 % at most.')
            ->set(Field::SessionsBetweenSteps, 4, 'That limb: four good sessions before a step.');

        return $rules;
    }
}
