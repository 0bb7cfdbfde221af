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
     * @param  Day|null  $issuedOn  when the plan in use was issued
     * @param  string|null  $worse  how the morning after the last session was worse, where nothing is decided on it
     * @param  list<string>  $messages  that wait for an answer, each in words
     * @param  list<Day>  $toSee  days of sessions that came from elsewhere and nobody has looked at
     * @param  Day|null  $clearedUntil  the last day of the clearance that counts
     * @param  Day|null  $intakeOn  when an intake at home was answered that nobody has gone through
     * @param  list<string>  $plateaus  exercises without a step for weeks, each in words
     * @param  list<string>  $outgrown  exercises for which the kit makes no next load within a step
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
        public ?Day $issuedOn = null,
        public ?string $worse = null,
        public array $messages = [],
        public array $toSee = [],
        public ?Day $clearedUntil = null,
        public ?Day $intakeOn = null,
        public array $plateaus = [],
        public array $outgrown = [],
    ) {
    }
}
