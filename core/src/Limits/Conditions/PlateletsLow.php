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
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/**
 * Low platelets: light below 50, nothing below 20 (×10⁹/L). An unknown count is treated as below 50 and asked for.
 */
final class PlateletsLow implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'platelets_low',
            'Low platelets', group: ConditionGroup::Cancer, traits: [ConditionTrait::LightestStart],
            numbers: ['count' => ['label' => 'Count, ×10⁹/L', 'example' => 19]],
            words: ['thrombocytopenia', 'platelets'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $count = Orders::number($condition, 'count');
        $rules = (new Rules('platelets_low', 'House convention, usual oncology caution'))->note(
            $count === null
                ? 'Platelet count not known: ask for it before the session.'
                : sprintf('Platelets %d ×10⁹/L when last entered.', $count),
        );
        if ($count === null || $count < 50) {
            $rules
                ->set(Field::EffortMax, 4, 'Platelets below 50: RPE up to 4.')
                ->set(Field::LoadPctMax, 40, 'Platelets below 50: up to 40 % of 1RM.')
                ->set(Field::ImpactMax, 0, 'Platelets below 50: no impact.');
        }
        if ($count === null) {
            $rules->set(
                Field::Clearance,
                Clearance::Required,
                'Platelet count not known: the treating team clears exercise first.',
            );
        }
        if ($count !== null && $count < 20) {
            $rules->set(Field::Clearance, Clearance::Withheld, 'Platelets below 20: no exercise that day.');
        }

        return $rules;
    }
}
