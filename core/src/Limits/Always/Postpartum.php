<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Always;

use BuoyantStep\Core\Limits\AlwaysRules;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\HasWaiting;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Watched;

/**
 * After a birth. Each limit has its weeks; when they have passed it still holds until a symptom-free screen is on
 * record, because nothing loosens by date alone. Sources: Goom, Donnelly and Brockwell 2019; ACOG Committee Opinion
 * 804 (2020).
 */
final class Postpartum implements AlwaysRules, HasWaiting
{
    public const RULE = 'postpartum';

    public const CLEARANCE_DAYS = ['vaginal' => 42, 'caesarean' => 56];

    public const LIFT_DAYS = 42;

    public const TRUNK_DAYS = 56;

    public const IMPACT_DAYS = 84;

    private const LIFT_G = 6000;

    public function code(): string
    {
        return self::RULE;
    }

    public function label(): string
    {
        return 'After birth';
    }

    public function since(Facts $facts): ?Day
    {
        return $facts->client->postpartum?->birthDate;
    }

    public function limits(Facts $facts): Rules
    {
        $birth = $facts->client->postpartum;
        $days = $facts->client->daysSinceBirth($facts->on);
        if ($birth === null || $days === null || $days < 0) {
            return new Rules(self::RULE, '');
        }
        $holds = static fn (int $until): bool => $days < $until || ! $birth->isScreenedClear();
        $clearance = self::CLEARANCE_DAYS[$birth->caesarean ? 'caesarean' : 'vaginal'];
        $rules = (new Rules(self::RULE, 'Goom, Donnelly and Brockwell 2019; ACOG Committee Opinion 804 (2020)'))
            ->watch(
                Watched::PelvicFloor,
                Moment::After,
                'Heaviness, leaking, doming or pain: an easier rung; referral if it lasts, years later too.',
            )
            ->note('Rebuild with moderate load and 12-15 reps before chasing load.');
        if ($holds($clearance)) {
            $rules->set(
                Field::Clearance,
                Clearance::RequiredForLoad,
                sprintf(
                    'Loading waits for clearance, %d weeks after this birth at the earliest; before it gentle '
                        .'breathing, pelvic floor, walking and posture.',
                    intdiv($clearance, 7),
                ),
            );
        }
        if ($holds($clearance) && ! $facts->isClearedSince($birth->birthDate)) {
            $says = 'Until the clearance after birth is recorded: unloaded work at RPE 3 at most.';
            $rules->set(Field::EffortMax, 3, $says)->set(Field::LoadPctMax, 0, $says);
        }
        if ($holds(self::IMPACT_DAYS)) {
            $rules->set(Field::ImpactMax, 0, 'No impact until 12 weeks and a symptom-free screen.');
        }
        if ($birth->caesarean) {
            self::afterCaesarean($rules, $holds(self::LIFT_DAYS), $holds(self::TRUNK_DAYS));
        }
        if ($birth->hasSymptoms()) {
            self::withSymptoms($rules);
        }

        return $rules;
    }

    private static function withSymptoms(Rules $rules): void
    {
        $rules->avoidMotions([Motion::AbdominalDomingLoad], 'Symptoms after birth: an easier rung.')
            ->house(Field::EffortMax, 6, 'Symptoms after birth: RPE up to 6.')
            ->note('Pelvic-health referral if symptoms last.');
    }

    private static function afterCaesarean(Rules $rules, bool $lift, bool $trunk): void
    {
        if ($lift) {
            $rules->house(
                Field::LiftMaxG,
                self::LIFT_G,
                'After a caesarean: lift '.Mass::say(self::LIFT_G).' in all at most for 6 weeks.',
            );
        }
        if ($trunk) {
            $rules->set(Field::Breath, Breath::NoHolding, 'After a caesarean: breathe out on the effort for 8 weeks.')
                ->avoidMotions(
                    [Motion::SpineFlexionLoaded, Motion::AbdominalDomingLoad],
                    'After a caesarean: no loaded bending of the trunk, nothing that makes the belly dome, for 8 '
                        .'weeks.',
                );
        }
    }

    public function waiting(Facts $facts): iterable
    {
        $birth = $facts->client->postpartum;
        $days = $facts->client->daysSinceBirth($facts->on);
        if ($birth === null || $days === null || $days < self::IMPACT_DAYS || $birth->isScreenedClear()) {
            return [];
        }

        return [
            new Crossing(
                $birth->birthDate->plus(self::IMPACT_DAYS),
                self::RULE,
                sprintf(
                    '12 weeks after the birth have passed: %s until a symptom-free screen.',
                    $birth->caesarean ? 'impact, lifting and loaded bending hold' : 'impact holds',
                ),
                false,
            ),
        ];
    }

    public function crossings(Facts $facts): iterable
    {
        $birth = $facts->client->postpartum;
        $days = $facts->client->daysSinceBirth($facts->on);
        if ($birth === null || $days === null || $birth->isScreenedClear() && $days >= self::IMPACT_DAYS) {
            return [];
        }
        $steps = [
            [self::CLEARANCE_DAYS[$birth->caesarean ? 'caesarean' : 'vaginal'], 'loading may begin once cleared'],
            [self::IMPACT_DAYS, 'impact may begin after a symptom-free screen'],
        ];
        if ($birth->caesarean) {
            array_push(
                $steps, [self::LIFT_DAYS, 'the lift limit may end'],
                [self::TRUNK_DAYS, 'loaded bending of the trunk may begin'],
            );
        }
        $crossings = [];
        foreach ($steps as [$day, $says]) {
            if ($day > $days) {
                $crossings[] = new Crossing(
                    $facts->on->plus($day - $days),
                    self::RULE,
                    sprintf('%d weeks after the birth: %s. Opens when you confirm it.', intdiv($day, 7), $says),
                    false,
                );
            }
        }

        return $crossings;
    }
}
