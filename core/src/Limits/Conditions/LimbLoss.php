<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FunctionPart;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Part;
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
                'hand' => 'hand',
                'below_elbow' => 'below the elbow',
                'above_elbow' => 'above the elbow',
                'below_knee' => 'below the knee',
                'above_knee' => 'above the knee',
                'arm' => 'arm, level not known',
                'leg' => 'leg, level not known',
                'prosthesis' => 'done with the prosthesis',
            ],
            asks: [FunctionPart::Limbs],
            words: ['amputation', 'amputee', 'BKA', 'AKA'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('limb_loss', 'Common practice'))->watch(
            Watched::Skin,
            Moment::After,
            'Socket fit and skin after each session.',
        );
        if ($condition->has('prosthesis')) {
            return $rules->note('With the prosthesis on, or not at all.');
        }
        $arm = array_intersect($condition->details, ['hand', 'below_elbow', 'above_elbow', 'arm']) !== [];
        $leg = array_intersect($condition->details, ['below_knee', 'above_knee', 'leg']) !== [] || ! $arm;
        $side = $condition->sideOrBoth();
        if ($leg) {
            $rules
                ->avoidPositions(
                    [Position::Standing, Position::LongStaticStanding],
                    'Leg, without prosthesis: seated work.',
                )
                ->within(new Scope(Region::Lower, $side))
                ->set(Field::AvoidParts, Part::Leg, 'What needs that leg is out without the prosthesis.');
        }
        if ($arm) {
            $rules
                ->within(new Scope(Region::Upper, $side))
                ->set(Field::AvoidParts, Part::Arm, 'What needs that hand is out without the prosthesis.')
                ->avoidMotions(
                    [Motion::GripSustainedHeavy, Motion::WeightOnHand],
                    'Arm, without prosthesis: no grip and no weight on it.',
                );
        }

        return $rules;
    }
}
