<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FunctionPart;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\FirstBlock;
use BuoyantStep\Core\Limits\HasFirstBlock;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Watched;

/** Stroke with a weaker side: start light, hold on, protect a painful or subluxed shoulder. */
final class StrokeHemiparesis implements ConditionRules, HasFirstBlock
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout('stroke_hemiparesis', 'Stroke, hemiparesis', group: ConditionGroup::Nerves, traits: [
            ConditionTrait::CapWaits, ConditionTrait::FirstBlock, ConditionTrait::WeakSide,
        ], sided: true, details: [
            'painful_shoulder' => 'painful shoulder',
            'subluxed_shoulder' => 'subluxed shoulder',
            Condition::FIRST_BLOCK_DONE => 'first four weeks done',
        ], sinceLabel: 'training since',
            asks: [FunctionPart::Limbs, FunctionPart::Trunk],
            words: ['CVA', 'hemiplegia', 'TIA', 'weak side'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('stroke_hemiparesis', 'AHA/ASA (Billinger 2014)'))
            ->bind(Support::OneHand, Binds::Balance, 'One hand on something fixed for balance work.')
            ->set(Field::RepsMin, 10, '10-15 reps.')
            ->set(Field::RepsMax, 15, '10-15 reps.')
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure before each session.')
            ->note('Supported arm, sliding cloth or two hands on a bar first; grip aids where the hand needs them.');
        if (! FirstBlock::isOver($condition)) {
            $rules->set(Field::LoadPctMax, 50, 'To start: up to 50 % of 1RM.');
        } else {
            $rules->set(Field::LoadPctMax, 80, 'After the first block: up to 80 % of 1RM.');
        }
        if ($condition->has('painful_shoulder') || $condition->has('subluxed_shoulder')) {
            $rules->within(new Scope(Region::Upper, $condition->sideOrBoth()))
                ->avoidMotions([Motion::ShoulderPast90], 'That shoulder stays below 90 degrees.')
                ->avoidMotions([Motion::WeightOnHand], 'No body weight on that arm.')
                ->avoidMotions([Motion::CarryStanding], 'No load hanging from that shoulder.')
                ->avoidPositions([Position::ArmsOverhead], 'That arm does not go overhead.');
        }
        if ($condition->has('subluxed_shoulder')) {
            $rules->avoidMotions(
                [Motion::ArmAwayFromTrunkLoaded], 'Subluxed: no load away from the trunk on that arm.',
            );
        }

        return $rules;
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        return FirstBlock::crossings(
            $condition, $facts, 'stroke_hemiparesis', 'More than 50 % of 1RM and fewer reps become possible.',
        );
    }

    public function firstBlockDays(): int
    {
        return FirstBlock::DAYS;
    }
}
