<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

use JsonSerializable;

/** Something that is looked at before, during or after each session. Where it is binding, a session waits for it. */
final readonly class Watch implements JsonSerializable, Word
{
    public function __construct(public Watched $what, public Moment $when, public bool $binding = false)
    {
    }

    public function code(): string
    {
        return $this->what->value.'|'.$this->when->value;
    }

    /** "blood pressure before each session" */
    public function label(): string
    {
        return sprintf('%s %s each session', $this->what->label(), $this->when->value);
    }

    /** @return array{what: string, when: string, binding?: true} */
    public function jsonSerialize(): array
    {
        return [
            'what' => $this->what->value, 'when' => $this->when->value, ...($this->binding ? ['binding' => true] : []),
        ];
    }
}
