<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Mark;
use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Progress\Decision;

/** Proposals to decide: ease, measure again, step up, in this order. */
final class ProposalsOpen implements NeedRule
{
    public function of(Standing $client): iterable
    {
        foreach ([Decision::Ease, Decision::Retest, Decision::StepUp] as $i => $decision) {
            foreach ($client->proposals[$decision->value] ?? [] as $says) {
                yield new Need(self::mark($decision), 2 + $i, $decision->verb().': '.$says, 'review');
            }
        }
    }

    private static function mark(Decision $decision): Mark
    {
        return match ($decision) {
            Decision::Ease => Mark::Ease,
            Decision::StepUp => Mark::Up,
            default => Mark::Look,
        };
    }
}
