<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Client\Medicine;
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
        if ($ketones === null && $at->readings->feeling->unwell === true && self::areProne($at)) {
            yield Finding::wait(
                'gate.ketones', 'Unwell on an SGLT2 inhibitor, ketones not known.',
                'Test ketones first, whatever the glucose.', 10, Source::ADA,
            );
        }
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

    private static function areProne(Arrival $at): bool
    {
        return array_filter(Medicine::KETONES, $at->client->takes(...)) !== [];
    }
}
