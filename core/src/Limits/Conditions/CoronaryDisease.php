<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\FirstBlock;
use BuoyantStep\Core\Limits\HasFirstBlock;
use BuoyantStep\Core\Limits\Region;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\Scope;

/** Coronary heart disease: cleared first, light first block, no straining. */
final class CoronaryDisease implements ConditionRules, HasFirstBlock
{
    public function about(): ConditionAbout
    {
        return new ConditionAbout('coronary_disease', 'Coronary heart disease, stable or after an event', details: [
            Condition::FIRST_BLOCK_DONE => 'first block done',
        ], sinceLabel: 'training since');
    }

    public function limits(Condition $condition, Facts $facts): array
    {
        $rules = (new Rules('coronary_disease', 'Williams 2007; Paluch 2023 (AHA); AACVPR'))
            ->set(Field::Clearance, 'required', 'Heart disease: the treating doctor clears exercise first.')
            ->set(Field::Breath, 'no_holding', 'Breathe out on the effort; no breath holding.')
            ->set(Field::RepsMin, 10, '10-15 reps.')
            ->set(Field::RepsMax, 15, '10-15 reps.')
            ->house(Field::HoldMaxS, 6, 'Hard holds up to 6 s.')
            ->watch('bp', 'before', 'Blood pressure before each session.')
            ->stopSign('chest pain or pressure')
            ->stopSign('unusual breathlessness')
            ->set(Field::EffortMax, 6, 'Effort up to 6.');
        if (! FirstBlock::isOver($condition)) {
            $rules->within(new Scope(Region::Upper))->set(Field::LoadPctMax, 40, 'First block: arms up to 40 % of 1RM.')
                ->within(new Scope(Region::Lower))->set(Field::LoadPctMax, 60, 'First block: legs up to 60 % of 1RM.')
                ->within(new Scope(Region::Trunk))->set(Field::LoadPctMax, 40, 'First block: trunk held to the lighter cap of the arms.');
        }

        return $rules->all();
    }

    public function firstBlockDays(): int
    {
        return 28;
    }

    public function crossings(Condition $condition, Facts $facts): array
    {
        return FirstBlock::crossings($condition, $facts, 'coronary_disease', 'Loads above 40 % (arms) and 60 % (legs) become possible.', $this->firstBlockDays());
    }
}
