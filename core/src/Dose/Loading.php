<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Measures\RepsPossible;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Chooses the load of a dose among those that a home can make, and solves the reps again for it. */
final readonly class Loading
{
    /** Below this share of the 1RM a strength dose changes nothing. Source: ACSM 2009 position stand, lowest range. */
    public const USEFUL_PCT = 40;

    private const FORMULAS = 'Epley 1985; Brzycki 1993';

    public function __construct(
        private DoseLimits $limits,
        private Ladder $ladder,
        private Reasons $because,
        private ?OneRepMax $oneRepMax,
    ) {
    }

    public function of(Dose $dose, GoalRow $row): Dosing
    {
        if ($this->ladder->loads === []) {
            $says = 'Nothing in this kit can be held '.$this->ladder->holding->label();
            $this->because->add(new Reason('kit', 'kit.none', $says.'.'));

            return new Dosing(null, null, $this->because->all(), [$says.': add a piece or a carrier.']);
        }
        $cap = $this->limits->cap($dose->per);
        if ($this->oneRepMax?->grams === null) {
            return $this->blind($dose, $cap);
        }
        $this->because->add(new Reason('measure', 'e1rm', sprintf(
            'Estimated 1RM %s. %s', Mass::say($this->oneRepMax->grams), $this->oneRepMax->says,
        ), self::FORMULAS));

        return $this->fromMax($dose, $row, $this->oneRepMax->grams, $cap);
    }

    private function blind(Dose $dose, LoadCap $cap): Dosing
    {
        $percent = $this->limits->loadPct();
        $lightest = $this->ladder->lightest();
        if ($percent !== null && $percent->value === 0) {
            $cap = new LoadCap(0, $percent);
        }
        if ($lightest === null || $cap->forbids($lightest->loadG)) {
            return $this->nothingLightEnough($lightest, $cap);
        }
        if ($percent !== null && $this->limits->isBlind()) {
            $dose = Blind::dose($dose, $this->limits, $percent, $this->because);
        } else {
            $says = 'No easy set yet: start with the lightest load and measure.';
            $this->because->rule('no_estimate', $says, 'House convention, cautious');
        }
        $this->because->add(self::kitReason($lightest, null));
        $findings = ['No 1RM estimate: do an easy set to dose this properly.'];

        return new Dosing(
            $dose->with(loadG: $lightest->loadG), $lightest, $this->because->all(), $findings, null, $cap,
        );
    }

    private function fromMax(Dose $dose, GoalRow $row, int $maxG, LoadCap $cap): Dosing
    {
        $percent = $row->percent ?? new Span(self::USEFUL_PCT, 60);
        $goalLoad = new Span((int) round($maxG * $percent->lo / 100), (int) round($maxG * $percent->hi / 100));
        $target = $this->target($dose, $row, $maxG, $cap, $goalLoad);
        $best = $this->bestFor($target, $dose, $maxG, $cap);
        if ($best === null) {
            return $this->nothingLightEnough($this->ladder->lightest(), $cap, (int) $target);
        }
        $findings = match ($this->oneRepMax?->confidence) {
            Confidence::Fair => ['Fair estimate: watch the first set.'],
            Confidence::Rough => ['Rough estimate: a trial set first.'],
            default => [],
        };
        $this->because->add(self::kitReason($best, $this->ladder->above($best->loadG)));
        $possible = RepsPossible::at($best->loadG, $maxG);
        if ($dose->kind === DoseKind::Reps && RepsPossible::isGuess($possible)) {
            $findings[] = 'Trial set required.';
        }
        $dose = $this->solveReps($dose->with(loadG: $best->loadG), $possible, $cap);
        $heldLight = $cap->grams !== null && $cap->grams < $goalLoad->lo;
        if (! $heldLight && $best->loadG < $maxG * self::USEFUL_PCT / 100) {
            $findings[] = sprintf(
                'Too light to change anything: %d %% of the estimated 1RM. Add a heavier piece, or use a harder rung.',
                (int) round($best->loadG / $maxG * 100),
            );
        }

        return new Dosing($dose, $best, $this->because->all(), $findings, $goalLoad, $cap);
    }

    /** Grams: the lowest of the goal's top, the load that leaves the reserve at the fewest reps, and the cap. */
    private function target(Dose $dose, GoalRow $row, int $maxG, LoadCap $cap, Span $goalLoad): float
    {
        $reserve = EffortScale::reserve($dose->effort->hi);
        $byReps = $dose->kind === DoseKind::Reps ? RepsPossible::loadFor($dose->amount->lo + $reserve, $maxG) : INF;
        $target = min($goalLoad->hi, $byReps, $cap->grams ?? INF);
        $says = sprintf('Target %s: ', Mass::say($target)).match (true) {
            $cap->grams !== null && $target >= $cap->grams => 'the cap.',
            $byReps <= $goalLoad->hi => sprintf('leaves %d in reserve after %d reps.', $reserve, $dose->amount->lo),
            default => sprintf('%d %% of the estimated 1RM.', $row->percent->hi ?? 60),
        };
        $this->because->add(new Reason('goal', 'target', $says, $row->source));
        if ($cap->limit !== null) {
            // The limit in its own words, so that whoever points at it finds this dose; what it comes to beside it.
            $this->because->limit($cap->limit);
            $this->because->rule('cap.here', sprintf('At most %s here.', Mass::say((int) $cap->grams)));
        }

        return $target;
    }

    /**
     * The makeable load nearest the target with which the fewest reps can be done in reserve; null when none is light
     * enough.
     */
    private function bestFor(float $target, Dose $dose, int $maxG, LoadCap $cap): ?Makeable
    {
        $reserve = EffortScale::reserve($dose->effort->hi);
        $best = $this->ladder->best($target, $cap->grams);
        while (
            $best !== null && $dose->kind === DoseKind::Reps
            && RepsPossible::at($best->loadG, $maxG) - $reserve < $dose->amount->lo
        ) {
            $best = $this->ladder->below($best->loadG);
        }

        return $best;
    }

    /**
     * The reps at this real load that keep the effort in its range. When even the top reps are too easy, the top reps
     * are prescribed and the reason is named.
     */
    private function solveReps(Dose $dose, float $possible, LoadCap $cap): Dose
    {
        if ($dose->kind !== DoseKind::Reps || $dose->loadG === null) {
            return $dose;
        }
        $lo = max($dose->amount->lo, (int) ceil($possible - EffortScale::reserve($dose->effort->lo) - 1e-9));
        $hi = min($dose->amount->hi, (int) floor($possible - EffortScale::reserve($dose->effort->hi) + 1e-9));
        $says = sprintf(
            'About %d reps possible with %s%s.', (int) floor($possible), Mass::say($dose->loadG),
            RepsPossible::isGuess($possible) ? ', a guess past 15' : '',
        );
        if ($lo > $dose->amount->hi) {
            $top = $dose->amount->hi;
            $this->because->rule('solve_reps', $says.sprintf(
                ' Even %d reps stay under RPE %d: top reps, held light by %s.', $top, $dose->effort->lo,
                $cap->limit !== null ? 'a limit' : 'the loads in this home',
            ), self::FORMULAS);

            return $dose->with(amount: new Span($top, $top));
        }
        // Rounding can put the gentle end above the hard end: the hard end is the one that protects.
        $reps = new Span(min($lo, $hi), $hi);
        $this->because->rule('solve_reps', $says.sprintf(
            ' %s reps keep the RPE at %s.', $reps->label(), $dose->effort->label(),
        ), self::FORMULAS);

        return $dose->with(amount: $reps);
    }

    private function nothingLightEnough(?Makeable $lightest, LoadCap $cap, ?int $target = null): Dosing
    {
        $says = match (true) {
            $lightest === null => 'Nothing in this kit can be held this way.',
            $cap->forbids($lightest->loadG) => sprintf(
                'The lightest you can make here is %s, the cap is %s: a lighter piece, or an easier rung.',
                Mass::say($lightest->loadG), Mass::say((int) $cap->grams),
            ),
            default => sprintf(
                'Even the lightest load here, %s, overshoots the target of %s: a lighter piece, or an easier rung.',
                Mass::say($lightest->loadG), Mass::say($target ?? 0),
            ),
        };
        $this->because->add(new Reason('kit', 'kit.too_heavy', $says));

        return new Dosing(null, null, $this->because->all(), [$says], null, $cap);
    }

    private static function kitReason(Makeable $load, ?Makeable $next): Reason
    {
        $then = $next === null ? ' It is also the heaviest.' : sprintf(
            ' The next is %s (+%d %%).', Mass::say($next->loadG), (int) round(($next->loadG / $load->loadG - 1) * 100),
        );
        $says = Mass::say($load->loadG).' is the nearest load this home can make.';

        return new Reason('kit', 'kit.makeable', $says.$then);
    }
}
