<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;

/** What a band should pull in one exercise, newtons, and why. */
final readonly class BandTarget
{
    /** Without an easy set of the same pattern: light enough to learn with. House convention. */
    private const LEARN_KGF = 1.0;

    private function __construct(public float $forceN, public string $says)
    {
    }

    /** @param  float  $leastN  what the band in question pulls at its lightest */
    public static function of(RungHere $here, Goal $goal, float $leastN): self
    {
        $says = 'A limit caps the load and nothing was measured: the lightest this band gives.';

        return match (true) {
            DoseLimits::of($here, $goal)->isBlind() => new self($leastN, $says),
            default => self::measured($here, $goal) ?? new self(
                self::LEARN_KGF * BandSetUp::KGF, 'No easy set for this pattern: light, to learn with.',
            ),
        };
    }

    /**
     * The middle of the goal's range of the 1RM that was measured on this family or on another of the same pattern;
     * null without a usable easy set.
     */
    public static function measured(RungHere $here, Goal $goal): ?self
    {
        $range = $goal->row()->percent;
        $own = $here->estimate();
        if ($own !== null && $range !== null) {
            $percent = ($range->lo + $range->hi) / 2;

            return new self($own->grams / 1000 * Gravity::G * $percent / 100, sprintf(
                '%d %% of it. %s', (int) round($percent), $own->inWords($here->situation->on),
            ));
        }
        $catalogue = $here->situation->catalogue;
        foreach ([$here->family->code, ...array_column($here->situation->measures->results, 'family')] as $code) {
            if (! is_string($code) || $range === null || ! $catalogue->has($code)
                || $catalogue->family($code)->pattern !== $here->family->pattern) {
                continue;
            }
            $max = $here->situation->measures->oneRepMax($code)?->grams;
            if ($max !== null) {
                $percent = ($range->lo + $range->hi) / 2;

                return new self($max / 1000 * Gravity::G * $percent / 100, sprintf(
                    '%d %% of the estimated 1RM of %s in %s.', (int) round($percent), Mass::say($max),
                    Phrase::within($catalogue->family($code)->name),
                ));
            }
        }

        return null;
    }
}
