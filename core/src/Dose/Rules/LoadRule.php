<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Rules;

use BuoyantStep\Core\Dose\Breach;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseField;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\DoseRule;
use BuoyantStep\Core\Dose\Reasons;

/** A load stays under its cap: the heaviest of those there are that does. */
final readonly class LoadRule implements DoseRule
{
    /** @param  list<int>  $ladderG */
    public function __construct(private array $ladderG)
    {
    }

    public function cut(Dose $dose, DoseLimits $limits, Reasons $because): Dose
    {
        $cap = $limits->cap($dose->per);
        $within = array_filter($this->ladderG, static fn (int $g): bool => ! $cap->forbids($g));
        if (! $cap->forbids($dose->loadG) || $within === []) {
            return $dose;
        }
        if ($cap->limit !== null) {
            $because->limit($cap->limit);
        }
        $because->rule('load_cap', 'The load is held under its cap.');

        return $dose->with(loadG: max($within));
    }

    public function breaches(Dose $dose, DoseLimits $limits): iterable
    {
        $cap = $limits->cap($dose->per);
        if ($cap->limit !== null && $cap->forbids($dose->loadG)) {
            yield new Breach(DoseField::Load, $cap->limit);
        }
    }
}
