<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/**
 * How much pain during exercise is accepted: none, up to 3, or up to 5 of 10, if it has settled by next morning.
 * Source: Thomeé 1997, adapted. The school is the clinician's choice; the default is the more cautious one that fits.
 */
final class PainRule
{
    public const SCHOOL = 'pain';

    private const CEILINGS = ['none' => 0, 'up_to_3' => 3, 'up_to_5' => 5];

    public const SOURCE = 'Thomeé 1997, adapted';

    /** So much more next morning than before is worse. */
    private const WORSE = 2;

    /** A birth is healing so long: eight weeks, the later of the two clearances after one. */
    private const BIRTH_DAYS = 56;

    /** 0, 3 or 5 of 10: none while a surgery, a fracture or a birth is healing. */
    public static function ceiling(Profile $client, Envelope $envelope, Day $on): int
    {
        $chosen = self::CEILINGS[$client->schools[self::SCHOOL] ?? ''] ?? null;
        if ($chosen !== null) {
            return $chosen;
        }
        $new = $client->trainingLevel === null || $client->trainingLevel === TrainingLevel::New;
        $sinceBirth = $client->daysSinceBirth($on);

        return match (true) {
            $envelope->is(ConditionTrait::Healing), $sinceBirth !== null && $sinceBirth < self::BIRTH_DAYS => 0,
            $envelope->is(ConditionTrait::LongStandingJointPain) => 5,
            $new, $envelope->is(ConditionTrait::Fragile) => 3,
            default => 5,
        };
    }

    /** In words when the session broke the rule; null when pain was not entered or stayed within it. */
    public static function broken(Performed $session, int $ceiling): ?string
    {
        if ($session->painDuring !== null && $session->painDuring > $ceiling) {
            return sprintf('Pain during was %d, over %d.', $session->painDuring, $ceiling);
        }

        return self::worse($session->painBefore, $session->painNextMorning);
    }

    /** In words when the morning after was worse than before the session; null when it was not, or was not entered. */
    public static function worse(?int $before, ?int $nextMorning): ?string
    {
        return $nextMorning === null || $nextMorning < ($before ?? 0) + self::WORSE
            ? null
            : sprintf('Pain next morning was %d, worse than %d before.', $nextMorning, $before ?? 0);
    }
}
