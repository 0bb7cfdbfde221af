<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Always;

use BuoyantStep\Core\Limits\AlwaysRules;
use BuoyantStep\Core\Limits\AlwaysSo;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Sign;

/** What holds for everybody before any condition is known. */
final class Defaults implements AlwaysRules
{
    use AlwaysSo;

    public const RULE = 'default';

    /** ACSM 2009 position stand: raise load by 2-10 % once the range is exceeded. */
    private const STEP_PCT = 10;

    private const SESSIONS = 2;

    /** ACSM Guidelines, 11th ed.: at least 48 h between sessions for the same muscle group. */
    private const HOURS = 48;

    public function code(): string
    {
        return self::RULE;
    }

    public function label(): string
    {
        return 'Default';
    }

    public function limits(Facts $facts): Rules
    {
        $rules = (new Rules(self::RULE, 'ACSM Guidelines, 11th ed.; ACSM 2009 position stand'))
            ->set(Field::Clearance, Clearance::None, 'No condition entered asks for clearance.')
            ->set(Field::EffortMax, 10, 'Nothing entered caps effort.')
            ->set(Field::LoadPctMax, 100, 'Nothing entered caps the load.')
            ->set(Field::RepsMin, 1, 'Nothing entered asks for more reps.')
            ->set(Field::ImpactMax, 3, 'Nothing entered limits impact.')
            ->set(Field::StepPctMax, self::STEP_PCT, 'One load step is 10 % at most.')
            ->set(Field::SessionsBetweenSteps, self::SESSIONS, 'Two good sessions running before a step.')
            ->set(Field::RestMinS, 0, 'Nothing entered asks for a longer rest.')
            ->set(Field::HoursBetweenSameMuscle, self::HOURS, 'Two days between strength work for the same muscles.')
            ->set(Field::HeartRateValid, true, 'Nothing entered makes heart rate misleading.');
        foreach ([
            Sign::ChestPain, Sign::Faintness, Sign::NewBreathlessness, Sign::NewWeakness, Sign::SuddenHeadache,
            Sign::CalfSwelling, Sign::FallWithInjury, Sign::LossOfControl, Sign::VisionChange, Sign::TroubleSpeaking,
            Sign::Confusion,
        ] as $sign) {
            $rules->stopSign($sign);
        }

        return $rules;
    }
}
