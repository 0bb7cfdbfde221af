<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

use BuoyantStep\Core\Caseload\Rules\ClearanceMissing;
use BuoyantStep\Core\Caseload\Rules\DateAhead;
use BuoyantStep\Core\Caseload\Rules\GateHolds;
use BuoyantStep\Core\Caseload\Rules\LooseningWaits;
use BuoyantStep\Core\Caseload\Rules\PlanNoLongerFits;
use BuoyantStep\Core\Caseload\Rules\PlanWaits;
use BuoyantStep\Core\Caseload\Rules\ProposalsOpen;
use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Caseload\Rules\SessionsMissed;
use BuoyantStep\Core\Caseload\Rules\StopSignOpen;

/** Who needs the clinician today, and for what: the order in which a careful person would look. */
final class Needs
{
    /** @return list<Need> most urgent first */
    public static function of(Standing $client): array
    {
        $needs = [];
        foreach (self::rules() as $rule) {
            foreach ($rule->of($client) as $need) {
                $needs[] = $need;
            }
        }
        usort($needs, static fn (Need $a, Need $b): int => $a->rank <=> $b->rank);

        return $needs;
    }

    /** @return list<NeedRule> */
    private static function rules(): array
    {
        return [
            new StopSignOpen, new GateHolds, new PlanNoLongerFits, new ProposalsOpen,
            new ClearanceMissing, new LooseningWaits, new DateAhead, new PlanWaits,
            new Retest, new SessionsMissed,
        ];
    }
}
