<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Body\StayPut;
use BuoyantStep\Core\Client\Brakes;
use BuoyantStep\Core\Client\Profile;

/** Who pulls on a band, and what the chair stands on. */
final readonly class BandUser
{
    /**
     * @param  float  $friction  of the floor under the chair
     * @param  bool  $wheels  does the chair stand on wheels?
     */
    public function __construct(
        public Profile $client,
        public float $friction = StayPut::RULE,
        public bool $wheels = false,
    ) {
    }

    /** The share of the weight that stands on braked wheels: half of a wheelchair's, where both are braked. */
    public function braked(): float
    {
        return match (true) {
            ! $this->wheels => 1.0,
            $this->client->function->wheelchair?->brakes === Brakes::Both => 0.5,
            $this->client->function->wheelchair?->brakes === Brakes::One => 0.25,
            default => 0.0,
        };
    }
}
