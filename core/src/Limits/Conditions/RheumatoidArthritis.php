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
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;

/** Rheumatoid arthritis: in a flare the joints are unloaded; weak wrists are spared. */
final class RheumatoidArthritis implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'rheumatoid_arthritis',
            'Rheumatoid arthritis',
            group: ConditionGroup::Bones,
            sided: true,
            details: [
                'flare' => 'flare',
                'arms' => 'arms affected',
                'legs' => 'legs affected',
                'weak_wrist' => 'weak wrist',
            ],
            traitsWith: ['arms' => ConditionTrait::SoreArm, 'legs' => ConditionTrait::SoreLeg],
            words: ['RA', 'inflammatory arthritis'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('rheumatoid_arthritis', 'ACSM Guidelines, 11th ed.'))->note(
            'Joint protection, wide handles.',
        );
        if ($condition->has('flare')) {
            $rules
                ->set(Field::EffortMax, 4, 'Flare: RPE up to 4.')
                ->within(new Scope(Orders::region($condition), $condition->sideOrBoth()))
                ->set(Field::LoadPctMax, 0, 'Flare: the joints that are affected are unloaded or held still.')
                ->everywhere();
        }
        if ($condition->has('weak_wrist')) {
            $rules
                ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
                ->avoidMotions(
                    [Motion::WristExtensionLoaded, Motion::GripSustainedHeavy],
                    'Weak wrist: no load on a bent-back wrist, no long heavy gripping.',
                );
        }

        return $rules;
    }
}
