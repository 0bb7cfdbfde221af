<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Simulate;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;

/** One exercise of a simulated plan, through the weeks. */
final class Followed
{
    /** @var list<Performed> oldest first */
    public array $history = [];

    /** @var list<array{string, int|null, int}> rung, load and amount after each session */
    public array $course = [];

    public bool $bounced = false;

    /** Left out of the programme. */
    public bool $isOut = false;

    public int $retests = 0;

    public int $overStep = 0;

    public int $overCap = 0;

    public int $nagged = 0;

    public ?int $lastRetest = null;

    public ?Day $asked = null;

    /** First week, from 1, with a load in the goal's range. */
    public ?int $usefulFrom = null;

    public int $weeksLoaded = 0;

    public int $weeksUseful = 0;

    public int $weeksHeld = 0;

    /** @var list<float> share of the true 1RM, percent, from week 3 on, where no limit holds it lower */
    public array $shares = [];

    /** @param  list<Side>  $sides */
    public function __construct(
        public string $family,
        public string $rung,
        public Goal $goal,
        public Dose $dose,
        public array $sides,
    ) {
    }

    /** @return list<Performed> of the last four weeks */
    public function lately(Day $on): array
    {
        return array_values(array_filter(
            $this->history, static fn (Performed $p): bool => $p->date->daysTo($on) <= 28,
        ));
    }

    public function noted(): void
    {
        $this->course[] = [$this->rung, $this->dose->resistanceG(), $this->dose->amount->hi];
    }

    /** Did a load, a rung or the seconds of a hold change? */
    public function moved(): bool
    {
        foreach ($this->course as $at) {
            if ($at[0] !== $this->course[0][0] || $at[1] !== $this->course[0][1]
                || ($this->dose->kind->isTimed() && $at[2] !== $this->course[0][2])) {
                return true;
            }
        }

        return false;
    }
}
