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
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;

/** Hip replacement from the front: no extension with outward turn, not on the front, until the surgeon ends it. */
final class HipReplacementAnterior implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'hip_replacement_anterior', 'Hip replacement, anterior approach', group: ConditionGroup::Surgery,
            traits: [ConditionTrait::Healing],
            sided: true, sinceLabel: 'surgery on',
            words: ['THR', 'THA', 'new hip'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('hip_replacement_anterior', 'Surgeon\'s order'))
            ->avoidPositions([Position::Prone], 'Hip replacement: not lying on the front.')
            ->within(new Scope(Region::Lower, $condition->sideOrBoth()))
            ->avoidMotions([Motion::HipExtensionExternalRotation], 'Hip replacement: leg not back and turned out.');

        return $rules;
    }
}
