<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

/** One kind of need. One class each in Rules/, registered once in Needs. */
interface NeedRule
{
    /** @return iterable<Need> */
    public function of(Standing $client): iterable;
}
