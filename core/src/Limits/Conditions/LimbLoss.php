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
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Watched;

/** Limb loss: what needs the limb is done with the prosthesis or not at all. */
final class LimbLoss implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'limb_loss',
            'Limb loss', group: ConditionGroup::Bones,
            sided: true,
            details: [
                'arm' => 'arm',
                'leg' => 'leg',
                'prosthesis' => 'done with the prosthesis',
            ],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('limb_loss', 'Common practice'))->watch(
            Watched::Skin,
            Moment::After,
            'Socket fit and skin after each session.',
        );
        $leg = $condition->has('leg') || ! $condition->has('arm');
        if (! $condition->has('prosthesis') && $leg) {
            $rules->avoidPositions(
                [Position::Standing, Position::LongStaticStanding],
                'Leg, without prosthesis: seated work.',
            );
        }
        if (! $condition->has('prosthesis') && ! $leg) {
            $rules
                ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
                ->avoidMotions(
                    [Motion::GripSustainedHeavy],
                    'Arm, without prosthesis: a cuff or strap in place of the grip.',
                );
        }

        return $rules;
    }
}
