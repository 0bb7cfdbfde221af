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
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

/** Coronary heart disease: cleared first, light first block, no straining. */
final class CoronaryDisease implements ConditionRules, HasFirstBlock
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'coronary_disease',
            'Coronary heart disease, stable or after an event',
            group: ConditionGroup::Heart,
            traits: [ConditionTrait::LightestStart, ConditionTrait::CapWaits, ConditionTrait::FirstBlock],
            details: [
                Condition::FIRST_BLOCK_DONE => 'first block done',
            ],
            sinceLabel: 'training since',
            words: [
                'CHD', 'CAD', 'IHD', 'angina', 'heart attack', 'myocardial infarction', 'MI', 'stent', 'bypass', 'CABG',
            ],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('coronary_disease', 'Williams 2007; Paluch 2023 (AHA); AACVPR'))
            ->set(Field::Clearance, Clearance::Required, 'Heart disease: the treating doctor clears exercise first.')
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->set(Field::RepsMin, 10, '10-15 reps.')
            ->set(Field::RepsMax, 15, '10-15 reps.')
            ->house(Field::HoldMaxS, 6, 'Hard holds up to 6 s.')
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure before each session.')
            ->stopSign(Sign::ChestPain)
            ->stopSign(Sign::NewBreathlessness)
            ->set(Field::EffortMax, 6, 'RPE up to 6.');
        if (! FirstBlock::isOver($condition)) {
            $rules
                ->within(new Scope(Region::Upper))
                ->set(Field::LoadPctMax, 40, 'First block: arms up to 40 % of 1RM.')
                ->within(new Scope(Region::Lower))
                ->set(Field::LoadPctMax, 60, 'First block: legs up to 60 % of 1RM.')
                ->within(new Scope(Region::Trunk))
                ->set(Field::LoadPctMax, 40, 'First block: trunk held to the lighter cap of the arms.');
        }

        return $rules;
    }

    public function firstBlockDays(): int
    {
        return 28;
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return FirstBlock::crossings(
            $condition,
            $facts,
            'coronary_disease',
            'Loads above 40 % (arms) and 60 % (legs) become possible.',
            $this->firstBlockDays(),
        );
    }
}
