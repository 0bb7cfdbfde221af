<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Situation;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * The estimated 1RM of a rung for one client: from easy sets and logged sets of the family with as many working limbs;
 * two legs do not predict one. What was measured on one side tells about that side alone.
 */
final class RungEstimates
{
    /** @var list<Estimate>|null from what the situation knows */
    private ?array $known = null;

    public function __construct(
        private readonly Situation $situation,
        private readonly Family $family,
        private readonly Rung $rung,
    ) {
    }

    /**
     * The one in use for a side. For both, the weaker side's where the sides were measured apart: one dose for both is
     * the weaker's.
     *
     * @param  list<Performed>  $history  what was done of this very rung, beside what the situation knows
     */
    public function inUse(Side $side, array $history = []): ?Estimate
    {
        $this->known ??= [...$this->measured(), ...$this->logged()];
        $system = $this->rung->work->system($this->situation->client);

        return $this->of([...$this->known, ...LoggedEstimates::of($history, $system)], $side);
    }

    /**
     * The one that was in use before a day, where what is in use now lies so far from it that somebody should look;
     * null where it does not, or where one of them is rough.
     *
     * @param  list<Performed>  $history
     */
    public function jumpedFrom(Side $side, array $history, Day $since): ?Estimate
    {
        $now = $this->inUse($side, $history);
        $system = $this->rung->work->system($this->situation->client);
        $before = $this->of(array_values(array_filter(
            [...$this->known ?? [], ...LoggedEstimates::of($history, $system)],
            static fn (Estimate $e): bool => $e->on?->isBefore($since) === true,
        )), $side);

        return $now !== null && $before !== null && $now->carriesAStep() && $before->carriesAStep()
            && $now->isFarFrom($before) ? $before : null;
    }

    /** The same of what a clinician measured alone. */
    public function measuredInUse(Side $side): ?Estimate
    {
        return $this->of($this->measured(), $side);
    }

    /** @param  list<Estimate>  $estimates */
    private function of(array $estimates, Side $side): ?Estimate
    {
        $on = $this->situation->on;
        $apart = array_filter($estimates, static fn (Estimate $e): bool => $e->side !== Side::Both) !== [];
        if ($side !== Side::Both || ! $apart) {
            return Estimate::inUse(
                array_values(array_filter($estimates, static fn (Estimate $e): bool => $e->side->touches($side))), $on,
            );
        }
        [$left, $right] = [$this->of($estimates, Side::Left), $this->of($estimates, Side::Right)];

        return $left === null || $right === null ? $left ?? $right : ($left->grams <= $right->grams ? $left : $right);
    }

    /** @return list<Estimate> */
    private function measured(): array
    {
        $estimates = [];
        foreach ($this->situation->measures->easySets($this->family->code) as $set) {
            $rung = self::rungOf($this->family, $set);
            $max = $rung === null || $rung->limbs() !== $this->rung->limbs()
                ? null : self::lifted($rung, $set, $this->situation->client);
            $estimates[] = $max === null
                ? null : Estimate::of($max, EstimateFrom::EasySet, $set->on, $set->side ?? Side::Both);
        }

        return array_values(array_filter($estimates));
    }

    /** Which rung an easy set was done on: where it does not say, the first that takes a load or a band. */
    public static function rungOf(Family $family, Result $set): ?Rung
    {
        if ($set->rung !== null && $family->has($set->rung)) {
            return $family->rung($set->rung);
        }
        $loaded = array_filter(
            $family->rungs, static fn (Rung $r): bool => $r->takesLoad() || $r->work->band !== null,
        );

        return array_values($loaded)[0] ?? null;
    }

    /** What an easy set tells of all that is lifted on a rung, the body with the load. */
    public static function lifted(Rung $rung, Result $set, Profile $client): OneRepMax
    {
        $lifted = (int) round($rung->work->system($client)->with($set->loadG));

        return OneRepMax::estimate(max(1, $lifted), $set->reps ?? 1, $set->inReserve ?? 0);
    }

    /** @return list<Estimate> */
    private function logged(): array
    {
        $estimates = [];
        foreach ($this->situation->logged as $logged) {
            if ($logged->family === $this->family->code && $this->family->has($logged->rung)) {
                $rung = $this->family->rung($logged->rung);
                if ($rung->limbs() === $this->rung->limbs() && $rung->work->moves === $this->rung->work->moves) {
                    $estimates[] = $logged->estimate;
                }
            }
        }

        return $estimates;
    }
}
