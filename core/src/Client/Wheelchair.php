<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;

/** A wheelchair as somebody described it. What was not asked about is null, and nothing relies on it. */
final readonly class Wheelchair
{
    public function __construct(
        public ?Brakes $brakes = null,
        public ?bool $antiTip = null,
        public ?bool $footplate = null,
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->optEnum('brakes', Brakes::class),
            $bag->has('anti_tip') ? $bag->bool('anti_tip') : null,
            $bag->has('footplate') ? $bag->bool('footplate') : null,
        );
    }
}
