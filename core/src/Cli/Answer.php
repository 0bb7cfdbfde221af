<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli;

use JsonSerializable;

/** What a verb answers: one JSON object. */
final readonly class Answer implements JsonSerializable
{
    /** @param  array<string, mixed>  $fields */
    public function __construct(private array $fields)
    {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->fields;
    }
}
