<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;

/** A dose with its whole chain of reasons, or the reason why there is none. */
final readonly class Dosing
{
    /**
     * @param  list<Reason>  $because  goal, measure, limits, kit, in that order
     * @param  list<string>  $findings  what the clinician should know: held light, too light, trial set required
     * @param  Span|null  $goalLoad  the goal's load range in grams, for drawing
     */
    public function __construct(
        public ?Dose $dose,
        public ?Makeable $makeable,
        public array $because,
        public array $findings = [],
        public ?Span $goalLoad = null,
        public LoadCap $cap = new LoadCap,
    ) {
    }

    /** @param  list<Reason>  $more */
    public function with(array $more): self
    {
        return new self(
            $this->dose, $this->makeable, [...$this->because, ...$more], $this->findings, $this->goalLoad, $this->cap,
        );
    }
}
