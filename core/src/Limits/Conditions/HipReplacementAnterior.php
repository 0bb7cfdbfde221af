<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Region;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Limits\WithoutCrossings;

/** Hip replacement from the front: no extension with outward turn, not on the front, until the surgeon ends it. */
final class HipReplacementAnterior implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('hip_replacement_anterior', 'Hip replacement, anterior approach', sided: true, sinceLabel: 'surgery on');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('hip_replacement_anterior', 'Surgeon\'s order'))
            ->avoidPositions(['prone'], 'Hip replacement: not lying on the front.')
            ->within(new Scope(Region::Lower, $condition->sideOrBoth()))
            ->avoidMotions(['hip_extension_external_rotation'], 'Hip replacement: leg not back and turned out.');

        return $rules->all();
    }
}
