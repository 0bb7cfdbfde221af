<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Feet that cannot feel: firm ground, shoes, something to touch, skin looked at. */
final class PeripheralNeuropathy implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('peripheral_neuropathy', 'Peripheral neuropathy', details: [
            'foot_ulcer' => 'foot ulcer',
        ]);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('peripheral_neuropathy', 'ADA (Colberg 2016)'))
            ->set(Field::SurfaceMax, 'firm', 'Firm floor, shoes on.')
            ->set(Field::ImpactMax, 1, 'Stamps and heel drops at most.')
            ->set(Field::SupportMin, 'fingertip', 'Fingertips on something fixed for balance work.')
            ->watch('skin', 'before', 'Feet before each session.')
            ->watch('skin', 'after', 'Feet after each session.');
        if ($condition->has('foot_ulcer')) {
            $rules->avoidPositions(['standing', 'long_static_standing'], 'Foot ulcer: no standing work until it has healed.');
        }

        return $rules->all();
    }
}
