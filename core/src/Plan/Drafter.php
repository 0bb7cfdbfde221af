<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\Needs\Chooser;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * Drafts a session by what this client needs: goals of daily life, then flags, then cover; each exercise on the rung to
 * begin with, dosed from the measures, the limits and the kit; then trims it to the minutes.
 */
final readonly class Drafter
{
    /** No session holds more, however long. House convention. */
    public const MOST_ITEMS = 12;

    /** Easy sets that a first session has room for. House convention. */
    public const EASY_SETS = 3;

    /** Why the days are not split. */
    public const UNSPLIT = 'Every day holds the same: a split needs two days, and work for the legs and for the rest.';

    public function __construct(private Situation $situation)
    {
    }

    /** @param  list<Planned>  $done  what has been done lately: it stays where it still fits */
    public function draft(Wishes $wishes, array $done = []): Draft
    {
        $chooser = new Chooser($this, $this->situation, $wishes);
        $left = $chooser->choose($done);
        $trim = new Trim($wishes, $this->situation->envelope->restMin());
        $trimmed = $trim->of($chooser->items());
        $items = self::askingFirst($trimmed->items);
        if ($this->situation->envelope->is(ConditionTrait::UsesWheels)) {
            $items = PullOverPush::of($items);
        }
        $items = Order::of($items, $wishes->structure);
        $timed = array_map(Timed::item(...), $items);
        $week = $wishes->shape->week;
        $on = $week->share($timed, $wishes->days);
        $unsplit = $week === WeekShape::Split && ! WeekShape::canSplit($timed, $wishes->days);

        return new Draft(
            array_map(static fn (PlanItem $i, OnDays $o): PlanItem => $i->withDose($o->dose($i->dose, $wishes->days)),
                $items, $on),
            $trim->seconds($items), [
                ...$left, ...$chooser->cutAway($trimmed->items), ...$trimmed->left,
            ], [...$trimmed->trims, ...$unsplit ? [self::UNSPLIT] : []], $on,
        );
    }

    public function catalogue(): Catalogue
    {
        return $this->situation->catalogue;
    }

    /**
     * Easy sets are asked for in the few that matter most; the others follow in their turn.
     *
     * @param  list<PlanItem>  $items  most important first
     * @return list<PlanItem>
     */
    private static function askingFirst(array $items): array
    {
        $asked = 0;

        return array_map(static function (PlanItem $item) use (&$asked): PlanItem {
            $asks = in_array(Dosing::ASKS, $item->dosing->findings, true);
            $asked += $asks ? 1 : 0;

            return $asks && $asked > self::EASY_SETS ? $item->withDosing($item->dosing->withoutAsking()) : $item;
        }, $items);
    }

    /** One family at one rung, dosed; with the reason when it cannot be. */
    public function offer(RungHere $here, Wishes $wishes): Offer
    {
        $name = $here->rung->name.': ';
        if ($here->isOut()) {
            return Offer::none($name.$here->whyOut());
        }
        $lacks = $here->lacks();
        if ($lacks !== null) {
            return Offer::none($name.$lacks);
        }
        $goal = (new GoalFor($this->situation))->family($here->family, $wishes->aim);
        $dosing = Prescriber::dosing($here, $goal, count($wishes->days));
        $dose = $dosing->dose;
        if ($dose === null) {
            return Offer::none($name.($dosing->findings[0] ?? 'no dose'));
        }
        $band = null;
        if ($here->rung->work->band !== null) {
            $best = BandOffer::best($here, $goal);
            $band = $best->fit;
            $feel = $band === null ? BandOffer::byFeel($here, $dose) : null;
            if ($band === null && $feel === null) {
                return Offer::none($name.$best->why);
            }
            if ($band !== null) {
                $dosing = $dosing->with($band->because());
                $dose = $dose->with(pullN: max(1, (int) floor(($band->setUp->meanN() ?? $band->forceN) + 1e-6)));
            }
        }
        $sides = $this->leadFirst($here->openSides());

        return Offer::of(new PlanItem($here, $goal, $dose, $dosing, $sides, $band, $feel ?? null));
    }

    /** A family on the rung to begin with; where that cannot be dosed here, on an easier one, then on a harder. */
    public function start(Family $family, Wishes $wishes): Offer
    {
        $start = new StartRung($this->situation);
        $exclusions = $wishes->prefers->exclusions;
        $lessened = null;
        foreach ($start->order($family, $exclusions) as $here) {
            $offer = $this->offer($here, $wishes);
            if ($offer->item !== null) {
                $item = $offer->item->because([$start->because($here, $exclusions)]);
                if (! $item->isLessened()) {
                    return Offer::of($item);
                }
                $lessened ??= Offer::of($item);
            }
        }

        return $lessened ?? Offer::none($this->whyNone($family, $wishes));
    }

    /** What has been done, as it has been done, where that still fits; else why it is out, or not wanted. */
    public function kept(Planned $planned, Wishes $wishes): Offer
    {
        $unwanted = $wishes->prefers->exclusions->says($planned->family, $planned->rung);
        if ($unwanted !== null) {
            return Offer::none($unwanted);
        }
        $offer = $this->offer($this->situation->at($planned->family, $planned->rung), $wishes);

        return $offer->item !== null && (new PlanFit($this->situation))->doseStands($planned, $offer->item)
            ? Offer::of($offer->item->keeping($planned->dose))
            : $offer;
    }

    /**
     * What has to be in, at its rung where one is named and is open here, else on the rung to begin with. A wish
     * against it does not stand in its way.
     */
    public function pinned(Pin $pin, Wishes $wishes): Offer
    {
        $family = $this->situation->catalogue->family($pin->family);

        $named = $pin->rung === null
            ? null : $this->offer($this->situation->at($family, $family->rung($pin->rung)), $wishes);
        $offer = $named?->item === null ? $this->start($family, $wishes) : $named;

        return $offer->item === null && $named !== null ? $named : $offer;
    }

    /** Of all that is out, the easiest rung says it best. */
    private function whyNone(Family $family, Wishes $wishes): string
    {
        $rung = $family->rungs[0];
        $here = $this->situation->at($family, $rung);

        return $wishes->prefers->exclusions->says($family, $rung)
            ?? $here->notYet()
            ?? $this->offer($here, $wishes)->why;
    }

    /** How the load of a dose is made, or the band set up, in words; null where neither is used. */
    public static function recipe(RungHere $here, Goal $goal, Dose $dose): ?string
    {
        if ($dose->isApart()) {
            return Side::saying(
                self::recipe($here->onSide(Side::Left), $goal, $dose->on(Side::Left)),
                self::recipe($here->onSide(Side::Right), $goal, $dose->on(Side::Right)),
            );
        }
        if ($here->rung->work->band !== null) {
            $fit = $dose->pullN === null ? null : BandFit::ofPull($here, $dose->pullN);

            return $fit?->recipe() ?? BandOffer::best($here, $goal)->fit?->recipe() ?? BandOffer::byFeel($here, $dose);
        }

        return $dose->loadG === null ? null : $here->ladder()?->at($dose->loadG)?->recipe($here->situation->kit);
    }

    /**
     * @param  list<Side>  $sides
     * @return list<Side>
     */
    private function leadFirst(array $sides): array
    {
        $lead = $this->situation->leadingSide();
        usort($sides, static fn (Side $a, Side $b): int => ($b === $lead) <=> ($a === $lead));

        return $sides;
    }
}
