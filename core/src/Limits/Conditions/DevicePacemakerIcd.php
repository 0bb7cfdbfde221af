<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\DatedOpening;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\OpensByWord;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Sign;

/** Implanted device: that arm stays below shoulder height until the team opens it; heart rate misleads. */
final class DevicePacemakerIcd implements ConditionRules, OpensByWord
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'device_pacemaker_icd',
            'Pacemaker or ICD', group: ConditionGroup::Heart,
            sided: true,
            details: [
                'arm_cleared' => 'arm opened by the team',
                'heart_rate_valid' => 'team: heart rate can be used',
            ],
            sinceLabel: 'implanted on',
            words: ['PPM', 'pacemaker', 'defibrillator', 'ICD', 'CRT'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('device_pacemaker_icd', 'Common cardiac-rehabilitation practice'))
            ->set(Field::Clearance, Clearance::Required, 'Implanted device: the device team clears exercise first.')
            ->stopSign(Sign::DeviceShock);
        if (! $condition->has('heart_rate_valid')) {
            $rules->set(
                Field::HeartRateValid,
                false,
                'The device sets the pulse: use RPE and talking unless the team says otherwise.',
            );
        }
        if (! $condition->has('arm_cleared')) {
            $rules
                ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
                ->avoidMotions(
                    [Motion::ShoulderPast90],
                    'Arm of the implant side: below shoulder height until the team opens it (6 weeks by default).',
                )
                ->avoidPositions(
                    [Position::ArmsOverhead],
                    'Arm of the implant side: not overhead until the team opens it.',
                );
        }

        return $rules;
    }

    public function opening(): DatedOpening
    {
        return new DatedOpening(42, 'arm_cleared', 'Six weeks after the implant: the arm may go above the shoulder.');
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return $this->opening()->ahead($condition, $facts);
    }
}
