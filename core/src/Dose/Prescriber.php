<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Per;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Tempo;

/**
 * Doses one rung: the goal's row cut to the envelope, the load that the kit can make, and the reps solved again for
 * that load so that the effort stays where it should. Where goal and envelope leave nothing, the envelope wins and it
 * says so.
 */
final readonly class Prescriber
{
    public function __construct(
        private DoseLimits $limits,
        private Goal $goal,
        private ?Estimate $estimate = null,
        private Start $start = new Start(null, new Kit),
    ) {
    }

    /**
     * The dose of a rung for this client, here.
     *
     * @param  list<Performed>  $history  what was done of this very rung, beside what the situation knows
     */
    public static function dosing(RungHere $here, Goal $goal, int $daysAWeek, array $history = []): Dosing
    {
        $joined = $here->sidesApart() ? Dosing::joined(
            self::plain($here->onSide(Side::Left), $goal, $daysAWeek, Performed::allOn(Side::Left, $history)),
            self::plain($here->onSide(Side::Right), $goal, $daysAWeek, Performed::allOn(Side::Right, $history)),
        ) : null;

        return $joined ?? self::plain($here, $goal, $daysAWeek, $history);
    }

    /** @param  list<Performed>  $history */
    private static function plain(RungHere $here, Goal $goal, int $daysAWeek, array $history): Dosing
    {
        $limits = DoseLimits::of($here, $goal, $history);

        return (new self($limits, $goal, $here->estimate($history), Start::of($here)))->prescribe(
            $here->rung, $daysAWeek, $here->ladder(), $here->situation->on,
        );
    }

    /** @param  Day|null  $on  the day, to say how old the estimate is */
    public function prescribe(Rung $rung, int $daysAWeek, ?Ladder $ladder = null, ?Day $on = null): Dosing
    {
        [$limits, $goal] = [$this->limits, $this->goal];
        $row = $goal->row();
        $because = new Reasons([new Reason('goal', 'goal.'.$goal->value, sprintf(
            'Goal: %s. %d-%d sets, RPE %d-%d.', $goal->label(), $row->sets->lo, $row->sets->hi, $row->effort->lo,
            $row->effort->hi,
        ), $row->source)]);
        $conflict = $rung->work->kind === DoseKind::Reps ? $limits->repsConflict() : null;
        if ($conflict !== null) {
            return new Dosing(null, null, $because->add($conflict)->all(), [$conflict->says]);
        }
        $dose = $limits->cut(self::fromGoal($rung, $goal, $daysAWeek), $because);
        $holding = $rung->work->holding;
        if ($holding !== null) {
            $ladder ??= new Ladder($holding, []);
            $loading = new Loading($limits, $ladder, $because, $this->estimate, $this->start);

            return $loading->of($dose, $row, $on);
        }
        $share = $limits->loadPct();

        return $rung->work->band === null || $share === null || ! $limits->isBlind()
            ? new Dosing($dose, null, $because->all())
            : self::blindBand($dose, $limits, $share, $because);
    }

    /**
     * The goal's range of what this rung counts, or of what it is counted in instead, cut to the envelope; null when
     * limits leave nothing.
     */
    public static function range(RungHere $here, Goal $goal, DoseKind $kind): ?Span
    {
        $limits = DoseLimits::of($here, $goal);
        if ($kind === DoseKind::Reps && $limits->repsConflict() !== null) {
            return null;
        }

        return $limits->cut(self::fromGoal($here->rung, $goal, 1, $kind), new Reasons)->amount;
    }

    private static function fromGoal(Rung $rung, Goal $goal, int $daysAWeek, ?DoseKind $kind = null): Dose
    {
        $row = $goal->row();
        $kind ??= $rung->work->kind;

        return new Dose(
            sets: min($row->sets->hi, max($row->sets->lo, 2)),
            kind: $kind,
            amount: Kinds::of($kind)->range($goal),
            effort: $row->effort,
            loadG: null,
            per: $rung->work->holding === Holding::EachHand ? Per::Hand : Per::Total,
            restS: $row->pace->restS,
            tempo: $kind === DoseKind::Reps && $row->pace->tempo !== ''
                ? (string) Tempo::read($row->pace->tempo)->lowering($rung->work->lowerS ?? 0)
                : '',
            daysAWeek: max(1, $daysAWeek),
        );
    }

    /**
     * A band is a load: with a cap on the share of the 1RM and nothing measured, effort and reps are held as for any.
     */
    private static function blindBand(Dose $dose, DoseLimits $limits, Limit $percent, Reasons $because): Dosing
    {
        if ($percent->value === 0) {
            return new Dosing(null, null, $because->limit($percent)->all(), [$percent->says]);
        }
        $says = 'No usable easy set yet: RPE up to 5 and 15 reps until there is one.';
        $dose = Blind::dose($dose, $limits, $because, $says);

        return new Dosing($dose, null, $because->all(), [
            'No 1RM estimate: do an easy set of the same pattern to dose this properly.',
        ]);
    }
}
