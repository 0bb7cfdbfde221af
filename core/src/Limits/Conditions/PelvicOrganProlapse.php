<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Prolapse: no straining, no impact, no doming. */
final class PelvicOrganProlapse implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('pelvic_organ_prolapse', 'Pelvic organ prolapse');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('pelvic_organ_prolapse', 'House convention, cautious; pelvic-health referral'))
            ->set(Field::Breath, 'no_holding', 'Breathe out on the effort; no breath holding.')
            ->set(Field::ImpactMax, 0, 'No impact.')
            ->avoidMotions(['abdominal_doming_load'], 'No load that makes the belly dome.')
            ->set(Field::EffortMax, 6, 'Effort up to 6.')
            ->watch('pelvic_floor', 'after', 'Heaviness or leaking after each session.')
            ->note('Pelvic-health referral.');

        return $rules->all();
    }
}
