<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Sign;

/** Oxygen saturation at rest; lung disease has a floor of its own. */
final class Saturation implements Check
{
    private const RULE = 'gate.spo2';

    public function findings(Arrival $at): iterable
    {
        $spo2 = $at->readings->pulse->spo2;
        $lung = $at->envelope->is(ConditionTrait::LungDisease);
        if ($spo2 === null) {
            return;
        }
        $usual = $at->client->usual->spo2;
        $against = $usual === null ? '' : sprintf(', usual %d %%', (int) $usual);
        $says = sprintf('Saturation %d %%%s.', (int) $spo2, $against);
        if ($spo2 < ($lung ? 88 : 92)) {
            yield self::low($says, $at);
        } elseif ($lung && $spo2 <= 91) {
            yield Finding::lighter(self::RULE, $says, 'Lighter; watch it during the session.', Source::LUNG);
        }
    }

    private static function low(string $says, Arrival $at): Finding
    {
        return match (true) {
            $at->says(Sign::BreathlessAtRest, Sign::NewBreathlessness) => Finding::stop(
                self::RULE, $says.' Breathless at rest.', 'Stop. Call the emergency number.', Source::LUNG,
            ),
            $at->readings->repeat => Finding::notToday(
                self::RULE, $says.' Again.', 'No session unless ordered otherwise; tell their doctor.', Source::LUNG,
            ),
            default => Finding::wait(self::RULE, $says, 'Warm the finger, sit, read it again.', 5, Source::LUNG),
        };
    }
}
