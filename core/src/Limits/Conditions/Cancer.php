<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\FirstBlock;
use BuoyantStep\Core\Limits\HasFirstBlock;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** Cancer: a light fortnight, then a useful load; fatigue halves the sets and keeps the habit. */
final class Cancer implements ConditionRules, HasFirstBlock
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'cancer',
            'Cancer, during or after treatment',
            group: ConditionGroup::Cancer, traits: [ConditionTrait::FirstBlock],
            traitsWith: [
                'under_treatment' => ConditionTrait::Fragile,
            ],
            details: [
                'under_treatment' => 'under treatment',
                Condition::FIRST_BLOCK_DONE => 'first two weeks done',
            ],
            sinceLabel: 'training since',
            words: ['oncology', 'chemotherapy', 'tumour'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('cancer', 'ACSM (Campbell 2019)'))
            ->set(Field::Clearance, Clearance::Advised, 'Cancer: ask the treating team.')
            ->note(
                'Fatigue day: halve the sets, keep the habit. Later 60 % and more is allowed, 2 sets of 8-15 twice a '.
                    'week.',
            );
        if (! FirstBlock::isOver($condition)) {
            $rules
                ->set(Field::LoadPctMax, 50, 'First two weeks: up to 50 % of 1RM.')
                ->set(Field::EffortMax, 5, 'First two weeks: RPE up to 5.');
        }

        return $rules;
    }

    public function firstBlockDays(): int
    {
        return 14;
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return FirstBlock::crossings(
            $condition,
            $facts,
            'cancer',
            '60 % of 1RM and more become possible.',
            $this->firstBlockDays(),
        );
    }
}
