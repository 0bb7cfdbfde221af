<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

use JsonSerializable;

/** One link in the chain behind a number: which stage it comes from, the rule, a plain sentence, and its source. */
final readonly class Reason implements JsonSerializable
{
    /** @param  string  $from goal, measure, limit, kit, log, rule or house */
    public function __construct(
        public string $from,
        public string $rule,
        public string $says,
        public string $source = '',
    ) {
    }

    /** @return array{from: string, rule: string, says: string, source: string} */
    public function jsonSerialize(): array
    {
        return ['from' => $this->from, 'rule' => $this->rule, 'says' => $this->says, 'source' => $this->source];
    }
}
