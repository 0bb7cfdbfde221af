<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Exercises\Rung;

/** One exercise that a need asks for: of which pattern, and for what of daily life. */
final readonly class Slot
{
    /** A family that no draft takes by itself comes after those that it does, this many places. House convention. */
    private const BY_ITSELF = 3;

    /**
     * @param  Purpose|null  $for  only families that serve it; null takes every family of the pattern
     * @param  bool  $oneSided  only what works one side at a time
     */
    public function __construct(public Pattern $pattern, public ?Purpose $for = null, public bool $oneSided = false)
    {
    }

    public function takes(Family $family): bool
    {
        return $family->pattern === $this->pattern
            && ($this->for === null || in_array($this->for, $family->serves, true))
            && (! $this->oneSided || self::hasOneSided($family));
    }

    private static function hasOneSided(Family $family): bool
    {
        return array_filter($family->rungs, static fn (Rung $r): bool => $r->isOneSided()) !== [];
    }

    /** @return list<Family> best first: what serves the purpose most of all, and the main families of the pattern */
    public function families(Catalogue $catalogue): array
    {
        $families = array_values(array_filter($catalogue->families(), $this->takes(...)));
        usort($families, fn (Family $a, Family $b): int => $this->rank($a) <=> $this->rank($b));

        return $families;
    }

    /** @return array{int, int, string} */
    private function rank(Family $family): array
    {
        $place = $this->for === null ? 0 : 2 * (int) array_search($this->for, $family->serves, true);

        return [$place + ($family->draft >= Family::LAST ? self::BY_ITSELF : 0), $family->draft, $family->code];
    }
}
