<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Day;
use JsonSerializable;

/** A date ahead on which the envelope changes. What tightens acts by itself; what loosens waits for a clinician. */
final readonly class Crossing implements JsonSerializable
{
    public function __construct(
        public Day $date,
        public string $rule,
        public string $says,
        public bool $tightens,
    ) {
    }

    /** @return array{date: string, rule: string, says: string} */
    public function jsonSerialize(): array
    {
        return ['date' => (string) $this->date, 'rule' => $this->rule, 'says' => $this->says];
    }
}
