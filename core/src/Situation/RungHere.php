<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Situation;

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Client\Brakes;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\LeverNotes;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Fit\ChangeLimits;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Ladders;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\Symmetry;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Way;

/** A rung for this client, in this home, on this day. */
final class RungHere
{
    /** A load this many times the one to begin with is past what most can lift once. House convention. */
    private const MOST_FLOORS = 8;

    /** @var array<string, Verdict>|null */
    private ?array $verdicts = null;

    /** @var list<Side>|null */
    private ?array $open = null;

    private ?Envelope $envelope = null;

    private ?RungEstimates $estimates = null;

    private ?bool $apart = null;

    /** @var array<string, self> the same with one side alone */
    private array $sides = [];

    /** @param  Side  $only  the side that is looked at; Both looks at what is open */
    public function __construct(
        public readonly Situation $situation,
        public readonly Family $family,
        public readonly Rung $rung,
        public readonly Side $only = Side::Both,
    ) {
    }

    /** The same rung with one side alone. */
    public function onSide(Side $side): self
    {
        if ($side === $this->only) {
            return $this;
        }
        if (! isset($this->sides[$side->value])) {
            $one = new self($this->situation, $this->family, $this->rung, $side);
            // What was judged of each side is known already.
            $one->verdicts = $this->verdicts();
            $one->estimates = $this->estimates();
            $this->sides[$side->value] = $one;
        }

        return $this->sides[$side->value];
    }

    /** @return array<string, Verdict> verdict by side: "both", or "left" and "right" for a one-sided rung */
    public function verdicts(): array
    {
        if ($this->verdicts === null) {
            $this->verdicts = [];
            foreach ($this->rung->isOneSided() ? [Side::Left, Side::Right] : [Side::Both] as $side) {
                $this->verdicts[$side->value] = $this->judged($side);
            }
        }

        return $this->verdicts;
    }

    public function verdict(Side $side): ?Verdict
    {
        return $this->verdicts()[$side->value] ?? null;
    }

    private function judged(Side $side): Verdict
    {
        $verdict = $this->situation->judge->verdict($this->demands()->onSide($side));
        if ($verdict->isOut()) {
            return $verdict;
        }
        $function = $this->situation->client->function;
        $helped = ! $this->rung->setUp->alone || ($function->setsUpAlone === false && $this->isFetched());
        if ($helped && $function->isAlone()) {
            $says = 'This cannot be set up alone, and the client is alone.';

            return Verdict::out(new Reason('limit', 'alone', $says, 'House convention, cautious'));
        }
        if ($helped && $this->rung->setUp->alone) {
            $says = 'Cannot anchor a band or fetch a weight alone.';
            $verdict = $verdict->and(Change::of(ChangeKind::Helper), new Reason('limit', 'function', $says));
        }

        return $this->rolls()
            ? $verdict->and(Change::of(ChangeKind::Chocks), new Reason(
                'limit', 'function', 'The wheels are not braked on both sides, as far as is known.',
                'PVA upper-limb guideline',
            ))
            : $verdict;
    }

    /** How it is judged when it is done in one of the ways that may be chosen. */
    public function judgedIn(Way $way, string $side): Verdict
    {
        return $this->situation->judge->verdict($this->demands()->in($way)->onSide(Side::from($side)));
    }

    /** Is there something to fetch, to put on or to anchor? */
    private function isFetched(): bool
    {
        return $this->rung->work->holding !== null || $this->rung->work->band !== null
            || $this->rung->demands->setting->anchor;
    }

    /**
     * Would a wheelchair roll under a push, a pull, a weight that is lifted or a fast movement? Brakes on both sides
     * hold it.
     */
    private function rolls(): bool
    {
        return $this->situation->envelope->is(ConditionTrait::UsesWheels) && $this->rung->demands->isSeated()
            && $this->situation->client->function->wheelchair?->brakes !== Brakes::Both
            && ($this->rung->demands->canTake(ChangeKind::Chocks) || $this->rung->work->holding !== null
                || $this->family->pattern === Pattern::Power);
    }

    /**
     * The rung's demands in this home and for this body: a band that is free of latex asks nothing of the skin, and
     * hands that carry less than the lift limit keep it.
     */
    private function demands(): Demands
    {
        $demands = $this->rung->demands;
        $kit = $this->situation->kit;
        if ($this->rung->work->band !== null && $kit->hasBandFreeOfLatex()) {
            $demands = $demands->withoutMaterial(Material::Latex);
        }
        $lift = $this->situation->envelope->number(Field::LiftMaxG, $demands->scope());
        $onHands = $lift === null ? null : $this->rung->work->lever?->onHands($this->situation->client);

        return $onHands !== null && $onHands <= $lift ? $demands->handsWithinLimit() : $demands;
    }

    /** The limits that hold here: the client's, and what the changes that the rung needs ask of its dose. */
    public function envelope(): Envelope
    {
        if ($this->envelope === null) {
            $asked = ChangeLimits::of($this->changes($this->openSides()));
            $this->envelope = $asked === []
                ? $this->situation->envelope
                : $this->situation->envelope->merge(new Envelope($asked));
        }

        return $this->envelope;
    }

    /** Is there no side on which it may be done? */
    public function isOut(): bool
    {
        return $this->openSides() === [];
    }

    /** Why it is out, in words: the first reason of the first side. */
    public function whyOut(): string
    {
        return array_values($this->verdicts())[0]->says();
    }

    /** @return list<Side> the sides on which this rung may be done; empty when it is out */
    public function openSides(): array
    {
        if ($this->open === null) {
            $this->open = [];
            foreach ($this->verdicts() as $side => $verdict) {
                if (! $verdict->isOut() && Side::from($side)->touches($this->only)) {
                    $this->open[] = Side::from($side);
                }
            }
        }

        return $this->open;
    }

    /** Both when the rung is done with both sides in turn or at once; otherwise the one side that is open. */
    public function workingSide(): Side
    {
        $open = $this->openSides();

        return count($open) === 1 ? $open[0] : Side::Both;
    }

    /**
     * Do left and right progress apart here? Where a limit is tighter on one of them, where one is the weaker by a
     * condition or a test, or where their estimates lie so far apart that it acts.
     */
    public function sidesApart(): bool
    {
        return $this->apart ??= count($this->openSides()) > 1
            && ($this->isLimitedApart() || $this->isWeakerOnOneSide());
    }

    private function isLimitedApart(): bool
    {
        $region = $this->rung->demands->scope()->region;
        [$left, $right] = [new Scope($region, Side::Left), new Scope($region, Side::Right)];
        $envelope = $this->situation->envelope;
        foreach (Field::OF_ONE_SIDE as $field) {
            if ($envelope->number($field, $left) !== $envelope->number($field, $right)) {
                return true;
            }
        }

        return false;
    }

    private function isWeakerOnOneSide(): bool
    {
        $region = $this->rung->demands->scope()->region;
        if ($this->situation->hasWeakSide() || $this->situation->measures->weakerSide($region) !== null) {
            return true;
        }
        $grams = fn (Side $side): ?int => $this->estimates()->inUse($side)?->grams;

        return Symmetry::of($grams(Side::Left), $grams(Side::Right))?->acts() === true;
    }

    /** The part of the body that works here. */
    public function scope(): Scope
    {
        return new Scope($this->rung->demands->scope()->region, $this->workingSide());
    }

    /** The same with the other side, where only one is looked at. */
    public function wideScope(): Scope
    {
        return $this->only === Side::Both
            ? $this->scope() : $this->situation->at($this->family, $this->rung)->scope();
    }

    /** @return list<Thing> what this home lacks for the rung; loads are the ladder's affair */
    public function missing(): array
    {
        $place = $this->situation->place;

        return array_values(array_filter($this->rung->setUp->equipment, fn (Thing $t): bool => match ($t) {
            Thing::Load => false,
            Thing::Band => $this->situation->kit->bands === [],
            Thing::Door => ! $place->hasAnchor(fromAbove: $this->rung->work->band?->anchor === 'door_top'),
            default => ! $place->has($t),
        }));
    }

    /** What this home lacks, in words; null when nothing does. */
    public function lacks(): ?string
    {
        $names = array_map(
            static fn (Thing $t): string => $t->label().($t->substitute() === null ? '' : ' (or '.$t->substitute().')'),
            $this->missing(),
        );

        return $names === [] ? null : 'missing here: '.implode(', ', $names).'.';
    }

    /**
     * What must be changed about the rung so that it fits, on these sides.
     *
     * @param  list<Side>  $sides
     * @return list<Change> each once
     */
    public function changes(array $sides): array
    {
        $changes = [];
        $count = [];
        foreach ($sides as $side) {
            foreach ($this->verdict($side)->changes ?? [] as $change) {
                $code = $change->code();
                $count[$code] = ($count[$code] ?? 0) + 1;
                // What one side alone needs must not be done to the other: a strap on a fistula arm.
                $changes[$code] = [$change, $side];
            }
        }

        return Verdict::furthest(array_map(
            static fn (array $c): Change => $count[$c[0]->code()] === count($sides) ? $c[0] : $c[0]->only($c[1]),
            array_values($changes),
        ));
    }

    /**
     * What else must be changed where some changes were made before: nothing while they still suffice. A hold with one
     * hand suffices where fingertips are asked for.
     *
     * @param  list<Side>  $sides
     * @param  list<Change>  $made
     * @return list<Change>
     */
    public function furtherChanges(array $sides, array $made): array
    {
        $known = array_map(static fn (Change $c): string => $c->code(), $made);
        $further = [];
        foreach ($sides as $side) {
            $asMade = $this->demands()->onSide($side);
            foreach ($made as $change) {
                $asMade = $change->isFor($side) ? $asMade->after($change) : $asMade;
            }
            $verdict = $this->situation->judge->verdict($asMade);
            // Where what was made is in the way of what is asked for, today's changes say it from the beginning.
            $asked = $verdict->isOut() ? $this->verdict($side)->changes ?? [] : $verdict->changes;
            foreach ($asked as $change) {
                if (! in_array($change->code(), $known, true)) {
                    $further[$change->code()] = $change;
                }
            }
        }

        return array_values($further);
    }

    /** Every load this client can make and hold for this rung; null when it takes none. */
    public function ladder(): ?Ladder
    {
        $holding = $this->rung->work->holding;

        return $holding === null ? null : $this->ladderUpTo($holding, $this->ladderTopG());
    }

    /** Far enough for anybody who has not been measured: several times the load that one begins with. */
    private function ladderTopG(): int
    {
        $floor = ($this->rung->work->start?->percent() ?? 0) * $this->situation->client->bodyMassKg * 10;

        return max($this->situation->ladderTopG(), min(Situation::MOST_G, (int) (self::MOST_FLOORS * $floor)));
    }

    /**
     * Can this load be made and held for this rung? Worked out only as far as the load goes: the plans of a whole
     * clinic are asked this at once.
     */
    public function makes(int $loadG): bool
    {
        $holding = $this->rung->work->holding;
        // Two steps of the ladder further, so that the same load stands for its ten grams as on the whole one.
        $topG = min($this->ladderTopG(), $loadG + 2 * MakeableLoads::MERGE_G);

        return $holding !== null && $this->ladderUpTo($holding, $topG)->at($loadG) !== null;
    }

    /** The same of another kit, up to so many grams: what a purchase would bring. */
    public function ladderWith(Ladders $kit, int $topG): ?Ladder
    {
        $holding = $this->rung->work->holding;

        return $holding === null ? null : $this->ladderUpTo($holding, $topG, $kit);
    }

    private function ladderUpTo(Holding $holding, int $topG, ?Ladders $of = null): Ladder
    {
        $side = $holding->isOneHand() ? $holding->hand()->when($this->workingSide()) : Side::Both;
        $region = $holding->needsNoGrip() ? $this->rung->demands->scope()->region : Region::Upper;
        $scope = new Scope($region, $side);

        return $this->situation->ladder($holding, $side, $scope, $topG, $of);
    }

    /** What is really lifted here. */
    public function system(): SystemLoad
    {
        return $this->rung->work->system($this->situation->client);
    }

    /**
     * The estimated 1RM in use, of all that is lifted here on the side that works.
     *
     * @param  list<Performed>  $history  what was done of this very rung, beside what the situation knows
     */
    public function estimate(array $history = []): ?Estimate
    {
        return $this->estimates()->inUse($this->workingSide(), $history);
    }

    /** The one that a cap on the share of the 1RM is taken of: what a clinician measured, where raising it waits. */
    public function capEstimate(?Estimate $inUse): ?Estimate
    {
        return $this->situation->envelope->is(ConditionTrait::CapWaits)
            ? $this->estimates()->measuredInUse($this->workingSide())
            : $inUse;
    }

    /**
     * The estimate before a day, where today's is so far from it that somebody should look.
     *
     * @param  list<Performed>  $history
     */
    public function estimateJumpedFrom(array $history, Day $since): ?Estimate
    {
        return $this->estimates()->jumpedFrom($this->workingSide(), $history, $since);
    }

    private function estimates(): RungEstimates
    {
        return $this->estimates ??= new RungEstimates($this->situation, $this->family, $this->rung);
    }

    /**
     * The first test that the rung asks for and this client has not reached, in words; null when it is open as a
     * start.
     */
    public function notYet(): ?string
    {
        foreach ($this->rung->needs as $code => $least) {
            $test = AllTests::named($code);
            $value = $this->situation->measures->value($test);
            if ($value === null) {
                return sprintf('%s not measured; %d %s opens it.', $test->about()->label, $least, $test->about()->unit);
            }
            if ($value < $least) {
                $has = rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');

                return sprintf('%s is %s; %d %s opens it.', $test->about()->label, $has, $least, $test->about()->unit);
            }
        }

        return null;
    }

    /**
     * What a load really makes here, and what the next one adds: "9.5 kg held, 62 kg moved"; null where only it
     * moves.
     */
    public function moved(?int $loadG): ?string
    {
        $system = $this->system();
        $says = $system->says($loadG);
        $next = $loadG === null ? null : $this->ladder()?->above($loadG)?->loadG;

        return $says === null || $next === null ? $says : sprintf(
            '%s; +%s is +%s %%', $says, Mass::say($next - (int) $loadG),
            Mass::trim(number_format($system->stepPct($loadG, $next), 1, '.', '')),
        );
    }

    /** @return list<Reason> how heavy the limb, the body or the seat is for this client, and what a load adds */
    public function leverNotes(): array
    {
        $stepPct = $this->situation->envelope->atLeast(Field::StepPctMax, 10);

        return LeverNotes::of($this->rung, $this->situation->client, $this->ladder(), $stepPct);
    }
}
