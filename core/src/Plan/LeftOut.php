<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Exercises\Pattern;
use JsonSerializable;

/** A goal, a need or a movement pattern that a draft does not serve, and why. */
final readonly class LeftOut implements JsonSerializable
{
    /** @param  Pattern|null  $pattern  the movement pattern that is meant, where it is one */
    public function __construct(public string $what, public string $says, public ?Pattern $pattern = null)
    {
    }

    /** @return array{what: string, says: string} */
    public function jsonSerialize(): array
    {
        return ['what' => $this->what, 'says' => $this->says];
    }
}
