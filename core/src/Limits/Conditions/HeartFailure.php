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
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

/** Stable heart failure: as coronary disease, with longer rests and the scales before each session. */
final class HeartFailure implements ConditionRules, HasFirstBlock
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'heart_failure',
            'Heart failure, stable', group: ConditionGroup::Heart,
            traits: [
                ConditionTrait::LightestStart, ConditionTrait::CapWaits, ConditionTrait::Fragile,
                ConditionTrait::FirstBlock, ConditionTrait::HoldsFluid, ConditionTrait::ShortOfBreath,
            ],
            details: [
                'breathless_lying' => 'breathless lying flat',
                Condition::FIRST_BLOCK_DONE => 'first block done',
            ],
            sinceLabel: 'training since',
            words: ['HF', 'CHF', 'HFrEF', 'HFpEF', 'weak heart'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('heart_failure', 'AACVPR; ESC'))
            ->set(Field::Clearance, Clearance::Required, 'Heart disease: the treating doctor clears exercise first.')
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->set(Field::RepsMin, 10, '10-15 reps.')
            ->set(Field::RepsMax, 15, '10-15 reps.')
            ->house(Field::HoldMaxS, 6, 'Hard holds up to 6 s.')
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure before each session.')
            ->stopSign(Sign::ChestPain)
            ->stopSign(Sign::NewBreathlessness)
            ->set(
                Field::EffortMax,
                FirstBlock::isOver($condition) ? 6 : 5,
                FirstBlock::isOver($condition) ? 'RPE up to 6.' : 'First block: RPE up to 5.',
            )
            ->set(Field::RestMinS, 90, 'At least 90 s between bouts.')
            ->watch(
                Watched::Weight,
                Moment::Before,
                'Weight before each session: up more than '.Mass::say(2000).' in 3 days means hold and call.',
                true,
            );
        if (! FirstBlock::isOver($condition)) {
            $rules
                ->within(new Scope(Region::Upper))
                ->set(Field::LoadPctMax, 40, 'First block: arms up to 40 % of 1RM.')
                ->within(new Scope(Region::Lower))
                ->set(Field::LoadPctMax, 60, 'First block: legs up to 60 % of 1RM.')
                ->within(new Scope(Region::Trunk))
                ->set(Field::LoadPctMax, 40, 'First block: trunk held to the lighter cap of the arms.');
        }
        if ($condition->has('breathless_lying')) {
            $rules
                ->everywhere()
                ->avoidPositions([Position::SupineFlat], 'Breathless lying flat: raise the trunk or sit.');
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
            'heart_failure',
            'RPE 6 and higher loads become possible.',
            $this->firstBlockDays(),
        );
    }
}
