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
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Scope;

/** Fistula arm: no cuff, no strap, no pressure reading; loads as cleared. */
final class DialysisFistula implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'dialysis_fistula', 'Dialysis fistula', group: ConditionGroup::LungsAndMetabolism,
            traits: [ConditionTrait::LightestStart, ConditionTrait::CapWaits], sided: true,
            details: ['load_cleared' => 'loads cleared by the dialysis team'],
            words: ['AV fistula', 'dialysis', 'haemodialysis'],
            reminders: [Reminder::DialysisDays],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('dialysis_fistula', 'ACSM Guidelines, 11th ed.'))
            ->set(Field::Clearance, Clearance::Advised, 'Fistula arm: ask the dialysis team which loads it may take.')
            ->note('No cuff, strap or pressure reading on the fistula arm. On a day without dialysis, or before it.')
            ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
            ->set(Field::AvoidMaterial, Material::TightStrap, 'Fistula arm: no cuff or strap.')
            ->set(Field::AvoidMaterial, Material::PaddedStrap, 'Fistula arm: no cuff or strap, padded or not.')
            ->avoidMotions([Motion::GripSustainedHeavy], 'Fistula arm: no long heavy gripping.');
        if (! $condition->has('load_cleared')) {
            $rules->house(Field::LoadPctMax, 40, 'Fistula arm: up to 40 % of 1RM until the dialysis team clears more.');
        }

        return $rules;
    }
}
