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
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Watched;

/** Feet that cannot feel: firm ground, shoes, something to touch, skin looked at. */
final class PeripheralNeuropathy implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'peripheral_neuropathy',
            'Peripheral neuropathy',
            group: ConditionGroup::LungsAndMetabolism,
            details: [
                'foot_ulcer' => 'foot ulcer',
            ],
            words: ['numb feet', 'diabetic foot', 'PN'],
            reminders: [Reminder::ShoesOn],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('peripheral_neuropathy', 'ADA (Colberg 2016)'))
            ->set(Field::SurfaceMax, Surface::Firm, 'Firm floor, shoes on.')
            ->set(Field::ImpactMax, 1, 'Stamps and heel drops at most.')
            ->bind(Support::Fingertip, Binds::Balance, 'Fingertips on something fixed for balance work.')
            ->avoidPositions([Position::BareFeet], 'Shoes on.')
            ->watch(Watched::Skin, Moment::Before, 'Feet before each session.')
            ->watch(Watched::Skin, Moment::After, 'Feet after each session.');
        if ($condition->has('foot_ulcer')) {
            $rules->avoidPositions(
                [Position::Standing, Position::LongStaticStanding],
                'Foot ulcer: no standing work until it has healed.',
            );
        }

        return $rules;
    }
}
