<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Dose\Rules\EffortRule;
use BuoyantStep\Core\Dose\Rules\HoldRule;
use BuoyantStep\Core\Dose\Rules\LoadRule;
use BuoyantStep\Core\Dose\Rules\RepsRule;
use BuoyantStep\Core\Dose\Rules\RestRule;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Per;
use BuoyantStep\Core\Vocabulary\Scope;

/**
 * The one hand that cuts a dose to the envelope and checks it against it: for this part of the body, this goal and this
 * estimate. Whoever proposes, drafts or types a dose asks here; nothing else may bound one.
 */
final readonly class DoseLimits
{
    /**
     * @param  Goal|null  $goal  null counts every hold as an effortful one
     * @param  int|null  $maxG  the estimated 1RM in use, grams; null when none is usable
     * @param  int|null  $capG  a further cap on the load, grams, whatever the limits say
     */
    public function __construct(
        public Envelope $envelope,
        public Scope $scope = new Scope,
        public ?Goal $goal = null,
        public ?int $maxG = null,
        private ?int $capG = null,
    ) {
    }

    public static function of(RungHere $here, ?Goal $goal = null): self
    {
        return new self($here->situation->envelope, $here->scope(), $goal, $here->oneRepMax()?->grams);
    }

    public function withMax(?int $maxG): self
    {
        return new self($this->envelope, $this->scope, $this->goal, $maxG, $this->capG);
    }

    public function tightest(Field $field): ?Limit
    {
        return $this->envelope->tightest($field, $this->scope);
    }

    public function number(Field $field): ?int
    {
        return $this->envelope->number($field, $this->scope);
    }

    /** Does the longest hold that is allowed bind what is counted here? */
    public function holdsEffortfully(Dose $dose): bool
    {
        return $dose->kind === DoseKind::Seconds && ($this->goal?->isEffortfulHold() ?? true);
    }

    /** A limit caps the share of the 1RM and nothing was measured: the load may not rise until an easy set is. */
    public function isBlind(): bool
    {
        return $this->maxG === null && $this->envelope->loadPctMax($this->scope) < 100;
    }

    /** The heaviest load allowed, and the limit that says so. A lift limit is a total: halved for each hand. */
    public function cap(Per $per = Per::Total): LoadCap
    {
        $cap = new LoadCap($this->capG, null);
        $percent = $this->tightest(Field::LoadPctMax);
        $share = $this->envelope->loadPctMax($this->scope);
        if ($share < 100 && $this->maxG !== null) {
            $cap = $cap->or(new LoadCap(intdiv($this->maxG * $share, 100), $percent));
        }
        $lift = $this->number(Field::LiftMaxG);
        if ($lift !== null) {
            $cap = $cap->or(new LoadCap(intdiv($lift, $per->count()), $this->tightest(Field::LiftMaxG)));
        }

        return $cap;
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
        foreach ($this->rules($ladderG) as $rule) {
            $dose = $rule->cut($dose, $this, $because);
        }

        return $dose;
    }

    /** @return list<Breach> */
    public function breaches(Dose $dose): array
    {
        $breaches = [];
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
