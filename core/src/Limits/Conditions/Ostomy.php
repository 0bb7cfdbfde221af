<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Orders;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Ostomy: no straining, no doming, the ordered lift limit. */
final class Ostomy implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('ostomy', 'Ostomy', numbers: ['lift_g' => ['label' => 'Ordered lift limit, both hands together', 'example' => 4500]]);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('ostomy', 'House convention, cautious'))
            ->set(Field::Breath, 'no_holding', 'Breathe out on the effort; no breath holding.')
            ->avoidMotions(['abdominal_doming_load'], 'No load that makes the belly dome.');
        if (Orders::grams($condition, 0) > 0) {
            $rules->set(Field::LiftMaxG, Orders::grams($condition, 0), 'Lift limit by order, both hands together.');
        } else {
            $rules->note('No lift limit on record: ask the surgeon.');
        }

        return $rules->all();
    }
}
