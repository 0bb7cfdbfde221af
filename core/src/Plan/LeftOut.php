<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Exercises\Pattern;
use JsonSerializable;

/** A movement pattern that a draft does not cover, and why. */
final readonly class LeftOut implements JsonSerializable
{
    public function __construct(public Pattern $pattern, public string $says)
    {
    }

    /** @return array{pattern: string, says: string} */
    public function jsonSerialize(): array
    {
        return ['pattern' => $this->pattern->label(), 'says' => $this->says];
    }
}
