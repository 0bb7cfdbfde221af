<?php

declare(strict_types=1);

namespace App\Editing;

use RuntimeException;

/** Somebody recorded other values of the same tests since the page was opened. Nothing was stored. */
final class MeasuredMeanwhile extends RuntimeException
{
    /** @param  list<array{label: string, mine: string, theirs: string}>  $clashes */
    public function __construct(public readonly array $clashes)
    {
        parent::__construct('Measured meanwhile.');
    }
}
