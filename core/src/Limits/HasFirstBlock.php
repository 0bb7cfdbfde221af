<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/** A rule set that is gentler for a first block, until a clinician says that it is over. */
interface HasFirstBlock
{
    public function firstBlockDays(): int;
}
