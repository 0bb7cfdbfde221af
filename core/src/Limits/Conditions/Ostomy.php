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
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Motion;

/** Ostomy: no straining, no doming, the ordered lift limit. */
final class Ostomy implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'ostomy',
            'Ostomy', group: ConditionGroup::Belly,
            numbers: ['lift_g' => ['label' => 'Ordered lift limit, both hands together', 'example' => 4500]],
            words: ['stoma', 'colostomy', 'ileostomy'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('ostomy', 'House convention, cautious'))
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->avoidMotions([Motion::AbdominalDomingLoad], 'No load that makes the belly dome.');
        $ordered = Orders::lift($condition);
        if ($ordered !== null) {
            $rules->set(Field::LiftMaxG, $ordered, 'Lift limit by order, both hands together.');
        } else {
            $rules->house(
                Field::LiftMaxG, 5000,
                'Lift '.Mass::say(5000).' in all at most until there is an order: ask the surgeon.',
            );
        }

        return $rules;
    }
}
