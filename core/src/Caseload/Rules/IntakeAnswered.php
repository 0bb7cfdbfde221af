<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload\Rules;

use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\NeedRule;
use BuoyantStep\Core\Caseload\Standing;

/** Answers from home that wait on Screen. */
final class IntakeAnswered implements NeedRule
{
    public function of(Standing $client): iterable
    {
        if ($client->intakeOn !== null) {
            $says = sprintf('Intake answered at home on %s: go through it.', $client->intakeOn->label());
            yield new Need(NeedKind::IntakeAnswered, $says, 'screen');
        }
    }
}
