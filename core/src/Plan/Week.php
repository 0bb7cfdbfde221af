<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Pattern;
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
     * @param  array<string, list<int>>  $light  family to its light days
     * @param  list<int>  $days  1 Monday to 7 Sunday
     * @param  int  $hours  between two sessions of the same muscles
     */
    public function __construct(
        private array $items,
        private array $light,
        public array $days,
        private int $hours,
        private bool $usesWheels = false,
    ) {
        $sets = [];
        foreach (array_keys(self::REGIONS) as $region) {
            $sets[$region] = count($days) * $this->setsOf(
                static fn (Planned $i): bool => self::trains($i, Region::from($region)),
            );
        }
        $this->sets = $sets;
        $this->pull = count($days) * $this->setsOf(
            static fn (Planned $i): bool => $i->family->pattern === Pattern::Pull,
        );
        $this->push = count($days) * $this->setsOf(
            static fn (Planned $i): bool => $i->family->pattern === Pattern::Push,
        );
        $this->findings = [...$this->unrested(), ...$this->balance()];
    }

    /** @param  callable(Planned): bool  $which */
    private function setsOf(callable $which): int
    {
        return array_sum(array_map(static fn (Planned $i): int => $which($i) ? $i->dose->sets : 0, $this->items));
    }

    private static function trains(Planned $item, Region $region): bool
    {
        $works = $item->rung->demands->scope()->region;
        $tires = ! $item->goal->isPreparation() && ! in_array(
            $item->goal, [Goal::Balance, Goal::Mobility, Goal::Isometric, Goal::Learn], true,
        );

        return $tires && ($works === $region || $works === Region::Whole);
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
        foreach ($this->items as $item) {
            if (
                self::trains($item, Region::from($region))
                && ! in_array($day, $this->light[$item->family->code] ?? [], true)
            ) {
                return true;
            }
        }

        return false;
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
                    ! in_array($d, $this->days, true), $this->sets[$region] === 0 => '',
                    $this->isHeavy($region, $d) => 'full',
                    default => 'light',
                }, range(1, 7)),
            ];
        }

        return [
            'days' => $this->days, 'regions' => $regions, 'pull' => $this->pull, 'push' => $this->push,
            'findings' => $this->findings,
        ];
    }
}
