<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\BloodPressure;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Sign;

/** Blood pressure that is high, in pregnancy and after a birth by tighter figures. */
final class HighPressure implements Check
{
    private const RULE = 'gate.bp';

    /** So far over the own usual dysreflexia begins, mmHg. Source: Consortium for Spinal Cord Medicine. */
    private const OVER_USUAL = 20;

    public function findings(Arrival $at): iterable
    {
        if ($at->envelope->is(ConditionTrait::Dysreflexia)) {
            yield from self::overUsual($at);
        }
        $finding = $at->isPregnantOrNewMother() ? self::inPregnancy($at) : self::inOthers($at);
        if ($finding !== null) {
            yield $finding;
        }
    }

    /**
     * Dysreflexia shows as a pressure over the own usual, long before it is high in itself.
     *
     * @return iterable<Finding>
     */
    private static function overUsual(Arrival $at): iterable
    {
        $systolic = $at->readings->pressure->systolic;
        $usual = $at->client->usual->systolic;
        if ($systolic === null) {
            return;
        }
        $rule = 'gate.dysreflexia';
        $source = 'Consortium for Spinal Cord Medicine';
        if ($usual === null) {
            $do = 'Find out their usual pressure and enter it on Screen; without it dysreflexia cannot be seen.';
            yield Finding::wait($rule, 'Their usual pressure is not known.', $do, null, $source);
        } elseif ($systolic >= $usual + self::OVER_USUAL) {
            $says = sprintf('Systolic pressure %d, usual %d.', (int) $systolic, (int) $usual);
            yield $at->signs !== [] || $at->readings->repeat
                ? Finding::stop(
                    $rule, $says.($at->signs === [] ? ' Still.' : ' With signs.'),
                    'Sit up, loosen what is tight, look for the cause, and call the emergency number.', $source,
                )
                : Finding::wait(
                    $rule, $says, 'Sit up, loosen what is tight, empty the bladder; read it again in 5 minutes.', 5,
                    $source,
                );
        }
    }

    private static function inPregnancy(Arrival $at): ?Finding
    {
        $pressure = $at->readings->pressure;
        $says = self::says($at);
        $raised = $pressure->reaches(140, 90);

        return match (true) {
            $pressure->reaches(160, 110), $raised && self::isAlarming($at) => Finding::stop(
                self::RULE, $says, 'Call the maternity team now.', Source::PREGNANCY,
            ),
            $raised => Finding::notToday(
                self::RULE, $says, 'No session; see the maternity provider the same day.', Source::PREGNANCY,
            ),
            default => null,
        };
    }

    private static function inOthers(Arrival $at): ?Finding
    {
        $pressure = $at->readings->pressure;
        if (! $pressure->reaches(160, 100)) {
            return null;
        }
        $says = self::says($at);
        $again = $at->readings->repeat;

        return match (true) {
            self::isAlarming($at) => Finding::stop(
                self::RULE, $says.' With headache, vision change or chest pain.', 'Stop. Call the emergency number.',
                Source::ACSM,
            ),
            $pressure->reaches(180, 110) => $again
                ? Finding::notToday(
                    self::RULE, $says.' Again.', 'No session; tell their doctor today.', Source::ACSM,
                )
                : self::sitQuietly($says),
            $at->envelope->is(ConditionTrait::KnownHypertension) => Finding::lighter(
                self::RULE, $says, 'Lighter: fewer sets, no holds, longer rests.', Source::ACSM,
            ),
            $again => Finding::lighter(
                self::RULE, $says.' Again, and no hypertension is on record.', 'Lighter; tell their doctor.',
                Source::ACSM,
            ),
            default => self::sitQuietly($says.' No hypertension is on record.'),
        };
    }

    private static function sitQuietly(string $says): Finding
    {
        return Finding::wait(self::RULE, $says, 'Sit quietly for 5 minutes, then read it again.', 5, Source::ACSM);
    }

    private static function says(Arrival $at): string
    {
        $usual = new BloodPressure($at->client->usual->systolic, $at->client->usual->diastolic);

        return sprintf(
            'Blood pressure %s%s.', $at->readings->pressure->label(),
            $usual->systolic === null && $usual->diastolic === null ? '' : ', usual '.$usual->label(),
        );
    }

    private static function isAlarming(Arrival $at): bool
    {
        return $at->says(
            Sign::Headache, Sign::SuddenHeadache, Sign::VisionChange, Sign::ChestPain, Sign::NewBreathlessness,
            Sign::BreathlessAtRest, Sign::Dizziness, Sign::Confusion,
        );
    }
}
