<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Log;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Side;

/** One exercise on one day: its sets, the pain around it, whether it was stopped or skipped, and whether
 * it was a light day. */
final readonly class Performed
{
    /** @param  list<LoggedSet>  $sets */
    public function __construct(
        public Day $date,
        public array $sets,
        public ?int $painBefore = null,
        public ?int $painDuring = null,
        public ?int $painNextMorning = null,
        public bool $stopSign = false,
        public ?string $skipped = null,
        public bool $light = false,
    ) {
    }

    /** @throws InvalidInput */
    public static function read(Bag $bag): self
    {
        $pain = $bag->optBag('pain');
        $skipped = $bag->optString('skipped');
        $sets = array_map(LoggedSet::read(...), $bag->bags('sets'));
        $stop = $bag->bool('stop_sign');
        if ($sets === [] && $skipped === null && ! $stop) {
            throw InvalidInput::at(
                $bag->pointer('sets'), 'A session needs at least one set, or "skipped" with the reason.',
            );
        }

        return new self(
            Day::of($bag->string('date'), $bag->pointer('date')),
            $sets,
            $pain?->optInt('before', 0, 10),
            $pain?->optInt('during', 0, 10),
            $pain?->optInt('next_morning', 0, 10),
            $stop,
            $skipped,
            $bag->bool('light'),
        );
    }

    public function wasDone(): bool
    {
        return $this->skipped === null && $this->sets !== [];
    }

    /** The sets of one side, and those that do not say which; null where all are the other side's. */
    public function onSide(Side $side): ?self
    {
        $sets = array_values(array_filter(
            $this->sets, static fn (LoggedSet $s): bool => ($s->side ?? Side::Both)->touches($side),
        ));

        return $sets === [] && $this->wasDone() && ! $this->stopSign ? null : new self(
            $this->date, $sets, $this->painBefore, $this->painDuring, $this->painNextMorning, $this->stopSign,
            $this->skipped, $this->light,
        );
    }

    /**
     * @param  list<self>  $history
     * @return list<self> of one side, without the sessions in which it rested
     */
    public static function allOn(Side $side, array $history): array
    {
        return array_values(array_filter(array_map(
            static fn (self $p): ?self => $p->onSide($side), $history,
        )));
    }

    public function hardestEffort(): float
    {
        return $this->sets === [] ? 0.0 : max(array_map(static fn (LoggedSet $s): float => $s->effort, $this->sets));
    }

    public function leastAmount(): int
    {
        return $this->sets === [] ? 0 : min(array_map(static fn (LoggedSet $s): int => $s->amount, $this->sets));
    }

    public function brokenSets(): int
    {
        return count(array_filter($this->sets, static fn (LoggedSet $s): bool => $s->formBroke));
    }

    /** Was it done with this load, or this pull as grams, as far as is recorded? */
    public function wasAt(int $loadG): bool
    {
        foreach ($this->sets as $set) {
            $resisted = $set->resistanceG();
            if ($resisted !== null && abs($resisted - $loadG) > Mass::ALIKE_G) {
                return false;
            }
        }

        return true;
    }

    public function meanEffort(): float
    {
        $efforts = array_map(static fn (LoggedSet $s): float => $s->effort, $this->sets);

        return $efforts === [] ? 0.0 : array_sum($efforts) / count($efforts);
    }

    /** Was every set done with at least this load? Sets without a recorded load count as done with the dose's. */
    public function carried(?int $loadG): bool
    {
        foreach ($this->sets as $set) {
            $resisted = $set->resistanceG();
            if ($loadG !== null && $resisted !== null && $resisted < $loadG - Mass::ALIKE_G) {
                return false;
            }
        }

        return true;
    }
}
