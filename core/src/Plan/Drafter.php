<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * Drafts a session: for each pattern the hardest rung that the limits allow, the measures open and the kit can load;
 * then trims it to the minutes.
 */
final readonly class Drafter
{
    public const MOST_ITEMS = 8;

    /** Easy sets that a first session has room for. House convention. */
    public const EASY_SETS = 3;

    /**
     * After a birth 12-15 reps at a moderate load come before chasing load; for a year. House convention.
     */
    private const REBUILD_DAYS = 365;

    public function __construct(private Situation $situation)
    {
    }

    public function draft(Wishes $wishes): Draft
    {
        $items = [];
        $left = [];
        foreach ($this->byPattern() as $pattern => $families) {
            $offer = $this->choose($families, $wishes);
            if ($offer->item !== null && count($items) < self::MOST_ITEMS) {
                $items[] = $offer->item;
            } else {
                $full = sprintf('A session holds %d exercises; this one can be swapped in.', self::MOST_ITEMS);
                $left[] = new LeftOut(Pattern::from($pattern), $offer->item !== null ? $full : $offer->why);
            }
        }
        $trim = new Trim($wishes, $this->situation->envelope->restMin());
        $trimmed = $trim->of($items);
        $items = self::askingFirst($trimmed->items);
        $order = array_column(Pattern::cases(), 'value');
        $rank = static fn (PlanItem $i): int => (int) array_search($i->family->pattern->value, $order, true);
        usort($items, static fn (PlanItem $a, PlanItem $b): int => $rank($a) <=> $rank($b));

        return new Draft($items, $trim->seconds($items), [...$left, ...$trimmed->left], $trimmed->trims);
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
        $goal = $this->goal($here->family, $wishes);
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

    /** The hardest rung of a family that the measures open and everything else allows. */
    public function hardest(Family $family, Wishes $wishes): Offer
    {
        return $this->choose([$family], $wishes);
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

    /** Which goal a family serves for this client. */
    public function goal(Family $family, Wishes $wishes): Goal
    {
        return match ($family->kind) {
            'warm_up' => Goal::WarmUp,
            'balance' => Goal::Balance,
            'hold' => Goal::Isometric,
            'mobility' => Goal::Mobility,
            // Speed comes after the first block; until then the same movement is learnt.
            'power' => $this->situation->isInFirstBlock() ? Goal::Learn : Goal::Power,
            default => match ($wishes->aim) {
                Aim::Endurance => Goal::Endurance,
                Aim::Learn => Goal::Learn,
                Aim::WakeUp => Goal::WakeUp,
                Aim::Size => $this->sizeGoal(),
                default => $this->strengthGoal(),
            },
        };
    }

    /** Size is for those who have trained: until then, and while a body heals or carries, strength comes first. */
    private function sizeGoal(): Goal
    {
        $strength = $this->strengthGoal();
        $ready = in_array($strength, [Goal::StrengthOlder, Goal::StrengthTrained], true)
            && ! $this->situation->isFragile();

        return $ready ? Goal::Size : $strength;
    }

    private function strengthGoal(): Goal
    {
        $client = $this->situation->client;
        $sinceBirth = $client->daysSinceBirth($this->situation->on);
        $older = $client->age($this->situation->on) >= 65;
        $lightMany = ($client->schools['fragile_bone'] ?? null) === 'light_many';

        return match (true) {
            $client->dueDate !== null,
            $sinceBirth !== null && $sinceBirth <= self::REBUILD_DAYS => Goal::StrengthEndurance,
            $lightMany && $this->situation->envelope->is(ConditionTrait::FragileBone) => Goal::LightMany,
            $this->situation->isInFirstBlock() => Goal::StrengthFirstBlock,
            // No upper age: from 65 on it is being fragile that counts.
            $client->trainingLevel === TrainingLevel::Trained
                && ! ($older && $this->situation->isFragile()) => Goal::StrengthTrained,
            default => Goal::StrengthOlder,
        };
    }

    /** @return array<string, list<Family>> most important pattern first, each pattern's main family first */
    private function byPattern(): array
    {
        $byPattern = [];
        foreach ($this->situation->catalogue->families() as $family) {
            $byPattern[$family->pattern->value][] = $family;
        }

        return $byPattern;
    }

    /**
     * The hardest rung that fits as it is; where none of the family does, the hardest that fits with less of it.
     *
     * @param  list<Family>  $families
     */
    private function choose(array $families, Wishes $wishes): Offer
    {
        $why = '';
        foreach ($families as $family) {
            $lessened = null;
            foreach (array_reverse($family->rungs) as $rung) {
                $here = $this->situation->at($family, $rung);
                // What another pair of hands does is agreed with them first; that a load hangs off to one side is the
                // clinician's choice. Neither is drafted.
                if (
                    $here->notYet() !== null || $rung->helper !== null
                    || $rung->work->holding === Holding::OppositeHand
                ) {
                    continue;
                }
                $offer = $this->offer($here, $wishes);
                if ($offer->item !== null && ! $offer->item->isLessened()) {
                    return $offer;
                }
                if ($offer->item !== null) {
                    $lessened ??= $offer;

                    continue;
                }
                // Of all that is out, the easiest rung of the main family says it best.
                if ($family === $families[0] || $why === '') {
                    $why = $offer->why;
                }
            }
            if ($lessened !== null) {
                return $lessened;
            }
        }

        return Offer::none($why);
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
