<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use JsonSerializable;

/** One rung of a stair, as it stands for this client. */
final readonly class Step implements JsonSerializable
{
    public const OPEN = 'open';

    public const CHANGES = 'changes';

    public const UNDER = 'under';

    /**
     * @param  string  $says  the changes it needs, or what holds it under
     * @param  string|null  $notYet  the test that would open it as a start
     * @param  list<string>  $notes  how heavy it is by itself
     * @param  bool  $seed  where the measures say to begin
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $step,
        public string $axes,
        public string $state,
        public string $says,
        public ?string $notYet,
        public array $notes,
        public bool $seed = false,
    ) {
    }

    public function asSeed(): self
    {
        return new self(
            code: $this->code, name: $this->name, step: $this->step, axes: $this->axes, state: $this->state,
            says: $this->says, notYet: $this->notYet, notes: $this->notes, seed: true,
        );
    }

    /**
     * @return array{
     *     code: string, name: string, step: string, axes: string, state: string, says: string, not_yet: string|null,
     *     notes: list<string>, seed: bool
     * }
     */
    public function jsonSerialize(): array
    {
        return [
            'code' => $this->code, 'name' => $this->name, 'step' => $this->step, 'axes' => $this->axes,
            'state' => $this->state, 'says' => $this->says, 'not_yet' => $this->notYet, 'notes' => $this->notes,
            'seed' => $this->seed,
        ];
    }
}
