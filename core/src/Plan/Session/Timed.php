<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Session;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Tempo;

/** One exercise as the clock sees it. */
final readonly class Timed
{
    private function __construct(
        public Rung $rung,
        public Pattern $pattern,
        public Goal $goal,
        public Dose $dose,
        public int $sides,
        public ?RungHere $here = null,
    ) {
    }

    public static function item(PlanItem $item): self
    {
        return new self(
            $item->rung, $item->family->pattern, $item->goal, $item->dose, count($item->sides), $item->here,
        );
    }

    /** @param  RungHere|null  $here  where its load is known to be heavy or light */
    public static function planned(Planned $item, ?RungHere $here = null): self
    {
        return new self(
            $item->rung, $item->family->pattern, $item->goal, $item->dose, count($item->sides), $here,
        );
    }

    public static function here(RungHere $here, Goal $goal, Dose $dose): self
    {
        return new self($here->rung, $here->family->pattern, $goal, $dose, count($here->openSides()), $here);
    }

    public function part(): Part
    {
        return match ($this->pattern) {
            Pattern::March => Part::WarmUp,
            Pattern::Mobility => Part::CoolDown,
            default => Part::Main,
        };
    }

    /** The part of the body that needs its rest after it; null for what does not tire. House convention. */
    public function tires(): ?Region
    {
        $easy = $this->goal->isPreparation() || in_array(
            $this->goal, [Goal::Balance, Goal::Mobility, Goal::Isometric, Goal::Learn], true,
        );

        return $easy ? null : $this->rung->demands->scope()->region;
    }

    /** Seconds of one set on all its sides, at the top of its range. */
    public function bout(): int
    {
        return $this->boutOf($this->dose->amount->hi);
    }

    /** @param  int  $amount  reps, seconds, steps or what else is counted */
    public function boutOf(int $amount): int
    {
        $each = max($this->rung->work->secondsPer($this->dose->kind), $this->tempoSeconds());

        return (int) ceil($amount * ($each + ($this->dose->holdS ?? 0)) + ($this->dose->pauseS ?? 0))
            * max(1, $this->sides);
    }

    /** What the printed tempo comes to, seconds; a fast lift takes one. */
    private function tempoSeconds(): int
    {
        if ($this->dose->kind !== DoseKind::Reps || $this->dose->tempo === '') {
            return 0;
        }
        $tempo = Tempo::read($this->dose->tempo);

        return $tempo->lowerS + $tempo->bottomS + ($tempo->liftS ?? 1) + $tempo->topS;
    }

    /** Rest between its sets, seconds; a limit may ask for more. */
    public function rest(int $restMinS): int
    {
        return max($this->dose->restS, $restMinS);
    }

    /** The lighter set before it; null where its load is light, or unknown, or nothing lighter can be made. */
    public function ramp(): ?Dose
    {
        return $this->here === null ? null : Ramp::of($this->here, $this->goal, $this->dose);
    }
}
