<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Log\Performed;
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

    public static function ceiling(Profile $client, Envelope $envelope): int
    {
        $chosen = self::CEILINGS[$client->schools[self::SCHOOL] ?? ''] ?? null;
        if ($chosen !== null) {
            return $chosen;
        }
        $new = $client->trainingLevel === null || $client->trainingLevel === TrainingLevel::New;
        $longStanding = $envelope->is(ConditionTrait::LongStandingJointPain);

        return ! $new && $longStanding && ! $envelope->is(ConditionTrait::Fragile) ? 5 : 3;
    }

    /** In words when the session broke the rule; null when pain was not entered or stayed within it. */
    public static function broken(Performed $session, int $ceiling): ?string
    {
        if ($session->painDuring !== null && $session->painDuring > $ceiling) {
            return sprintf('Pain during was %d, over %d.', $session->painDuring, $ceiling);
        }
        if ($session->painNextMorning !== null && $session->painNextMorning > ($session->painBefore ?? 0)) {
            return sprintf(
                'Pain next morning was %d, worse than %d before.', $session->painNextMorning, $session->painBefore ?? 0,
            );
        }

        return null;
    }
}
