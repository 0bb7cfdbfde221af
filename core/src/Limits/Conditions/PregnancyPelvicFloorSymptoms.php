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
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Watched;

/** Heaviness or leaking: no impact, an easier rung, referral if it lasts. */
final class PregnancyPelvicFloorSymptoms implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'pregnancy_pelvic_floor_symptoms', 'Pelvic-floor symptoms', group: ConditionGroup::Pregnancy,
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (
            new Rules('pregnancy_pelvic_floor_symptoms', 'Mottola 2019 (SOGC/CSEP); Goom, Donnelly and Brockwell 2019')
        )
            ->set(Field::ImpactMax, 0, 'Pelvic-floor symptoms: no impact.')
            ->watch(Watched::PelvicFloor, Moment::After, 'Heaviness or leaking after each session.')
            ->note('Pelvic-health referral if it lasts.');

        return $rules;
    }
}
