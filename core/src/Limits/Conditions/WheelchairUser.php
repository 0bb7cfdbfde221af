<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FunctionPart;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\Wheels;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Watched;

/** Wheelchair user: seated, chair secured, shoulders protected by more pull than push. */
final class WheelchairUser implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'wheelchair_user',
            'Wheelchair user', group: ConditionGroup::Nerves, traits: [ConditionTrait::UsesWheels],
            details: [
                'stands' => 'stands with support',
            ],
            asks: [FunctionPart::Limbs, FunctionPart::Trunk, FunctionPart::Bed, FunctionPart::Wheelchair],
            words: ['wheelchair', 'wheels'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('wheelchair_user', 'Martin Ginis 2018; PVA upper-limb guideline'))
            ->watch(Watched::Skin, Moment::Before, 'Skin at the contacts before each session.')
            ->watch(Watched::Skin, Moment::After, 'Skin at the contacts after each session.')
            ->note('Chair secured with brakes or chocks; trunk belt if trunk control is poor.')
            ->note('House: pulling volume at least 1.5 times pushing.');
        Wheels::unasked($rules, $facts->client->function, $condition->has('stands'), false);
        if (! $condition->has('stands')) {
            $rules
                ->avoidPositions(
                    [Position::Standing, Position::LongStaticStanding],
                    'Seated or transferred, chair secured.',
                )
                ->bind(Support::Seated, Binds::Standing, 'Seated work.');
        }

        return $rules;
    }
}
