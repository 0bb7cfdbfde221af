<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;

/** A client before a session: who, on which day, under which limits, and all that was read and said. */
final readonly class Arrival
{
    /** Days after a birth in which the pregnancy thresholds of pressure hold. */
    private const POSTPARTUM_DAYS = 42;

    /** @param  list<Sign>  $signs */
    public function __construct(
        public Profile $client,
        public Day $on,
        public Envelope $envelope,
        public Readings $readings,
        public array $signs,
    ) {
    }

    public function says(Sign ...$any): bool
    {
        foreach ($any as $sign) {
            if (in_array($sign, $this->signs, true)) {
                return true;
            }
        }

        return false;
    }

    public function isPregnantOrNewMother(): bool
    {
        $days = $this->client->daysSinceBirth($this->on);

        return $this->client->dueDate !== null || ($days !== null && $days < self::POSTPARTUM_DAYS);
    }
}
