<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Vocabulary\Region;
use JsonSerializable;

/**
 * A week of a plan: sets per region and day, pull against push, and whether each muscle group has its rest. Source of
 * the 48 hours: ACSM 2009 position stand.
 */
final readonly class Week implements JsonSerializable
{
    private const NAMES = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

    private const REGIONS = ['lower' => 'legs', 'upper' => 'arms and shoulders', 'trunk' => 'trunk'];

    /** @var array<string, int> region to sets a week */
    public array $sets;

    public int $pull;

    public int $push;

    /** @var list<string> what is asked to be looked at, in words */
    public array $findings;

    /**
     * @param  list<Planned>  $items
     * @param  list<OnDays>  $on  as many as there are exercises
     * @param  list<int>  $days  1 Monday to 7 Sunday
     * @param  int  $hours  between two sessions of the same muscles
     * @param  list<int>  $treatment  days of dialysis or another treatment
     */
    public function __construct(
        private array $items,
        private array $on,
        public array $days,
        private int $hours,
        private bool $usesWheels = false,
        private array $treatment = [],
    ) {
        $sets = [];
        foreach (array_keys(self::REGIONS) as $region) {
            $sets[$region] = $this->setsOf(static fn (Planned $i): bool => self::trains($i, Region::from($region)));
        }
        $this->sets = $sets;
        $this->pull = $this->setsOf(static fn (Planned $i): bool => $i->family->pattern === Pattern::Pull);
        $this->push = $this->setsOf(static fn (Planned $i): bool => $i->family->pattern === Pattern::Push);
        $this->findings = [
            ...$this->unrested(), ...$this->seldom(), ...$this->treated(), ...$this->balance(),
        ];
    }

    /** @param  callable(Planned): bool  $which */
    private function setsOf(callable $which): int
    {
        $sets = 0;
        foreach ($this->items as $place => $item) {
            $held = array_filter($this->days, fn (int $day): bool => ! $this->on[$place]->isOff($day));
            $sets += $which($item) ? count($held) * $item->dose->sets : 0;
        }

        return $sets;
    }

    private static function trains(Planned $item, Region $region): bool
    {
        $tires = Timed::planned($item)->tires();

        return $tires === $region || $tires === Region::Whole;
    }

    /** @return list<string> muscle groups that are trained again too soon, once for each pair of days */
    private function unrested(): array
    {
        $found = [];
        foreach (self::REGIONS as $region => $name) {
            $heavy = array_values(array_filter($this->days, fn (int $d): bool => $this->isHeavy($region, $d)));
            foreach ($heavy as $i => $day) {
                $next = $heavy[($i + 1) % count($heavy)];
                $apart = (($next - $day + 7) % 7 ?: 7) * 24;
                if (count($heavy) > 1 && $apart < $this->hours) {
                    $found[self::NAMES[$day - 1].' and '.self::NAMES[$next - 1].sprintf(
                        ' are %d hours apart; %d are asked for', $apart, $this->hours,
                    )][] = $name;
                }
            }
        }

        return array_map(static fn (string $pair, array $names): string => sprintf(
            '%s (%s). Make one of them a light day, split them, or choose other days.', $pair, implode(', ', $names),
        ), array_keys($found), $found);
    }

    private function isHeavy(string $region, int $day): bool
    {
        foreach ($this->items as $place => $item) {
            $on = $this->on[$place];
            if (self::trains($item, Region::from($region)) && ! $on->isLight($day) && ! $on->isOff($day)) {
                return true;
            }
        }

        return false;
    }

    private function isHeld(string $region, int $day): bool
    {
        foreach ($this->items as $place => $item) {
            if (self::trains($item, Region::from($region)) && ! $this->on[$place]->isOff($day)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> muscle groups that days which differ leave with a single session. Source: ACSM 2009. */
    private function seldom(): array
    {
        $found = [];
        foreach (self::REGIONS as $region => $name) {
            $held = array_filter($this->days, fn (int $d): bool => $this->isHeld($region, $d));
            if (count($held) === 1 && count($this->days) > 1) {
                $found[] = sprintf(
                    '%s: on %s only; two or three days a week are asked for.', ucfirst($name),
                    self::NAMES[array_values($held)[0] - 1],
                );
            }
        }

        return $found;
    }

    /** @return list<string> days that hold a treatment as well. Source: ACSM Guidelines, 11th ed. */
    private function treated(): array
    {
        return array_values(array_map(
            static fn (int $day): string => sprintf(
                '%s has a treatment as well: exercise before it, or choose another day.', self::NAMES[$day - 1],
            ), array_intersect($this->days, $this->treatment),
        ));
    }

    /** @return list<string> */
    private function balance(): array
    {
        $least = $this->usesWheels ? PullOverPush::TIMES * $this->push : $this->push / 2;

        return $this->pull >= $least ? [] : [sprintf(
            '%d sets of pulling against %d of pushing a week: %s.', $this->pull, $this->push, $this->usesWheels
                ? 'shoulders that push a wheelchair pull at least half as much again'
                : 'less than half; the back should not fall behind',
        )];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $regions = [];
        foreach (self::REGIONS as $region => $name) {
            $regions[] = [
                'name' => $name, 'sets' => $this->sets[$region],
                'days' => array_map(fn (int $d): string => match (true) {
                    ! in_array($d, $this->days, true), ! $this->isHeld($region, $d) => '',
                    $this->isHeavy($region, $d) => 'full',
                    default => 'light',
                }, range(1, 7)),
            ];
        }

        return [
            'days' => $this->days, 'treatment' => $this->treatment,
            'regions' => $regions, 'pull' => $this->pull, 'push' => $this->push,
            'findings' => $this->findings,
        ];
    }
}
