<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Vocabulary\Clearance;

/** Exercise that the limits withhold altogether. */
final class Withheld implements Check
{
    public function findings(Arrival $at): iterable
    {
        $clearance = $at->envelope->tightest(Field::Clearance);
        if ($clearance?->value === Clearance::Withheld) {
            $do = 'No session; the treating team decides.';
            yield Finding::stop($clearance->rule, $clearance->says, $do, $clearance->source);
        }
    }
}
