<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

use BuoyantStep\Core\Caseload\Rules\ClearanceEnds;
use BuoyantStep\Core\Caseload\Rules\ClearanceMissing;
use BuoyantStep\Core\Caseload\Rules\DateAhead;
use BuoyantStep\Core\Caseload\Rules\GateHolds;
use BuoyantStep\Core\Caseload\Rules\IntakeAnswered;
use BuoyantStep\Core\Caseload\Rules\KitOutgrown;
use BuoyantStep\Core\Caseload\Rules\LooseningWaits;
use BuoyantStep\Core\Caseload\Rules\MessageWaits;
use BuoyantStep\Core\Caseload\Rules\PlanNoLongerFits;
use BuoyantStep\Core\Caseload\Rules\PlanWaits;
use BuoyantStep\Core\Caseload\Rules\Plateaus;
use BuoyantStep\Core\Caseload\Rules\ProposalsOpen;
use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Caseload\Rules\SessionsMissed;
use BuoyantStep\Core\Caseload\Rules\SessionsToSee;
use BuoyantStep\Core\Caseload\Rules\StopSignOpen;
use BuoyantStep\Core\Caseload\Rules\WorseNextMorning;

/** Who needs the clinician today, and for what. */
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
        usort($needs, static fn (Need $a, Need $b): int => $a->kind->rank() <=> $b->kind->rank());

        return $needs;
    }

    /** @return list<NeedRule> */
    private static function rules(): array
    {
        return [
            new StopSignOpen, new GateHolds, new PlanNoLongerFits, new WorseNextMorning, new ProposalsOpen,
            new MessageWaits, new SessionsToSee, new ClearanceMissing, new LooseningWaits, new DateAhead,
            new ClearanceEnds, new IntakeAnswered, new PlanWaits, new SessionsMissed, new Plateaus, new Retest,
            new KitOutgrown,
        ];
    }
}
