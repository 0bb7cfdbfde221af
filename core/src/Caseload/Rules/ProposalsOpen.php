<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Progress\Decision;

/** Proposals to decide: ease, measure again, step up, in this order. */
final class ProposalsOpen implements NeedRule
{
    public function of(Standing $client): iterable
    {
        foreach (Decision::cases() as $decision) {
            $kind = self::kind($decision);
            if ($kind === null) {
                continue;
            }
            foreach ($client->proposals[$decision->value] ?? [] as $says) {
                yield new Need($kind, $decision->verb().': '.$says, 'review');
            }
        }
    }

    private static function kind(Decision $decision): ?NeedKind
    {
        return match ($decision) {
            Decision::Ease => NeedKind::Ease,
            Decision::Retest => NeedKind::MeasureFirst,
            Decision::StepUp => NeedKind::StepUp,
            // A red flag is said by the sign itself; what stays asks for nothing.
            Decision::Stop, Decision::Stay => null,
        };
    }
}
