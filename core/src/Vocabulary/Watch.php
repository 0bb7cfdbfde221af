<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

use JsonSerializable;

/** Something that is looked at before, during or after each session. */
final readonly class Watch implements JsonSerializable, Word
{
    public function __construct(public Watched $what, public Moment $when)
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

    /** @return array{what: string, when: string} */
    public function jsonSerialize(): array
    {
        return ['what' => $this->what->value, 'when' => $this->when->value];
    }
}
