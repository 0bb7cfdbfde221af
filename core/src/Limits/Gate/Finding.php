<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Gate;

use JsonSerializable;

/** One reason at the gate: what it asks for, why, what to do, and when to look again. */
final readonly class Finding implements JsonSerializable
{
    public function __construct(
        public GateVerdict $verdict,
        public string $rule,
        public string $says,
        public string $do = '',
        public ?int $againInMinutes = null,
        public string $source = 'House convention, cautious',
    ) {
    }

    /** @return array{rule: string, says: string, source: string, verdict: string} */
    public function jsonSerialize(): array
    {
        return ['rule' => $this->rule, 'says' => $this->says, 'source' => $this->source, 'verdict' => $this->verdict->value];
    }
}
