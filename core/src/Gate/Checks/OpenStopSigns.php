<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;

/** Red flags on record that nobody has cleared: they hold everything back. */
final readonly class OpenStopSigns implements Check
{
    /** @param  list<string>  $signs  in words */
    public function __construct(private array $signs)
    {
    }

    public function findings(Arrival $at): iterable
    {
        foreach ($this->signs as $sign) {
            yield Finding::stop(
                'gate.stop_sign_open', sprintf('A red flag is open: %s.', $sign),
                'Nothing resumes until a clinician has cleared it; call your clinic, '
                .'and the emergency number if it is back.',
            );
        }
    }
}
