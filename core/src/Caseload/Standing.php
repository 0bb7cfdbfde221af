<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Units\Day;

/** Where one client stands on a day: all that a need can be read from. Made with named arguments. */
final readonly class Standing
{
    /**
     * @param  string|null  $stopSign  open red flag, in words
     * @param  list<string>  $breaches  what in the issued plan no longer fits, in words
     * @param  array<string, list<string>>  $proposals  open proposals by decision, each in words
     * @param  list<Crossing>  $waiting  what may loosen and waits for a word
     * @param  list<Crossing>  $crossings  dates ahead
     * @param  string|null  $retestBecause  what has happened since the last test that asks for a new one
     * @param  string|null  $ahead  what of the plan in use a date within a week will no longer allow
     * @param  GateVerdict|null  $gate  the latest check
     * @param  Day|null  $gateOn  its day; null is today
     */
    public function __construct(
        public Day $on,
        public ?string $stopSign = null,
        public ?string $clearanceMissing = null,
        public array $breaches = [],
        public array $proposals = [],
        public array $waiting = [],
        public array $crossings = [],
        public bool $hasIssued = false,
        public bool $hasDraft = false,
        public ?Day $lastMeasured = null,
        public ?Day $lastSession = null,
        public int $retestDays = Retest::FIRST_BLOCK_DAYS,
        public ?string $retestBecause = null,
        public ?string $ahead = null,
        public ?GateVerdict $gate = null,
        public ?Day $gateOn = null,
    ) {
    }
}
