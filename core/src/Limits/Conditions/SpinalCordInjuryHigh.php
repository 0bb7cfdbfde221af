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
use BuoyantStep\Core\Limits\Wheels;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

/** Spinal cord injury at T6 or above: dysreflexia watched for, pulse misleading. */
final class SpinalCordInjuryHigh implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'spinal_cord_injury_t6_or_above', 'Spinal cord injury, T6 or above', group: ConditionGroup::Nerves,
            traits: [ConditionTrait::UsesWheels, ConditionTrait::Dysreflexia],
            asks: [FunctionPart::Limbs, FunctionPart::Trunk, FunctionPart::Bed, FunctionPart::Wheelchair],
            words: ['SCI', 'tetraplegia', 'quadriplegia', 'high paraplegia', 'autonomic dysreflexia'],
            reminders: [Reminder::KeepCool, Reminder::BladderFirst],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('spinal_cord_injury_t6_or_above', 'Consortium for Spinal Cord Medicine; Martin Ginis 2018'))
            ->set(Field::HoldMaxS, 10, 'Hard holds up to 10 s.')
            ->set(Field::HeartRateValid, false, 'The pulse does not follow the effort: use RPE and talking.')
            ->watch(
                Watched::Dysreflexia,
                Moment::During,
                'Systolic 20 mmHg over the own usual, pounding headache, sweating above the lesion: sit up, loosen, '
                    .'find the cause, call.',
            )
            ->watch(
                Watched::BloodPressure, Moment::Before, 'Blood pressure before each session, against the own usual.',
                true,
            )
            ->watch(Watched::Dysreflexia, Moment::Before, 'Signs of dysreflexia before each session.')
            ->watch(Watched::Skin, Moment::Before, 'Skin at the contacts before each session.')
            ->watch(Watched::Skin, Moment::After, 'Skin at the contacts after each session.')
            ->stopSign(Sign::DysreflexiaSigns)
            ->note('Keep cool. Chair secured with brakes or chocks.')
            ->note('House: pulling volume at least 1.5 times pushing.')
            ->note('Bladder emptied first. A low usual blood pressure is recorded as usual.');
        Wheels::unasked($rules, $facts->client->function, false, true);

        return $rules;
    }
}
