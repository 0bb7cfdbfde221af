<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use JsonSerializable;

/** The gate's answer: the verdict, every finding behind it, and what to do next. */
final readonly class GateResult implements JsonSerializable
{
    /**
     * @param  list<Finding>  $findings  most cautious first
     * @param  list<string>  $unknown  what was not entered
     */
    public function __construct(public GateVerdict $verdict, public array $findings, public array $unknown)
    {
    }

    /** Minutes until the re-check that a `wait` asks for; null when none does. */
    public function againInMinutes(): ?int
    {
        $minutes = [];
        foreach ($this->findings as $finding) {
            if ($finding->verdict === GateVerdict::Wait && $finding->againInMinutes !== null) {
                $minutes[] = $finding->againInMinutes;
            }
        }

        return $minutes === [] ? null : max($minutes);
    }

    /** @return list<string> */
    public function actions(): array
    {
        $actions = array_values(
            array_unique(
                array_filter(
                    array_map(static fn (Finding $f): string => $f->do, $this->findings),
                    static fn (string $d): bool => $d !== '',
                ),
            ),
        );

        return $actions === [] && $this->verdict === GateVerdict::Go ? ['Begin with the warm-up.'] : $actions;
    }

    /** @return array{verdict: string, because: list<Finding>, actions: list<string>, unknown: list<string>} */
    public function jsonSerialize(): array
    {
        return [
            'verdict' => $this->verdict->value, 'because' => $this->findings, 'actions' => $this->actions(),
            'unknown' => $this->unknown,
        ];
    }
}
