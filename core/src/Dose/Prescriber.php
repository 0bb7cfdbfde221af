<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Exercises\DoseKind;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Measures\RepsPossible;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;

/**
 * Doses one rung: the goal's row cut to the envelope, the load that the kit can make, and the reps solved again for that
 * load so that the effort stays where it should. Where goal and envelope leave nothing, the envelope wins and it says so.
 */
final readonly class Prescriber
{
    /** With a load cap but no usable 1RM: effort up to 4, 15 reps, the lightest load. Never uncapped (limits.md). */
    private const BLIND_EFFORT = 4;

    private const BLIND_REPS = 15;

    /** Below this share of the 1RM a strength dose changes nothing. Source: ACSM 2009 position stand, lowest effective range. */
    public const USEFUL_PCT = 40;

    public function __construct(private Envelope $envelope)
    {
    }

    public function prescribe(Rung $rung, Goal $goal, int $daysAWeek, ?OneRepMax $oneRepMax = null, ?Ladder $ladder = null, Side $side = Side::Both): Dosing
    {
        $row = $goal->row();
        $scope = new Scope($rung->demands->region, $side);
        $because = [new Reason('goal', 'goal.'.$goal->value, sprintf('Goal: %s. %d-%d sets, effort %d-%d.', $goal->label(), $row->sets->lo, $row->sets->hi, $row->effort->lo, $row->effort->hi), $row->source)];
        [$effort, $because] = $this->effort($row, $scope, $because);
        [$amount, $because, $conflict] = $this->amount($rung, $goal, $scope, $because);
        if ($conflict !== null) {
            return new Dosing(null, null, [...$because, $conflict], [$conflict->says]);
        }
        [$rest, $because] = $this->rest($row, $scope, $because);
        $sets = min($row->sets->hi, max($row->sets->lo, 2));
        $dose = new Dose($sets, $rung->doseKind, $amount, $effort, null, 'total', $rest, $rung->doseKind === DoseKind::Reps ? $row->tempo : '', max(1, $daysAWeek));
        if ($rung->holding === null) {
            return $rung->band !== null && $oneRepMax?->grams === null ? $this->blindBand($dose, $scope, $because) : new Dosing($dose, null, $because, []);
        }

        return $this->loaded($dose, $rung->holding, $row, $scope, $oneRepMax, $ladder ?? new Ladder($rung->holding, []), $because);
    }

    /** The goal's range of reps, seconds or steps, cut to the envelope; null when limits leave nothing. */
    public function amountFor(Rung $rung, Goal $goal, Scope $scope): ?Span
    {
        [$amount, , $conflict] = $this->amount($rung, $goal, $scope, []);

        return $conflict === null ? $amount : null;
    }

    /** Heaviest load allowed on this ladder, and the limit that says so. A lift limit is a total: halved for each hand. */
    public function cap(Scope $scope, Holding $holding, ?OneRepMax $oneRepMax): LoadCap
    {
        $cap = new LoadCap(null, null);
        $percent = $this->envelope->tightest(Field::LoadPctMax, $scope);
        if ($percent !== null && is_int($percent->value) && $percent->value < 100 && $oneRepMax?->grams !== null) {
            $cap = new LoadCap((int) floor($oneRepMax->grams * $percent->value / 100), $percent);
        }
        $lift = $this->envelope->tightest(Field::LiftMaxG, $scope);
        if ($lift !== null && is_int($lift->value)) {
            $perHand = $holding === Holding::EachHand ? intdiv($lift->value, 2) : $lift->value;
            if ($cap->grams === null || $perHand < $cap->grams) {
                $cap = new LoadCap($perHand, $lift);
            }
        }

        return $cap;
    }

    /**
     * @param  list<Reason>  $because
     * @return array{Span, list<Reason>}
     */
    private function effort(GoalRow $row, Scope $scope, array $because): array
    {
        $limit = $this->envelope->tightest(Field::EffortMax, $scope);
        $max = $limit !== null && is_int($limit->value) ? $limit->value : 10;
        if ($limit === null || $max >= $row->effort->hi) {
            return [$row->effort, $because];
        }
        $because[] = new Reason('limit', $limit->rule, $limit->says, $limit->source);
        if ($max < $row->effort->lo) {
            $because[] = new Reason('rule', 'goal_unmet', sprintf('The goal asks for effort %d or more; the limit of %d wins.', $row->effort->lo, $max));
        }

        return [new Span(min($row->effort->lo, $max), $max), $because];
    }

    /**
     * @param  list<Reason>  $because
     * @return array{Span, list<Reason>, Reason|null} the reason for a conflict when nothing is left
     */
    private function amount(Rung $rung, Goal $goal, Scope $scope, array $because): array
    {
        $span = $this->goalAmount($rung, $goal);
        if ($rung->doseKind === DoseKind::Seconds && $goal->isEffortfulHold()) {
            $hold = $this->envelope->tightest(Field::HoldMaxS, $scope);
            if ($hold !== null && is_int($hold->value) && $hold->value < $span->hi) {
                $because[] = new Reason('limit', $hold->rule, $hold->says, $hold->source);
                $span = new Span(min($span->lo, $hold->value), $hold->value);
            }

            return [$span, $because, null];
        }
        if ($rung->doseKind !== DoseKind::Reps) {
            return [$span, $because, null];
        }
        $min = $this->envelope->tightest(Field::RepsMin, $scope);
        $max = $this->envelope->tightest(Field::RepsMax, $scope);
        $least = $min !== null && is_int($min->value) ? $min->value : 1;
        $most = $max !== null && is_int($max->value) ? $max->value : PHP_INT_MAX;
        if ($least > $most) {
            return [$span, $because, new Reason('limit', 'reps_conflict', sprintf('One limit asks for %d reps or more, another for %d or fewer: no dose fits both.', $least, $most))];
        }
        $lo = min($most, max($span->lo, $least));
        $hi = max($lo, min($span->hi, $most));
        foreach ([[$min, $lo !== $span->lo && $least > $span->lo], [$max, $hi !== $span->hi && $most < $span->hi]] as [$limit, $acted]) {
            if ($acted && $limit !== null) {
                $because[] = new Reason('limit', $limit->rule, $limit->says, $limit->source);
            }
        }

        return [new Span($lo, $hi), $because, null];
    }

    private function goalAmount(Rung $rung, Goal $goal): Span
    {
        return match ($rung->doseKind) {
            DoseKind::Steps => new Span(10, 20),
            DoseKind::Trips => new Span(2, 4),
            DoseKind::Seconds => in_array($goal, [Goal::Balance, Goal::WarmUp, Goal::Isometric, Goal::Mobility], true) ? $goal->row()->amount : Goal::Isometric->row()->amount,
            DoseKind::Reps => in_array($goal, [Goal::Balance, Goal::WarmUp, Goal::Isometric, Goal::Mobility], true) ? new Span(8, 12) : $goal->row()->amount,
        };
    }

    /**
     * @param  list<Reason>  $because
     * @return array{int, list<Reason>}
     */
    private function rest(GoalRow $row, Scope $scope, array $because): array
    {
        $limit = $this->envelope->tightest(Field::RestMinS, $scope);
        if ($limit === null || ! is_int($limit->value) || $limit->value <= $row->restS) {
            return [$row->restS, $because];
        }

        return [$limit->value, [...$because, new Reason('limit', $limit->rule, $limit->says, $limit->source)]];
    }

    /** @param  list<Reason>  $because */
    private function loaded(Dose $dose, Holding $holding, GoalRow $row, Scope $scope, ?OneRepMax $oneRepMax, Ladder $ladder, array $because): Dosing
    {
        $per = $holding === Holding::EachHand ? 'hand' : 'total';
        $dose = new Dose($dose->sets, $dose->kind, $dose->amount, $dose->effort, null, $per, $dose->restS, $dose->tempo, $dose->daysAWeek);
        $cap = $this->cap($scope, $holding, $oneRepMax);
        if ($ladder->loads === []) {
            return new Dosing(null, null, [...$because, new Reason('kit', 'kit.none', 'Nothing in this kit can be held '.$holding->label().'.')], ['Nothing in this kit can be held '.$holding->label().': add a piece or a carrier.']);
        }
        if ($oneRepMax?->grams === null) {
            return $this->blind($dose, $scope, $ladder, $cap, $because);
        }
        $because[] = new Reason('measure', 'e1rm', sprintf('Estimated 1RM %s. %s', Mass::say($oneRepMax->grams), $oneRepMax->says), 'Epley 1985; Brzycki 1993');

        return $this->fromMax($dose, $row, $scope, $oneRepMax->grams, $oneRepMax->confidence, $ladder, $cap, $because);
    }

    /** @param  list<Reason>  $because */
    private function blind(Dose $dose, Scope $scope, Ladder $ladder, LoadCap $cap, array $because): Dosing
    {
        $percent = $this->envelope->tightest(Field::LoadPctMax, $scope);
        $lightest = $ladder->lightest();
        if ($percent !== null && $percent->value === 0) {
            $cap = new LoadCap(0, $percent);
        }
        if ($lightest === null || ($cap->grams !== null && $lightest->loadG > $cap->grams)) {
            return $this->nothingLightEnough($lightest, $cap, $because);
        }
        if ($percent !== null && is_int($percent->value) && $percent->value < 100) {
            [$dose, $because] = $this->blindly($dose, $scope, $percent, $because);
        } else {
            $because[] = new Reason('rule', 'no_estimate', 'No easy set yet: start with the lightest load and measure.', 'House convention, cautious');
        }

        return new Dosing($dose->with(loadG: $lightest->loadG), $lightest, [...$because, $this->kitReason($lightest, null)], ['No 1RM estimate: do an easy set to dose this properly.'], null, $cap->grams, $cap->says());
    }

    /**
     * A band is a load: with a cap on the share of the 1RM and nothing measured, effort and reps are held as for any other.
     *
     * @param  list<Reason>  $because
     */
    private function blindBand(Dose $dose, Scope $scope, array $because): Dosing
    {
        $percent = $this->envelope->tightest(Field::LoadPctMax, $scope);
        if ($percent === null || ! is_int($percent->value) || $percent->value >= 100) {
            return new Dosing($dose, null, $because, []);
        }
        if ($percent->value === 0) {
            return new Dosing(null, null, [...$because, new Reason('limit', $percent->rule, $percent->says, $percent->source)], [$percent->says]);
        }
        [$dose, $because] = $this->blindly($dose, $scope, $percent, $because);

        return new Dosing($dose, null, $because, ['No 1RM estimate: do an easy set of the same pattern to dose this properly.']);
    }

    /**
     * @param  list<Reason>  $because
     * @return array{Dose, list<Reason>}
     */
    private function blindly(Dose $dose, Scope $scope, Limit $percent, array $because): array
    {
        $because[] = new Reason('limit', $percent->rule, $percent->says, $percent->source);
        $because[] = new Reason('rule', 'no_estimate', 'No usable easy set yet: effort up to 4, 15 reps and the lightest load until there is one.', 'House convention, cautious');
        $effort = new Span(min($dose->effort->lo, self::BLIND_EFFORT), min($dose->effort->hi, self::BLIND_EFFORT));

        return [$dose->with(amount: $dose->kind === DoseKind::Reps ? $this->blindReps($scope) : $dose->amount, effort: $effort), $because];
    }

    private function blindReps(Scope $scope): Span
    {
        $most = $this->envelope->number(Field::RepsMax, $scope) ?? PHP_INT_MAX;
        $least = $this->envelope->number(Field::RepsMin, $scope) ?? 1;
        $reps = min($most, max($least, self::BLIND_REPS));

        return new Span($reps, $reps);
    }

    /** @param  list<Reason>  $because */
    private function fromMax(Dose $dose, GoalRow $row, Scope $scope, int $maxG, Confidence $confidence, Ladder $ladder, LoadCap $cap, array $because): Dosing
    {
        $percent = $row->percent ?? new Span(self::USEFUL_PCT, 60);
        $goalLoad = new Span((int) round($maxG * $percent->lo / 100), (int) round($maxG * $percent->hi / 100));
        $reserve = EffortScale::reserve($dose->effort->hi);
        $byReps = $dose->kind === DoseKind::Reps ? RepsPossible::loadFor($dose->amount->lo + $reserve, $maxG) : INF;
        $target = min($goalLoad->hi, $byReps, $cap->grams ?? INF);
        $because[] = new Reason('goal', 'target', match (true) {
            $cap->grams !== null && $target >= $cap->grams => sprintf('Target %s: the cap.', Mass::say($target)),
            $byReps <= $goalLoad->hi => sprintf('Target %s: leaves %d in reserve after %d reps.', Mass::say($target), $reserve, $dose->amount->lo),
            default => sprintf('Target %s: %d %% of the estimated 1RM.', Mass::say($target), $percent->hi),
        }, $row->source);
        if ($cap->limit !== null) {
            // The limit in its own words, so that whoever points at it finds this dose; what it comes to here beside it.
            $because[] = new Reason('limit', $cap->limit->rule, $cap->limit->says, $cap->limit->source);
            $because[] = new Reason('rule', 'cap.here', sprintf('At most %s here.', Mass::say((int) $cap->grams)));
        }
        $best = $ladder->best($target, $cap->grams);
        while ($best !== null && $dose->kind === DoseKind::Reps && RepsPossible::at($best->loadG, $maxG) - $reserve < $dose->amount->lo) {
            $best = $ladder->below($best->loadG);
        }
        if ($best === null) {
            return $this->nothingLightEnough($ladder->lightest(), $cap, $because, (int) $target);
        }
        $findings = $confidence === Confidence::Fair ? ['Fair estimate: watch the first set.'] : [];
        $because[] = $this->kitReason($best, $ladder->above($best->loadG));
        [$dose, $findings, $because] = $this->solveReps($dose->with(loadG: $best->loadG), $maxG, $cap, $findings, $because);
        $heldLight = $cap->grams !== null && $cap->grams < $goalLoad->lo;
        if (! $heldLight && $best->loadG < $maxG * self::USEFUL_PCT / 100) {
            $findings[] = sprintf('Too light to change anything: %d %% of the estimated 1RM. Add a heavier piece, or use a harder rung.', (int) round($best->loadG / $maxG * 100));
        }

        return new Dosing($dose, $best, $because, $findings, $goalLoad, $cap->grams, $cap->says());
    }

    /**
     * The reps at this real load that keep the effort in its range. When even the top reps are too easy, the top reps
     * are prescribed and the reason is named.
     *
     * @param  list<string>  $findings
     * @param  list<Reason>  $because
     * @return array{Dose, list<string>, list<Reason>}
     */
    private function solveReps(Dose $dose, int $maxG, LoadCap $cap, array $findings, array $because): array
    {
        if ($dose->kind !== DoseKind::Reps || $dose->loadG === null) {
            return [$dose, $findings, $because];
        }
        $possible = RepsPossible::at($dose->loadG, $maxG);
        $lo = max($dose->amount->lo, (int) ceil($possible - EffortScale::reserve($dose->effort->lo) - 1e-9));
        $hi = min($dose->amount->hi, (int) floor($possible - EffortScale::reserve($dose->effort->hi) + 1e-9));
        $says = sprintf('About %d reps possible with %s%s.', (int) floor($possible), Mass::say($dose->loadG), RepsPossible::isGuess($possible) ? ', a guess past 15' : '');
        if (RepsPossible::isGuess($possible)) {
            $findings[] = 'Trial set required.';
        }
        if ($lo > $dose->amount->hi) {
            $top = $dose->amount->hi;
            $because[] = new Reason('rule', 'solve_reps', $says.sprintf(' Even %d reps stay under effort %d: top reps, held light by %s.', $top, $dose->effort->lo, $cap->limit !== null ? 'a limit' : 'the loads in this home'), 'Epley 1985; Brzycki 1993');

            return [$dose->with(amount: new Span($top, $top)), $findings, $because];
        }
        // Rounding can put the gentle end above the hard end: the hard end is the one that protects.
        $lo = min($lo, $hi);
        $because[] = new Reason('rule', 'solve_reps', $says.sprintf(' %s reps keep the effort at %s.', (new Span($lo, $hi))->label(), $dose->effort->label()), 'Epley 1985; Brzycki 1993');

        return [$dose->with(amount: new Span($lo, $hi)), $findings, $because];
    }

    /** @param  list<Reason>  $because */
    private function nothingLightEnough(?Makeable $lightest, LoadCap $cap, array $because, ?int $target = null): Dosing
    {
        $says = $lightest === null
            ? 'Nothing in this kit can be held this way.'
            : ($cap->grams !== null && $lightest->loadG > $cap->grams
                ? sprintf('The lightest you can make here is %s, the cap is %s: a lighter piece, or an easier rung.', Mass::say($lightest->loadG), Mass::say($cap->grams))
                : sprintf('Even the lightest load here, %s, overshoots the target of %s: a lighter piece, or an easier rung.', Mass::say($lightest->loadG), Mass::say($target ?? 0)));

        return new Dosing(null, null, [...$because, new Reason('kit', 'kit.too_heavy', $says)], [$says], null, $cap->grams, $cap->says());
    }

    private function kitReason(Makeable $load, ?Makeable $next): Reason
    {
        return new Reason('kit', 'kit.makeable', sprintf(
            '%s is the nearest load this home can make.%s',
            Mass::say($load->loadG),
            $next === null ? ' It is also the heaviest.' : sprintf(' The next is %s (+%d %%).', Mass::say($next->loadG), (int) round(($next->loadG / $load->loadG - 1) * 100)),
        ));
    }

    /**
     * Does a dose, typed or proposed, stay inside the envelope? Returns what breaks it.
     *
     * @return list<Limit>
     */
    public function breaches(Rung $rung, Goal $goal, Dose $dose, ?OneRepMax $oneRepMax, Side $side = Side::Both): array
    {
        $scope = new Scope($rung->demands->region, $side);
        $breaches = [];
        $check = function (Field $field, bool $broken) use (&$breaches, $scope): void {
            $limit = $this->envelope->tightest($field, $scope);
            if ($broken && $limit !== null) {
                $breaches[] = $limit;
            }
        };
        $check(Field::EffortMax, $dose->effort->hi > $this->envelope->atLeast(Field::EffortMax, 10, $scope));
        $check(Field::RestMinS, $dose->sets > 1 && $dose->restS < $this->envelope->atLeast(Field::RestMinS, 0, $scope));
        if ($dose->kind === DoseKind::Reps) {
            $check(Field::RepsMin, $dose->amount->lo < $this->envelope->atLeast(Field::RepsMin, 1, $scope));
            $check(Field::RepsMax, $dose->amount->hi > $this->envelope->atLeast(Field::RepsMax, PHP_INT_MAX, $scope));
        }
        if ($dose->kind === DoseKind::Seconds && $goal->isEffortfulHold()) {
            $check(Field::HoldMaxS, $dose->amount->hi > $this->envelope->atLeast(Field::HoldMaxS, PHP_INT_MAX, $scope));
        }
        if ($dose->loadG !== null && $rung->holding !== null) {
            $cap = $this->cap($scope, $rung->holding, $oneRepMax);
            if ($cap->limit !== null && $cap->grams !== null && $dose->loadG > $cap->grams) {
                $breaches[] = $cap->limit;
            }
        }

        return $breaches;
    }
}
