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
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\SpineLoad;

/** Osteoporosis: spare the spine, hinge instead of bending; tighter with a vertebral fracture. */
final class Osteoporosis implements ConditionRules
{
    use WithoutCrossings;

    public const VERTEBRAL_FRACTURE = 'vertebral_fracture';

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'osteoporosis',
            'Osteoporosis',
            group: ConditionGroup::Bones,
            traits: [ConditionTrait::FragileBone],
            traitsWith: [
                self::VERTEBRAL_FRACTURE => ConditionTrait::Fragile,
            ],
            details: [
                self::VERTEBRAL_FRACTURE => 'vertebral fracture',
                'overhead_cleared' => 'overhead loading cleared',
            ],
            words: ['brittle bones', 'fragile bone', 'DXA'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $fracture = $condition->has(self::VERTEBRAL_FRACTURE);
        $rules = (new Rules('osteoporosis', 'Giangregorio 2014; Beck 2017 (ESSA)'))
            ->avoidMotions(
                [
                    Motion::SpineFlexionLoaded,
                    Motion::SpineFlexionEndRange,
                    Motion::SpineRotationLoaded,
                    Motion::SpineRotationEndRange,
                ],
                'No bending or twisting of a loaded spine, nor to its end range: hinge at the hips.',
            )
            ->avoidMotions([Motion::Ballistic], 'Nothing swung or thrown.')
            ->set(
                Field::ImpactMax,
                $fracture ? 0 : 1,
                $fracture ? 'Vertebral fracture: no impact.' : 'Stamps and heel drops at most.',
            )
            ->note(
                ($facts->client->schools['fragile_bone'] ?? null) === 'light_many'
                    ? 'School chosen: light and many, 10 up to 25 reps, then load.'
                    : 'School: moderate loads of 8-12 reps with spine-sparing form.',
            )
            ->note(
                'Back extensor, hip and balance work belong in the plan; heavier loading only supervised (Watson '.
                    '2018).',
            );
        if ($fracture) {
            $rules->set(
                Field::SpineLoadMax, SpineLoad::Moderate, 'Vertebral fracture: a moderate load on the spine at most.',
            );
            $rules->set(Field::LoadPctMax, 60, 'Vertebral fracture: up to 60 % of 1RM.');
            if (! $condition->has('overhead_cleared')) {
                $rules->avoidPositions(
                    [Position::ArmsOverhead],
                    'Vertebral fracture: no load overhead until cleared.',
                );
            }
        }

        return $rules;
    }
}
