<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/** Standing rules with something that may loosen since its date has come, and holds until a clinician's word. */
interface HasWaiting
{
    /** @return iterable<Crossing> */
    public function waiting(Facts $facts): iterable;
}
