<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;

/** Ketones, whatever the glucose. */
final class Ketones implements Check
{
    public function findings(Arrival $at): iterable
    {
        $ketones = $at->readings->sugar->ketones;
        if ($ketones === null || $ketones < 0.6) {
            return;
        }
        $says = sprintf('Ketones %.1f mmol/L.', $ketones);
        yield $ketones >= 1.5
            ? Finding::stop('gate.ketones', $says, 'Stop. Call the diabetes team.', Source::ADA)
            : Finding::lighter(
                'gate.ketones', $says, 'Follow the diabetes team\'s plan first; then lighter.', Source::ADA,
            );
    }
}
