<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * One thing the client lives with. An end date alone frees nothing: the limits hold until a clinician confirms the end
 * (detail `end_confirmed`), because loosening always waits for a person.
 */
final readonly class Condition
{
    public const END_CONFIRMED = 'end_confirmed';

    /** A first, gentler block is over: said by a clinician, not by the calendar. */
    public const FIRST_BLOCK_DONE = 'first_block_done';

    /** @param  list<string>  $details */
    public function __construct(
        public string $code,
        public ?Side $side = null,
        public ?Day $since = null,
        public ?Day $until = null,
        public array $details = [],
        public string $pointer = '',
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->string('code'),
            $bag->optEnum('side', Side::class),
            $bag->has('since') ? Day::of($bag->string('since'), $bag->pointer('since')) : null,
            $bag->has('until') ? Day::of($bag->string('until'), $bag->pointer('until')) : null,
            $bag->strings('detail'),
            $bag->pointer('code'),
        );
    }

    public function has(string $detail): bool
    {
        return in_array($detail, $this->details, true);
    }

    /** Side to scope a limit with; unknown binds both. */
    public function sideOrBoth(): Side
    {
        return $this->side ?? Side::Both;
    }

    public function inForce(Day $on): bool
    {
        if ($this->since !== null && $this->since->isAfter($on)) {
            return false;
        }

        return ! ($this->until !== null && $this->until->isBefore($on) && $this->has(self::END_CONFIRMED));
    }
}
