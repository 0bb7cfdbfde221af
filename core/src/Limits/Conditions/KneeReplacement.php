<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\DatedOpening;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\OpensByWord;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Position;

/** Knee replacement: kneeling when comfortable, impact when twelve weeks and a word allow it. */
final class KneeReplacement implements ConditionRules, OpensByWord
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'knee_replacement',
            'Knee replacement',
            group: ConditionGroup::Surgery, traits: [ConditionTrait::Healing],
            sided: true,
            details: [
                'kneeling_comfortable' => 'kneeling is comfortable',
                'impact_cleared' => 'impact cleared',
            ],
            sinceLabel: 'surgery on',
            words: ['TKR', 'TKA', 'new knee'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('knee_replacement', 'Surgeon\'s order'))->note(
            'Shorten the range first when the knee complains.',
        );
        if (! $condition->has('kneeling_comfortable')) {
            $rules->avoidPositions([Position::Kneeling], 'Knee replacement: no kneeling until it is comfortable.');
        }
        if (! $condition->has('impact_cleared')) {
            $rules->set(Field::ImpactMax, 0, 'Knee replacement: no impact for 12 weeks, then on your word.');
        }

        return $rules;
    }

    public function opening(): DatedOpening
    {
        return new DatedOpening(84, 'impact_cleared', 'Twelve weeks after the knee replacement: impact may begin.');
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return $this->opening()->ahead($condition, $facts);
    }
}
