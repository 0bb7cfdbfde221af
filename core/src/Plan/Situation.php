<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\GripAid;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Dose\GoalRow;
use BuoyantStep\Core\Dose\LoadCap;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\LeverNotes;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\Demands;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Judge;
use BuoyantStep\Core\Limits\Region;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Limits\Verdict;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use WeakMap;

/** One client on one day with everything a plan needs, worked out once: envelope, verdicts, ladders of loads. */
final class Situation
{
    /** Ladders are worked out up to the heaviest estimated 1RM of this client, within these bounds; no dose lies above it. */
    private const LADDER_TOP_G = [8_000, 40_000];

    public readonly Envelope $envelope;

    public readonly Prescriber $prescriber;

    private readonly Judge $judge;

    /** @var array<string, array{int, Ladder}> how far each was worked out, and the ladder */
    private array $ladders = [];

    /** @var WeakMap<Rung, array<string, Verdict>> each rung is asked about several times while a stair is drawn */
    private WeakMap $verdicts;

    public function __construct(
        public readonly Profile $client,
        public readonly Day $on,
        public readonly MeasureSet $measures,
        public readonly Kit $kit,
        public readonly Catalogue $catalogue,
        RuleBook $rules,
        ClinicFigures $clinic = new ClinicFigures,
        public readonly Place $place = new Place,
    ) {
        $this->envelope = $rules->envelope(new Facts($client, $on, $measures), $clinic);
        $this->prescriber = new Prescriber($this->envelope);
        $this->judge = new Judge($this->envelope, $client->function);
        $this->verdicts = new WeakMap;
    }

    /** @return array<string, Verdict> verdict by side: "both", or "left" and "right" for a one-sided rung */
    public function verdicts(Rung $rung): array
    {
        return $this->verdicts[$rung] ??= $this->judged($rung);
    }

    /** @return array<string, Verdict> */
    private function judged(Rung $rung): array
    {
        $sides = $rung->isOneSided() ? [Side::Left, Side::Right] : [Side::Both];
        $verdicts = [];
        foreach ($sides as $side) {
            $verdict = $this->judge->verdict($this->demands($rung)->onSide($side));
            if (! $rung->alone && $this->client->function->isAlone() && ! $verdict->isOut()) {
                $verdict = new Verdict(Verdict::OUT, [], [new Reason('limit', 'alone', 'This cannot be set up alone, and the client is alone.', 'House convention, cautious')]);
            }
            $verdicts[$side->value] = $verdict;
        }

        return $verdicts;
    }

    /**
     * The rung's demands in this home and for this body: a band that is free of latex asks nothing of the skin, and hands
     * that carry less than the lift limit keep it.
     */
    private function demands(Rung $rung): Demands
    {
        $demands = $rung->demands;
        if ($rung->band !== null && $this->kit->bands !== [] && ! $this->kit->hasLatexOnly()) {
            $demands = $demands->withoutMaterial('latex');
        }
        $onHands = $rung->lever?->onHands($this->client);
        $lift = $this->envelope->number(Field::LiftMaxG, $demands->scope());

        return $onHands !== null && $lift !== null && $onHands <= $lift ? $demands->handsWithinLimit() : $demands;
    }

    /** @return list<Thing> what this home lacks for the rung; loads are the ladder's affair */
    public function missing(Rung $rung): array
    {
        return array_values(array_filter($rung->equipment, fn (Thing $t): bool => match ($t) {
            Thing::Load => false,
            Thing::Band => $this->kit->bands === [],
            Thing::Door => ! $this->place->hasAnchor(fromAbove: $rung->band?->anchor === 'door_top'),
            default => ! $this->place->has($t),
        }));
    }

    /** A limit on the share of the 1RM holds and nothing was measured: the lightest of everything (limits.md). */
    public function isBlind(Family $family, Rung $rung): bool
    {
        return $this->oneRepMax($family)?->grams === null
            && $this->envelope->atLeast(Field::LoadPctMax, 100, $rung->demands->onSide($this->workingSide($rung))->scope()) < 100;
    }

    /** The heaviest load, and so the hardest pull, that the limits allow here. */
    public function loadCap(Family $family, Rung $rung): LoadCap
    {
        return $this->prescriber->cap($rung->demands->onSide($this->workingSide($rung))->scope(), Holding::BothHands, $this->oneRepMax($family));
    }

    /**
     * What a band should pull in this family: the middle of the goal's range of the 1RM that was measured on it or on
     * another family of the same pattern.
     *
     * @return array{force_n: float, says: string}|null null without a usable easy set
     */
    public function bandTarget(Family $family, GoalRow $goal): ?array
    {
        foreach ([$family->code, ...array_column($this->measures->results, 'family')] as $code) {
            $max = is_string($code) && $this->catalogue->has($code) && $this->catalogue->family($code)->pattern === $family->pattern ? $this->measures->oneRepMax($code)?->grams : null;
            if ($max !== null && $goal->percent !== null) {
                $percent = ($goal->percent->lo + $goal->percent->hi) / 2;

                return ['force_n' => $max / 1000 * 9.80665 * $percent / 100, 'says' => sprintf('%d %% of the estimated 1RM of %s in %s.', (int) round($percent), Mass::say($max), lcfirst($this->catalogue->family($code)->name))];
            }
        }

        return null;
    }

    /** @return list<Reason> how heavy the limb, the body or the seat is for this client, and what a load adds */
    public function leverNotes(Rung $rung): array
    {
        return LeverNotes::of($rung, $this->client, $this->ladder($rung), $this->envelope->atLeast(Field::StepPctMax, 10));
    }

    /** @return list<Side> the sides on which this rung may be done; empty when it is out */
    public function openSides(Rung $rung): array
    {
        $open = [];
        foreach ($this->verdicts($rung) as $side => $verdict) {
            if (! $verdict->isOut()) {
                $open[] = Side::from($side);
            }
        }

        return $open;
    }

    /**
     * What must be changed about a rung so that it fits, on these sides.
     *
     * @param  list<Side>  $sides
     * @return list<array{change: string, says: string}> each once
     */
    public function changes(Rung $rung, array $sides): array
    {
        $changes = [];
        foreach ($sides as $side) {
            foreach ($this->verdicts($rung)[$side->value]->changes ?? [] as $change) {
                $changes[$change['change']] = $change;
            }
        }

        return Judge::furthest($changes);
    }

    /**
     * What else must be changed where some changes were made before: nothing while they still suffice. A hold with one hand
     * suffices where fingertips are asked for.
     *
     * @param  list<Side>  $sides
     * @param  list<string>  $made
     * @return list<array{change: string, says: string}>
     */
    public function furtherChanges(Rung $rung, array $sides, array $made): array
    {
        $further = [];
        foreach ($sides as $side) {
            $asMade = $this->judge->verdict(array_reduce($made, static fn (Demands $d, string $change): Demands => $d->after($change), $this->demands($rung)->onSide($side)));
            // Where what was made is in the way of what is asked for, the changes of today say it from the beginning.
            foreach ($asMade->isOut() ? $this->verdicts($rung)[$side->value]->changes ?? [] : $asMade->changes as $change) {
                if (! in_array($change['change'], $made, true)) {
                    $further[$change['change']] = $change;
                }
            }
        }

        return array_values($further);
    }

    /** Every load this client can make and hold for this rung. */
    public function ladder(Rung $rung): ?Ladder
    {
        return $rung->holding === null ? null : $this->ladderUpTo($rung, $rung->holding, $this->ladderTopG());
    }

    /**
     * Can this load be made and held for this rung? Worked out only as far as the load goes: the plans of a whole clinic are
     * asked this at once.
     */
    public function isMakeable(Rung $rung, int $loadG): bool
    {
        // Two steps of the ladder further, so that the same load stands for its ten grams as on the whole one.
        return $rung->holding !== null && $this->ladderUpTo($rung, $rung->holding, min($this->ladderTopG(), $loadG + 2 * MakeableLoads::MERGE_G))->at($loadG) !== null;
    }

    private function ladderUpTo(Rung $rung, Holding $holding, int $topG): Ladder
    {
        $side = $holding === Holding::OneHand ? $this->workingSide($rung) : Side::Both;
        $hand = $this->client->function->grip($side);
        $aids = $this->aids($side, $rung->demands->onSide($side)->scope());
        $key = $holding->value.':'.$hand->value.':'.implode(',', array_column($aids, 'value'));
        if (($this->ladders[$key][0] ?? -1) < $topG) {
            $this->ladders[$key] = [$topG, MakeableLoads::ladder($this->kit, $holding, $topG, null, $hand, $aids)];
        }

        return $this->ladders[$key][1];
    }

    /**
     * What this kit makes for this client in one way of holding, whatever the exercise: with the hand that can do more, and
     * with the aids that may be worn.
     *
     * @param  int  $topG  loads of interest up to here, grams
     */
    public function kitLadder(Holding $holding, int $topG): Ladder
    {
        $ladders = array_map(fn (Side $side): Ladder => MakeableLoads::ladder(
            $this->kit, $holding, $topG, null, $this->client->function->grip($side), $this->aids($side, new Scope(Region::Upper, $side)),
        ), $holding === Holding::OneHand ? [Side::Right, Side::Left] : [Side::Both]);
        usort($ladders, static fn (Ladder $a, Ladder $b): int => count($b->loads) <=> count($a->loads));

        return $ladders[0];
    }

    /** @return list<GripAid> what may hold in place of the fingers; no strap goes on skin that cannot feel */
    private function aids(Side $side, Scope $scope): array
    {
        $strapped = $this->envelope->has(Field::AvoidMaterial, 'tight_strap_on_insensate_skin', $scope) !== null;

        return $strapped ? [] : $this->client->function->aids($side);
    }

    private function ladderTopG(): int
    {
        [$top, $most] = self::LADDER_TOP_G;
        foreach ($this->measures->results as $result) {
            $top = max($top, $result->oneRepMax->grams ?? 0);
        }

        return min($most, $top);
    }

    /** Both when the rung is done with both sides in turn or at once; otherwise the one side that is open. */
    public function workingSide(Rung $rung): Side
    {
        $open = $this->openSides($rung);

        return count($open) === 1 ? $open[0] : Side::Both;
    }

    public function oneRepMax(Family $family): ?OneRepMax
    {
        return $this->measures->oneRepMax($family->code);
    }

    /** New to training, or a gentler first block that no clinician has called over. */
    public function isInFirstBlock(): bool
    {
        $client = $this->client;
        $firstBlock = $client->trainingLevel === null || $client->trainingLevel === TrainingLevel::New;
        foreach ($client->conditions as $condition) {
            if (in_array($condition->code, ['older_adult_new', 'stroke_hemiparesis'], true) && $condition->inForce($this->on)) {
                $firstBlock = $firstBlock || ! $condition->has(Condition::FIRST_BLOCK_DONE);
            }
        }

        return $firstBlock;
    }

    /** The side that starts and sets the pace: the weaker one, when the measures or a one-sided condition say which. */
    public function leadingSide(): Side
    {
        $weaker = $this->measures->weakerSide();
        if ($weaker !== null) {
            return $weaker;
        }
        foreach ($this->client->conditions as $condition) {
            if ($condition->side !== null && $condition->side !== Side::Both && $condition->inForce($this->on)) {
                return $condition->side;
            }
        }

        return Side::Left;
    }
}
