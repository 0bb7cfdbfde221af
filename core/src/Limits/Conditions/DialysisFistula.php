<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Region;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Fistula arm: no cuff, no strap, no pressure reading; loads as cleared. */
final class DialysisFistula implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('dialysis_fistula', 'Dialysis fistula', sided: true);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('dialysis_fistula', 'ACSM Guidelines, 11th ed.'))
            ->set(Field::Clearance, 'advised', 'Fistula arm: ask the dialysis team which loads it may take.')
            ->note('No cuff, strap or pressure reading on the fistula arm. On a day without dialysis, or before it.')
            ->within(new Scope(Region::Upper, $condition->sideOrBoth()))
            ->set(Field::AvoidMaterial, 'tight_strap_on_insensate_skin', 'Fistula arm: no cuff or strap.')
            ->avoidMotions(['grip_sustained_heavy'], 'Fistula arm: no long heavy gripping.');

        return $rules->all();
    }
}
