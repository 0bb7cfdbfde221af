<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;

/** Skin at the contacts, and limbs that swell. */
final class SkinAndLimbs implements Check
{
    public function findings(Arrival $at): iterable
    {
        if ($at->readings->body->skinOk === false) {
            yield Finding::lighter(
                'gate.skin', 'Skin not intact at a contact.', 'Use other contacts; rest that limb.',
                'PVA upper-limb guideline',
            );
        }
        if ($at->readings->body->limbChange === true) {
            yield Finding::lighter(
                'gate.limb', 'The limb is swollen or larger.', 'Rest that limb; tell the clinician.',
                'Schmitz 2009; Campbell 2019',
            );
        }
    }
}
