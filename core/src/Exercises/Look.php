<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Input\Bag;

/** One thing to look for while the client does an exercise: what it is a sign of, and what answers it. */
final readonly class Look
{
    /** @param  string|null  $rung  family/rung to use where the cue does not help */
    public function __construct(
        public string $code,
        public string $sees,
        public string $because,
        public string $cue,
        public ?string $rung = null,
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->string('code'), $bag->string('sees'), $bag->string('because'), $bag->string('cue'),
            $bag->optString('rung'),
        );
    }
}
