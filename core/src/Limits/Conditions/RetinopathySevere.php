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
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Position;

/** Proliferative or severe non-proliferative retinopathy: no straining, no jolts, head up. */
final class RetinopathySevere implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'retinopathy_severe',
            'Retinopathy, severe', group: ConditionGroup::LungsAndMetabolism,
            details: [
                'vitreous_haemorrhage' => 'vitreous haemorrhage',
            ],
            words: ['eyes', 'PDR'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('retinopathy_severe', 'ADA (Colberg 2016)'))
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->avoidPositions([Position::Inverted], 'Head not below the hips.')
            ->set(Field::EffortMax, 5, 'RPE up to 5.')
            ->set(Field::ImpactMax, 0, 'No impact.')
            ->set(Field::HoldMaxS, 6, 'Hard holds up to 6 s.');
        if ($condition->has('vitreous_haemorrhage')) {
            $rules->set(
                Field::Clearance,
                Clearance::Required,
                'Vitreous haemorrhage: the eye doctor clears exercise first.',
            );
        }

        return $rules;
    }
}
