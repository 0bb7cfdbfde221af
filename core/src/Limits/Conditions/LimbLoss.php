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

/** Limb loss: what needs the limb is done with the prosthesis or not at all. */
final class LimbLoss implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('limb_loss', 'Limb loss', sided: true, details: [
            'arm' => 'arm',
            'leg' => 'leg',
            'prosthesis' => 'done with the prosthesis',
        ]);
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('limb_loss', 'Common practice'))
            ->watch('skin', 'after', 'Socket fit and skin after each session.');
        $leg = $condition->has('leg') || ! $condition->has('arm');
        if (! $condition->has('prosthesis') && $leg) {
            $rules->avoidPositions(['standing', 'long_static_standing'], 'Leg, without prosthesis: seated work.');
        }
        if (! $condition->has('prosthesis') && ! $leg) {
            $rules->within(new Scope(Region::Upper, $condition->sideOrBoth()))->avoidMotions(['grip_sustained_heavy'], 'Arm, without prosthesis: a cuff or strap in place of the grip.');
        }

        return $rules->all();
    }
}
