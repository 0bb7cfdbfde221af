<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * One proposal of what each side's sets say. An ease of one holds the other; where both would step, they move the same
 * lever, the weaker side's; what both share (sets, tempo, the rung) moves when both are ready.
 */
final readonly class BothSides
{
    /** The one further on this list wins over those before it. */
    private const ORDER = [
        Decision::Stay, Decision::StepUp, Decision::Retest, Decision::Ease, Decision::Stop,
    ];

    public function __construct(private Exercise $exercise, private Side $leading)
    {
    }

    public function join(Reviewed $left, Reviewed $right): Reviewed
    {
        $decision = $this->decision($left->proposal, $right->proposal);
        $acts = array_filter(
            ['left' => $left, 'right' => $right],
            static fn (Reviewed $r): bool => $r->proposal->decision === $decision,
        );
        $because = Reason::ofSides($left->proposal->because, $right->proposal->because);
        $lead = $acts[$this->leading->value] ?? $acts['left'] ?? $right;
        foreach ([$lead, ...array_values($acts)] as $first) {
            $joined = $this->led($first, $acts, $because, $left->proposal->review || $right->proposal->review);
            if ($joined !== null) {
                return $joined;
            }
        }

        return $this->waits($lead, $because);
    }

    /**
     * What one side leads and the other follows where it moves the same lever; null where the step is for both and the
     * other is not ready.
     *
     * @param  array<string, Reviewed>  $acts
     * @param  list<Reason>  $because
     */
    private function led(Reviewed $lead, array $acts, array $because, bool $review): ?Reviewed
    {
        $with = array_filter(
            $acts,
            static fn (Reviewed $r): bool => $r->proposal->lever === $lead->proposal->lever
                && $r->rung === $lead->rung,
        );
        $up = $lead->proposal->decision === Decision::StepUp;
        $otherRung = $lead->rung !== $this->exercise->here->rung;
        if ($up && $otherRung && count($with) < 2) {
            return null;
        }
        // Down a rung goes the whole exercise, as soon as one side must.
        $dose = Dose::joined(
            $this->doseOf(Side::Left, $with, $otherRung ? $lead : null),
            $this->doseOf(Side::Right, $with, $otherRung ? $lead : null),
        );

        return $up && ! $otherRung && $dose == $this->exercise->dose ? null : new Reviewed(new Proposal(
            $lead->proposal->decision, $lead->proposal->lever, $dose, $because, $lead->proposal->bridge,
            $lead->proposal->otherwise, $review, $lead->proposal->offers,
        ), $lead->rung);
    }

    private function decision(Proposal $left, Proposal $right): Decision
    {
        $rank = static fn (Proposal $p): int => (int) array_search($p->decision, self::ORDER, true);

        return $rank($left) >= $rank($right) ? $left->decision : $right->decision;
    }

    /** @param  array<string, Reviewed>  $with */
    private function doseOf(Side $side, array $with, ?Reviewed $else): Dose
    {
        $moved = $with[$side->value] ?? $else;

        return $moved === null ? $this->exercise->dose->on($side) : $moved->proposal->dose;
    }

    /** @param  list<Reason>  $because */
    private function waits(Reviewed $lead, array $because): Reviewed
    {
        $why = new Reason('rule', 'sides.wait', 'This step is for both sides: it waits for the other one.', 'Practice');

        return new Reviewed(new Proposal(
            Decision::Stay, null, $this->exercise->dose, [...$because, $why],
            otherwise: 'As many good sessions of the other side let both step.', offers: $lead->proposal->offers,
        ), $this->exercise->here->rung);
    }
}
