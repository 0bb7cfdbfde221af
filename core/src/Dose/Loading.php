<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\RepsPossible;
use BuoyantStep\Core\Units\Day;
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
        private ?Estimate $estimate,
        private Start $start,
    ) {
    }

    public function of(Dose $dose, GoalRow $row, ?Day $on = null): Dosing
    {
        if ($this->ladder->loads === []) {
            $says = 'Nothing in this kit can be held '.$this->ladder->holding->label();
            $this->because->add(new Reason('kit', 'kit.none', $says.'.'));

            return new Dosing(null, null, $this->because->all(), [$says.': add a piece or a carrier.']);
        }
        $cap = $this->limits->cap($dose->per);
        // Where a cap waits for a measured estimate, a logged one does not open it either.
        if ($this->estimate === null || $this->limits->isBlind()) {
            return $this->blind($dose, $cap);
        }
        $says = $on === null ? $this->estimate->says : $this->estimate->inWords($on);
        $this->because->add(new Reason('measure', 'e1rm', $says, self::FORMULAS));

        return $this->fromMax($dose, $row, $this->estimate->grams, $cap);
    }

    private function blind(Dose $dose, LoadCap $cap): Dosing
    {
        $percent = $this->limits->loadPct();
        if ($percent !== null && $percent->value === 0) {
            $cap = new LoadCap(0, $percent);
        }
        $load = $this->start->load($this->ladder, $cap);
        if ($load === null) {
            if ($cap->limit !== null) {
                $this->because->limit($cap->limit);
            }

            return $this->nothingLightEnough($this->ladder->lightest(), $cap);
        }
        if ($this->limits->goal === Goal::WakeUp) {
            // As light as this nothing needs to be measured.
            $because = $this->because->add($this->kitReason($load, $this->ladder->above($load->loadG)));

            return new Dosing($dose->with(loadG: $load->loadG), $load, $because->all(), [], null, $cap);
        }
        $dose = Blind::dose($dose, $this->limits, $this->because, $this->start->says());
        $this->because->add($this->kitReason($load, $this->ladder->above($load->loadG)));
        $findings = [Dosing::ASKS];

        return new Dosing($dose->with(loadG: $load->loadG), $load, $this->because->all(), $findings, null, $cap);
    }

    private function fromMax(Dose $dose, GoalRow $row, int $maxG, LoadCap $cap): Dosing
    {
        $percent = $row->percent ?? new Span(self::USEFUL_PCT, 60);
        $goalLoad = new Span($this->added($maxG * $percent->lo / 100), $this->added($maxG * $percent->hi / 100));
        $target = $this->target($dose, $row, $maxG, $cap);
        $best = $this->bestFor($target, $dose, $maxG, $cap);
        if ($best === null) {
            return $this->nothingLightEnough($this->ladder->lightest(), $cap, (int) $target);
        }
        $findings = match ($this->estimate?->confidence) {
            Confidence::Fair => ['Fair estimate: watch the first set.'],
            Confidence::Rough => ['Rough estimate: a trial set first.'],
            default => [],
        };
        $this->because->add($this->kitReason($best, $this->ladder->above($best->loadG)));
        $possible = $this->possible($best->loadG, $maxG);
        if ($dose->kind === DoseKind::Reps && RepsPossible::isGuess($possible)) {
            $findings[] = 'Trial set required.';
        }
        $dose = $this->solveReps($dose->with(loadG: $best->loadG), $possible, $cap);
        $heldLight = $cap->grams !== null && $cap->grams < $goalLoad->lo;
        $lifted = $this->limits->system->with($best->loadG);
        if (! $heldLight && $percent->hi > self::USEFUL_PCT && $lifted < $maxG * self::USEFUL_PCT / 100) {
            $findings[] = sprintf(
                'Too light to change anything: %d %% of the estimated 1RM. Add a heavier piece, or use a harder rung.',
                (int) round($lifted / $maxG * 100),
            );
        }

        return new Dosing($dose, $best, $this->because->all(), $findings, $goalLoad, $cap);
    }

    /** The load that makes so much of all that is lifted, grams; 0 where the body alone is as much. */
    private function added(float $liftedG): int
    {
        return max(0, (int) round($this->limits->system->loadFor($liftedG)));
    }

    private function possible(int $loadG, int $maxG): float
    {
        return RepsPossible::at((int) round($this->limits->system->with($loadG)), $maxG);
    }

    /** Grams: the lowest of the goal's top, the load that leaves the reserve at the fewest reps, and the cap. */
    private function target(Dose $dose, GoalRow $row, int $maxG, LoadCap $cap): float
    {
        $reserve = EffortScale::reserve($dose->effort->hi);
        $system = $this->limits->system;
        $byReps = $dose->kind === DoseKind::Reps
            ? $system->loadFor(RepsPossible::loadFor($dose->amount->lo + $reserve, $maxG)) : INF;
        $byGoal = $system->loadFor($maxG * ($row->percent->hi ?? 60) / 100);
        $target = max(0.0, min($byGoal, $byReps, $cap->grams ?? INF));
        $says = sprintf('Target %s: ', Mass::say($target)).match (true) {
            $cap->grams !== null && $target >= $cap->grams => 'the cap.',
            $byReps <= $byGoal => sprintf('leaves %d in reserve after %d reps.', $reserve, $dose->amount->lo),
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
            && $this->possible($best->loadG, $maxG) - $reserve < $dose->amount->lo
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
            $dose = $dose->with(amount: new Span($top, $top));

            // An effort that the load cannot reach is not prescribed; past 15 reps only a trial set tells which it is.
            return RepsPossible::isGuess($possible)
                ? $dose
                : $dose->with(effort: self::reached((int) floor($possible - $top), $dose->effort));
        }
        // Rounding can put the gentle end above the hard end: the hard end is the one that protects.
        $reps = new Span(min($lo, $hi), $hi);
        $this->because->rule('solve_reps', $says.sprintf(
            ' %s reps keep the RPE at %s.', $reps->label(), $dose->effort->label(),
        ), self::FORMULAS);

        return $dose->with(amount: $reps);
    }

    /** The effort that so many reps left come to, at or under what was asked for. */
    private static function reached(int $left, Span $asked): Span
    {
        $effort = max(1, min($asked->hi, 10 - $left));

        return new Span(min($asked->lo, $effort), $effort);
    }

    private function nothingLightEnough(?Makeable $lightest, LoadCap $cap, ?int $target = null): Dosing
    {
        $says = match (true) {
            $lightest === null => 'Nothing in this kit can be held this way.',
            $cap->grams === 0 && $this->limits->system->movesBody() => 'The body alone is already over the share that '
                .'is allowed: nothing is added here.',
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

    private function kitReason(Makeable $load, ?Makeable $next): Reason
    {
        $system = $this->limits->system;
        $then = $next === null ? ' It is also the heaviest.' : sprintf(
            ' The next is %s (+%s %%).', Mass::say($next->loadG),
            Mass::trim(number_format($system->stepPct($load->loadG, $next->loadG), 1, '.', '')),
        );
        $moved = $system->says($load->loadG);
        $says = Mass::say($load->loadG).' is the nearest load this home can make'
            .($moved === null ? '.' : ': '.$moved.'.');

        return new Reason('kit', 'kit.makeable', $says.$then);
    }
}
