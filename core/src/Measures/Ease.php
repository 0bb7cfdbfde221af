<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;

/** A position or motion that a test can do without: what to do instead where a limit is against it. */
final readonly class Ease
{
    public function __construct(public Position|Motion $of, public string $says)
    {
    }
}
