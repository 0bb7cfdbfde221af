<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use JsonSerializable;

/** One reason at the gate: what it asks for, why, what to do, and when to look again. */
final readonly class Finding implements JsonSerializable
{
    private function __construct(
        public GateVerdict $verdict,
        public string $rule,
        public string $says,
        public string $do,
        public string $source,
        public ?int $againInMinutes = null,
    ) {
    }

    public static function lighter(string $rule, string $says, string $do, string $source = Source::HOUSE): self
    {
        return new self(GateVerdict::Lighter, $rule, $says, $do, $source);
    }

    /** @param  int|null  $minutes  until the next look; null when something has to be entered first */
    public static function wait(
        string $rule,
        string $says,
        string $do,
        ?int $minutes,
        string $source = Source::HOUSE,
    ): self {
        return new self(GateVerdict::Wait, $rule, $says, $do, $source, $minutes);
    }

    public static function notToday(string $rule, string $says, string $do, string $source = Source::HOUSE): self
    {
        return new self(GateVerdict::NotToday, $rule, $says, $do, $source);
    }

    public static function stop(string $rule, string $says, string $do, string $source = Source::HOUSE): self
    {
        return new self(GateVerdict::StopAndCall, $rule, $says, $do, $source);
    }

    /** @return array{rule: string, says: string, source: string, verdict: string} */
    public function jsonSerialize(): array
    {
        return [
            'rule' => $this->rule, 'says' => $this->says, 'source' => $this->source, 'verdict' => $this->verdict->value,
        ];
    }
}
