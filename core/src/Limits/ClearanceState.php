<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Clearance;

/** Whether the clearance that the limits ask for is on record, still runs, and was given for what asks for it. */
final readonly class ClearanceState
{
    private Clearance $asks;

    /** When the latest of what asks most began, as far as that is known: nobody clears what has not happened yet. */
    private ?Day $begins;

    /** @param  list<ClearanceGiven>  $given  newest first */
    public function __construct(Envelope $envelope, private Facts $facts, RuleBook $rules, private array $given)
    {
        $this->asks = $envelope->clearance();
        $begins = null;
        foreach ($envelope->binding(Field::Clearance) as $limit) {
            $since = $limit->value === $this->asks ? $rules->since($limit->rule, $facts) : null;
            if ($since !== null && ($begins === null || $since->isAfter($begins))) {
                $begins = $since;
            }
        }
        $this->begins = $begins;
    }

    /** The newest that runs today and is not older than what it has to clear; its place in what was given. */
    public function current(): ?int
    {
        $on = $this->facts->on;
        foreach ($this->given as $i => $given) {
            if ($given->runs($on) && ($this->begins === null || ! $given->on->isBefore($this->begins))) {
                return $i;
            }
        }

        return null;
    }

    /** In words what is missing; null when nothing is. */
    public function missing(): ?string
    {
        if ($this->asks === Clearance::Withheld) {
            return 'Exercise is withheld: an absolute contraindication is entered.';
        }
        if ($this->asks === Clearance::None || $this->current() !== null) {
            return null;
        }
        $then = $this->asks === Clearance::Advised ? '' : ': enter who gave it and when, on Screen';

        $asks = $this->asks === Clearance::RequiredForLoad ? 'required for load' : $this->asks->value;

        return sprintf('Clearance is %s and %s%s.', $asks, $this->why(), $then);
    }

    /** Does what is missing hold a plan back? */
    public function holdsBack(): bool
    {
        return $this->asks->atLeast(Clearance::Required) && $this->missing() !== null;
    }

    /** Would the treating team want to be asked first, and was not? Then a plan goes out only for a reason. */
    public function isAdvisedAndMissing(): bool
    {
        return $this->asks === Clearance::Advised && $this->missing() !== null;
    }

    private function why(): string
    {
        $known = array_filter($this->given, fn (ClearanceGiven $g): bool => ! $g->on->isAfter($this->facts->on));
        $latest = array_values($known)[0] ?? null;

        return match (true) {
            $latest === null => 'not recorded',
            $latest->until?->isBefore(
                $this->facts->on,
            ) === true => 'the one on record ended on '.$latest->until->label(),
            $this->begins !== null => sprintf(
                'the one on record, of %s, is older than what it has to clear (since %s)', $latest->on->label(),
                $this->begins->label(),
            ),
            default => 'not recorded',
        };
    }
}
