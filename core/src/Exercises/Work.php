<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** What is counted in a rung, and what makes it heavy. */
final readonly class Work
{
    /**
     * @param  Holding|null  $holding  how it takes a load; null when it takes none
     * @param  bool  $eachSide  done left and right, rather than once
     * @param  float  $secondsPerUnit  of one rep, step or trip, 0.2 to 60
     */
    public function __construct(
        public DoseKind $kind,
        public ?Holding $holding,
        public bool $eachSide,
        public float $secondsPerUnit,
        public ?Lever $lever,
        public ?BandUse $band,
    ) {
    }
}
