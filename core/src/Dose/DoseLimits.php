<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Dose\Rules\EffortRule;
use BuoyantStep\Core\Dose\Rules\HoldRule;
use BuoyantStep\Core\Dose\Rules\LoadRule;
use BuoyantStep\Core\Dose\Rules\RepsRule;
use BuoyantStep\Core\Dose\Rules\RestRule;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Per;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * The one hand that cuts a dose to the envelope and checks it against it: for this part of the body, this goal and this
 * estimate. Whoever proposes, drafts or types a dose asks here; nothing else may bound one.
 */
final readonly class DoseLimits
{
    /** The usual largest step, percent. Source: ACSM 2009 position stand. */
    public const STEP_PCT = 10;

    /**
     * @param  Goal|null  $goal  null counts every hold as an effortful one
     * @param  int|null  $maxG  the estimated 1RM in use, grams of all that is lifted; null when none is usable
     * @param  SystemLoad  $system  what is lifted along with the load
     * @param  int|null  $shareOfG  the estimate that a share of the 1RM is taken of; the one in use where null
     * @param  int|null  $capG  a further cap on the load, grams, whatever the limits say
     * @param  list<Scope>  $through  other parts of the body that the load goes through: the arms that hold it
     * @param  Scope|null  $wide  what works, with the other side: both keep the effort, reps, holds and rests of either
     * @param  Sides|null  $sides  each side by itself, where a dose may differ between them
     */
    public function __construct(
        public Envelope $envelope,
        public Scope $scope = new Scope,
        public ?Goal $goal = null,
        public ?int $maxG = null,
        private ?int $capG = null,
        private array $through = [],
        public SystemLoad $system = new SystemLoad,
        private ?int $shareOfG = null,
        private bool $waits = false,
        private ?Scope $wide = null,
        private ?Sides $sides = null,
    ) {
    }

    /** @param  list<Performed>  $history  what was done of this rung lately, where it is known */
    public static function of(RungHere $here, ?Goal $goal = null, array $history = []): self
    {
        $estimate = $here->estimate($history);
        $shareOf = $here->capEstimate($estimate);

        return new self(
            $here->envelope(), $here->scope(), $goal, $estimate?->grams,
            through: $here->rung->demands->strain->loaded($here->workingSide()), system: $here->system(),
            shareOfG: $shareOf?->grams, waits: $shareOf !== $estimate, wide: $here->wideScope(),
            sides: count($here->openSides()) > 1 ? new Sides($here, $goal, $history) : null,
        );
    }

    public function withMax(?int $maxG): self
    {
        return new self(
            $this->envelope, $this->scope, $this->goal, $maxG, $this->capG, $this->through, $this->system,
            $this->shareOfG, $this->waits, $this->wide, $this->sides,
        );
    }

    public function tightest(Field $field): ?Limit
    {
        return $this->envelope->tightest($field, $this->scopeOf($field));
    }

    public function number(Field $field): ?int
    {
        return $this->envelope->number($field, $this->scopeOf($field));
    }

    private function scopeOf(Field $field): Scope
    {
        return in_array($field, Field::OF_ONE_SIDE, true) ? $this->scope : $this->wide ?? $this->scope;
    }

    /** The largest step of all that is lifted, percent. */
    public function stepMax(): int
    {
        return $this->number(Field::StepPctMax) ?? self::STEP_PCT;
    }

    /** Does the longest hold that is allowed bind what is counted here? */
    public function holdsEffortfully(Dose $dose): bool
    {
        return $dose->kind === DoseKind::Hold && ($this->goal?->isEffortfulHold() ?? true);
    }

    /** A limit caps the share of the 1RM and nothing was measured: the load may not rise until an easy set is. */
    public function isBlind(): bool
    {
        return $this->shareOf() === null && $this->loadPct()?->value !== null && $this->loadPct()->value < 100;
    }

    private function shareOf(): ?int
    {
        return $this->waits ? $this->shareOfG : $this->maxG;
    }

    /** The heaviest load allowed, and the limit that says so. A lift limit is a total: halved for each hand. */
    public function cap(Per $per = Per::Total): LoadCap
    {
        $cap = new LoadCap($this->capG, null);
        $percent = $this->loadPct();
        $share = is_int($percent?->value) ? $percent->value : 100;
        $of = $this->shareOf();
        if ($share < 100 && $of !== null) {
            // Where the body alone is more than the share, nothing is added.
            $most = max(0, (int) floor($this->system->loadFor($of * $share / 100) + 1e-9));
            $cap = $cap->or(new LoadCap($most, $percent));
        }
        $lift = $this->lift();
        if (is_int($lift?->value)) {
            $cap = $cap->or(new LoadCap(intdiv($lift->value, $per->count()), $lift));
        }

        return $cap;
    }

    /** The tightest share of the 1RM: of what is trained, as the 1RM is its own; null where nothing caps it. */
    public function loadPct(): ?Limit
    {
        return $this->tightest(Field::LoadPctMax);
    }

    /** The tightest lift limit of all that the load goes through: what the arms hold is bound by theirs as well. */
    private function lift(): ?Limit
    {
        $tightest = null;
        foreach ([$this->scope, ...$this->through] as $part) {
            $limit = $this->envelope->tightest(Field::LiftMaxG, $part);
            if (is_int($limit?->value) && ($tightest === null || $limit->value < $tightest->value)) {
                $tightest = $limit;
            }
        }

        return $tightest;
    }

    /** One limit asks for more reps than another allows: no dose fits both; null when they agree. */
    public function repsConflict(): ?Reason
    {
        $least = $this->number(Field::RepsMin) ?? 1;
        $most = $this->number(Field::RepsMax) ?? PHP_INT_MAX;

        return $least <= $most ? null : new Reason('limit', 'reps_conflict', sprintf(
            'One limit asks for %d reps or more, another for %d or fewer: no dose fits both.', $least, $most,
        ));
    }

    /** @param  list<int>  $ladderG  the loads there are, ascending, where a load may have to come down */
    public function cut(Dose $dose, Reasons $because, array $ladderG = []): Dose
    {
        if ($dose->isApart() && $this->sides !== null) {
            return Dose::joined(
                $this->sides->limits(Side::Left)->cut($dose->on(Side::Left), $because, $ladderG),
                $this->sides->limits(Side::Right)->cut($dose->on(Side::Right), $because, $ladderG),
            );
        }
        foreach ($this->rules($ladderG) as $rule) {
            $dose = $rule->cut($dose, $this, $because);
        }

        return $dose;
    }

    /** @return list<Breach> */
    public function breaches(Dose $dose): array
    {
        $breaches = [];
        if ($dose->isApart() && $this->sides !== null) {
            foreach ([Side::Left, Side::Right] as $side) {
                foreach ($this->sides->limits($side)->breaches($dose->on($side)) as $breach) {
                    $breaches[] = $breach->on($side);
                }
            }

            return $breaches;
        }
        foreach ($this->rules([]) as $rule) {
            foreach ($rule->breaches($dose, $this) as $breach) {
                $breaches[] = $breach;
            }
        }

        return $breaches;
    }

    /**
     * @param  list<int>  $ladderG
     * @return iterable<DoseRule>
     */
    private function rules(array $ladderG): iterable
    {
        yield new EffortRule;
        yield new RepsRule;
        yield new HoldRule;
        yield new RestRule;
        yield new LoadRule($ladderG);
    }
}
