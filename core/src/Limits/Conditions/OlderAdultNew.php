<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\FirstBlock;
use BuoyantStep\Core\Limits\HasFirstBlock;
use BuoyantStep\Core\Limits\ImpliedByFacts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** 65 or older and new to training: a light first block, then a useful load. */
final class OlderAdultNew implements ConditionRules, HasFirstBlock, ImpliedByFacts
{
    private const CODE = 'older_adult_new';

    private const FROM_AGE = 65;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            self::CODE,
            'Older adult, new to training', group: ConditionGroup::AgeAndFalls, traits: [ConditionTrait::FirstBlock],
            details: [Condition::FIRST_BLOCK_DONE => 'first four weeks done'],
            sinceLabel: 'training since',
            words: ['beginner', 'deconditioned', 'frail'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = new Rules(
            self::CODE, 'ACSM Guidelines, 11th ed.; ACSM 2009 position stands; Fragala 2019 (NSCA)',
        );
        $over = FirstBlock::isOver($condition);

        return $rules
            ->set(
                Field::LoadPctMax,
                $over ? 80 : 60,
                $over ? 'After the first four weeks: up to 80 % of 1RM.' : 'First four weeks: up to 60 % of 1RM.',
            )
            ->set(
                Field::EffortMax,
                $over ? 8 : 6,
                $over ? 'After the first four weeks: RPE up to 8.' : 'First four weeks: RPE up to 6.',
            )
            ->note('Include balance work; power at 30-60 % of 1RM after the first four weeks.');
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return FirstBlock::crossings($condition, $facts, self::CODE, 'Up to 80 % of 1RM and RPE 8.');
    }

    public function firstBlockDays(): int
    {
        return FirstBlock::DAYS;
    }

    public function implied(Facts $facts): ?Condition
    {
        $new = $facts->client->trainingLevel === TrainingLevel::New
            && $facts->client->age($facts->on) >= self::FROM_AGE;

        return $new ? new Condition(self::CODE, since: $facts->client->trainingSince) : null;
    }
}
