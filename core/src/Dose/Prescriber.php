<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Per;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * Doses one rung: the goal's row cut to the envelope, the load that the kit can make, and the reps solved again for
 * that load so that the effort stays where it should. Where goal and envelope leave nothing, the envelope wins and it
 * says so.
 */
final readonly class Prescriber
{
    public function __construct(private Envelope $envelope)
    {
    }

    /** The dose of a rung for this client, here. */
    public static function dosing(RungHere $here, Goal $goal, int $daysAWeek): Dosing
    {
        return (new self($here->envelope()))->prescribe(
            $here->rung, $goal, $daysAWeek, $here->oneRepMax(), $here->ladder(), $here->workingSide(),
        );
    }

    public function prescribe(
        Rung $rung,
        Goal $goal,
        int $daysAWeek,
        ?OneRepMax $oneRepMax = null,
        ?Ladder $ladder = null,
        Side $side = Side::Both,
    ): Dosing {
        $row = $goal->row();
        $limits = new DoseLimits(
            $this->envelope, new Scope($rung->demands->scope()->region, $side), $goal, $oneRepMax?->grams,
            through: $rung->demands->strain->loaded($side),
        );
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
            $loading = new Loading($limits, $ladder ?? new Ladder($holding, []), $because, $oneRepMax);

            return $loading->of($dose, $row);
        }
        $band = $rung->work->band !== null && $limits->isBlind() ? $limits->loadPct() : null;

        return $band === null
            ? new Dosing($dose, null, $because->all())
            : self::blindBand($dose, $limits, $band, $because);
    }

    /** The goal's range of what this rung counts, cut to the envelope; null when limits leave nothing. */
    public static function range(RungHere $here, Goal $goal): ?Span
    {
        $limits = DoseLimits::of($here, $goal);
        if ($here->rung->work->kind === DoseKind::Reps && $limits->repsConflict() !== null) {
            return null;
        }

        return $limits->cut(self::fromGoal($here->rung, $goal, 1), new Reasons)->amount;
    }

    private static function fromGoal(Rung $rung, Goal $goal, int $daysAWeek): Dose
    {
        $row = $goal->row();
        $kind = $rung->work->kind;

        return new Dose(
            sets: min($row->sets->hi, max($row->sets->lo, 2)),
            kind: $kind,
            amount: Kinds::of($kind)->range($goal),
            effort: $row->effort,
            loadG: null,
            per: $rung->work->holding === Holding::EachHand ? Per::Hand : Per::Total,
            restS: $row->pace->restS,
            tempo: $kind === DoseKind::Reps ? $row->pace->tempo : '',
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
        $dose = Blind::dose($dose, $limits, $percent, $because);

        return new Dosing($dose, null, $because->all(), [
            'No 1RM estimate: do an easy set of the same pattern to dose this properly.',
        ]);
    }
}
