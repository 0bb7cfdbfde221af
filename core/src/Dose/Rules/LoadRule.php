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
        if ($dose->pullN !== null) {
            return $this->cutPull($dose, $limits, $because);
        }
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
        if ($cap->limit !== null && $cap->forbids($dose->resistanceG())) {
            yield new Breach($dose->pullN === null ? DoseField::Load : DoseField::Pull, $cap->limit);
        }
    }

    /** The pulls there are (Dose\Pulls) keep the cap at the end of the travel: none above the highest may stand. */
    private function cutPull(Dose $dose, DoseLimits $limits, Reasons $because): Dose
    {
        $limit = $limits->cap($dose->per)->limit;
        $most = $this->ladderG === [] ? null : max($this->ladderG);
        if ($limit === null || $most === null || $dose->resistanceG() <= $most) {
            return $dose;
        }
        $because->limit($limit)->rule('load_cap', 'The pull is held under its cap.');

        return $dose->resisting($most);
    }
}
