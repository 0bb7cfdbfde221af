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
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Watched;

/** COPD, fibrosis and others: long rests, saturation before and during. */
final class ChronicLungDisease implements ConditionRules
{
    use WithoutCrossings;

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            'chronic_lung_disease', 'Chronic lung disease', group: ConditionGroup::LungsAndMetabolism,
            traits: [ConditionTrait::ShortOfBreath, ConditionTrait::LungDisease, ConditionTrait::NeedsWarmUp],
            words: ['COPD', 'emphysema', 'chronic bronchitis', 'pulmonary fibrosis', 'ILD', 'asthma', 'lungs'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules('chronic_lung_disease', 'ATS/ERS 2013'))
            ->set(Field::EffortMax, 6, 'RPE up to 6.')
            ->set(Field::RestMinS, 90, 'At least 90 s between bouts.')
            ->watch(Watched::Saturation, Moment::Before, 'Saturation before: 88 % or more.')
            ->watch(Watched::Saturation, Moment::During, 'Saturation during: 88 % or more.')
            ->note('Breathe out on the effort; work above the head in short sets only.');

        return $rules;
    }
}
