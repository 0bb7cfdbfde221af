<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Units\Day;
use JsonSerializable;

/** The weeks of a block from its first day, the dates ahead that fall into them, and the re-test at its end. */
final readonly class TrainingBlock implements JsonSerializable
{
    /** Source: practice; re-test every 4 to 8 weeks. */
    public const WEEKS = [4, 6, 8];

    /** Where an easier week is wished for, it is every so many-th. Source: practice. */
    private const EASIER_EVERY = 4;

    /**
     * @param  int  $weeks  4, 6 or 8
     * @param  list<Crossing>  $crossings  soonest first
     * @param  bool  $easier  is every fourth week an easier one?
     */
    public function __construct(
        public Day $start,
        public int $weeks,
        private array $crossings,
        private Day $today,
        public bool $easier = false,
    ) {
    }

    public function retest(): Day
    {
        return $this->start->plus(7 * $this->weeks);
    }

    /** Which week of the block today is in, 1 first; null before it and after it. */
    public function week(): ?int
    {
        return $this->weekOf($this->today);
    }

    private function weekOf(Day $day): ?int
    {
        $week = intdiv($this->start->daysTo($day), 7) + 1;

        return $day->isBefore($this->start) || $week > $this->weeks ? null : $week;
    }

    /** Is this day in an easier week? */
    public function isEasierOn(Day $day): bool
    {
        return $this->isEasier($this->weekOf($day) ?? 0);
    }

    private function isEasier(int $week): bool
    {
        return $this->easier && $week > 0 && $week % self::EASIER_EVERY === 0;
    }

    /** @return list<array{Day, Day}> first and last day of each easier week, soonest first */
    public function easierWeeks(): array
    {
        $found = [];
        for ($week = self::EASIER_EVERY; $this->easier && $week <= $this->weeks; $week += self::EASIER_EVERY) {
            $from = $this->start->plus(7 * ($week - 1));
            $found[] = [$from, $from->plus(6)];
        }

        return $found;
    }

    /** @return list<Crossing> within the block, from today on: where limits tighten, it is cut short there */
    private function within(Day $from, Day $until): array
    {
        return array_values(array_filter(
            $this->crossings,
            static fn (Crossing $c): bool => ! $c->date->isBefore($from) && $c->date->isBefore($until),
        ));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $weeks = [];
        for ($n = 0; $n < $this->weeks; $n++) {
            $from = $this->start->plus(7 * $n);
            $weeks[] = [
                'n' => $n + 1, 'from' => $from->label(), 'now' => $n + 1 === $this->week(),
                'easier' => $this->isEasier($n + 1),
                'dates' => array_map(static fn (Crossing $c): array => [
                    'on' => $c->date->label(), 'says' => $c->says, 'tightens' => $c->tightens,
                ], $this->within($from, $from->plus(7))),
            ];
        }

        $retest = $this->retest();

        return [
            'weeks' => $weeks, 'easier' => $this->easier, 'retest' => $retest->label(),
            'over' => ! $this->today->isBefore($retest),
        ];
    }
}
