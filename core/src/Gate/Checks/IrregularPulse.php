<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** A pulse that does not come evenly. */
final class IrregularPulse implements Check
{
    private const RULE = 'gate.irregular';

    public function findings(Arrival $at): iterable
    {
        // Known atrial fibrillation: an irregular pulse is no sign.
        if (
            $at->readings->pulse->irregular !== true
            || $at->envelope->is(ConditionTrait::KnownAtrialFibrillation)
        ) {
            return;
        }
        yield match (true) {
            $at->signs !== [] => Finding::stop(
                self::RULE, 'Irregular pulse with symptoms.', 'Stop. Call, by your local rules.', Source::ACSM,
            ),
            $at->readings->repeat => Finding::notToday(
                self::RULE, 'Irregular pulse, again.', 'No session; tell their doctor.',
            ),
            default => Finding::wait(
                self::RULE, 'Irregular pulse, new.', 'Sit for 5 minutes and feel it again.', 5, Source::ACSM,
            ),
        };
    }
}
