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
use BuoyantStep\Core\Vocabulary\Material;

/** Latex allergy: no latex band, tube, ball or grip. */
final class LatexAllergy implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout('latex_allergy', 'Latex allergy', group: ConditionGroup::Other,
            words: ['rubber'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        return (new Rules('latex_allergy', 'Common practice'))
            ->set(Field::AvoidMaterial, Material::Latex, 'Latex allergy: no latex band, tube, ball or grip.');
    }
}
