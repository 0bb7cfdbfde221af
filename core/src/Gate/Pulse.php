<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

/** What a finger tells at rest: beats a minute, whether they come evenly, and oxygen saturation in percent. */
final readonly class Pulse
{
    public function __construct(public ?float $rate = null, public ?bool $irregular = null, public ?float $spo2 = null)
    {
    }
}
