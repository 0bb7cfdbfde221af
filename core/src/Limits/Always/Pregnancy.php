<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Always;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Limits\AlwaysRules;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Watched;

/**
 * Pregnancy by day of gestation. A later week only ever adds limits.
 * Sources: Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020).
 */
final class Pregnancy implements AlwaysRules
{
    private const RED_FLAGS = [
        Sign::VaginalBleeding,
        Sign::FluidLeaking,
        Sign::RegularContractions,
        Sign::BreathlessBeforeEffort,
        Sign::Dizziness,
        Sign::Headache,
        Sign::ChestPain,
        Sign::CalfSwelling,
        Sign::WeaknessOfBalance,
        Sign::AbdominalPain,
        Sign::BabyMovesLess,
    ];

    public const RULE = 'pregnancy';

    private const SOURCE = 'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)';

    /** 16 weeks: the raised version is offered, lying on the front is out. */
    public const RAISED_OFFERED_DAY = 112;

    /** 20 weeks: lying flat on the back is out, impact lower. */
    public const RAISED_REQUIRED_DAY = 140;

    /** 28 weeks: fingertips down for one-leg work. */
    public const SUPPORT_DAY = 196;

    /** School "pregnancy_supine": required from 16 weeks instead of 20. */
    public const SCHOOL = 'pregnancy_supine';

    public const SCHOOL_FROM_16 = 'from_16';

    public function code(): string
    {
        return self::RULE;
    }

    public function label(): string
    {
        return 'Pregnancy';
    }

    public function since(Facts $facts): ?Day
    {
        return $facts->client->dueDate?->plus(-Profile::PREGNANCY_DAYS);
    }

    public function limits(Facts $facts): Rules
    {
        $day = $facts->client->gestationDay($facts->on);
        if ($day === null) {
            return new Rules(self::RULE, '');
        }
        $rules = self::throughout(new Rules(self::RULE, self::SOURCE), $facts);
        foreach (self::RED_FLAGS as $sign) {
            $rules->stopSign($sign);
        }

        return $this->byWeek($rules, $day, $this->supineFrom($facts));
    }

    private static function throughout(Rules $rules, Facts $facts): Rules
    {
        $trained = $facts->client->trainingLevel === TrainingLevel::Trained;

        return $rules
            ->set(
                Field::Clearance,
                Clearance::Advised,
                'Pregnancy without complications entered: ask the maternity team about contraindications.',
            )
            ->set(
                Field::EffortMax,
                $trained ? 7 : 6,
                ($trained ? 'Trained before pregnancy: RPE up to 7' : 'RPE up to 6').
                    ', able to talk throughout.',
            )
            ->set(Field::RepsMin, 10, 'Lighter loads for 10 reps or more.')
            ->set(Field::HoldMaxS, 10, 'Hard holds up to 10 s.')
            ->set(Field::Breath, Breath::NoHolding, 'Breathe out on the effort; no breath holding.')
            ->set(
                Field::ImpactMax, $trained ? 2 : 1,
                $trained ? 'No jumping in pregnancy.' : 'Not used to hops: stamps and heel drops at most.',
            )
            ->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure before each session.')
            ->watch(
                Watched::PelvicFloor,
                Moment::After,
                'Heaviness, leaking or doming: an easier rung and a word with the clinician.',
            );
    }

    private function byWeek(Rules $rules, int $day, int $supineFrom): Rules
    {
        if ($day >= self::RAISED_OFFERED_DAY) {
            $rules
                ->note(
                    'From 16 weeks offer the raised version of back-lying work (trunk at 30 degrees or more); at once '
                        .'if light-headed.',
                )
                ->avoidPositions([Position::Prone], 'From 16 weeks: no lying on the front, for comfort.');
        }
        if ($day >= $supineFrom) {
            $rules->avoidPositions(
                [Position::SupineFlat],
                sprintf(
                    'From %d weeks: raise the trunk 30 degrees or more, lie on the side, sit or stand.',
                    intdiv($supineFrom, 7),
                ),
            );
        }
        if ($day >= self::RAISED_REQUIRED_DAY) {
            $rules->set(Field::ImpactMax, 1, 'From 20 weeks: stamps and heel drops at most.')
                ->avoidPositions(
                    [Position::LongStaticStanding], 'From 20 weeks: not standing still for long; move, or sit.',
                );
        }
        if ($day >= self::SUPPORT_DAY) {
            $rules->bind(
                Support::Fingertip, Binds::SingleLeg, 'From 28 weeks: fingertips on something fixed for one-leg work.',
            );
        }
        if ($day > 280) {
            $rules->note('The due date has passed: record the birth as soon as it is known.');
        }

        return $rules;
    }

    public function crossings(Facts $facts): iterable
    {
        $today = $facts->client->gestationDay($facts->on);
        if ($today === null) {
            return [];
        }
        $supineFrom = $this->supineFrom($facts);
        $steps = [
            [self::RAISED_OFFERED_DAY, '16 weeks: no lying on the front; back-lying work is offered raised.'],
            [self::RAISED_REQUIRED_DAY, '20 weeks: stamps and heel drops at most.'],
            [$supineFrom, sprintf('%d weeks: no lying flat on the back.', intdiv($supineFrom, 7))],
            [self::SUPPORT_DAY, '28 weeks: fingertip support for one-leg work.'],
            [280, 'Due date: record the birth; the plan ends here.'],
        ];
        $crossings = [];
        foreach ($steps as [$day, $says]) {
            if ($day > $today) {
                $crossings[] = new Crossing($facts->on->plus($day - $today), self::RULE, $says, true);
            }
        }

        return $crossings;
    }

    private function supineFrom(Facts $facts): int
    {
        return ($facts->client->schools[self::SCHOOL] ?? null) === self::SCHOOL_FROM_16
            ? self::RAISED_OFFERED_DAY
            : self::RAISED_REQUIRED_DAY;
    }
}
