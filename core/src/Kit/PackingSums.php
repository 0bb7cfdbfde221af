<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/**
 * Every sum that a bounded set of pieces can make up to a ceiling, each with a recipe of the fewest parts: a bounded
 * subset sum by dynamic programming over grams (in steps of their greatest common divisor). Counts are split into
 * powers of two, so that a kind of thirty costs five passes and not thirty.
 */
final readonly class PackingSums
{
    /**
     * @param  array<int, int>  $parts  sum in grams to fewest pieces, ascending, without the empty one
     * @param  array<int, int>  $node  sum in grams to the end of its chain
     * @param  list<int>  $linkKind
     * @param  list<int>  $linkCount
     * @param  list<int>  $linkBefore
     * @param  list<string>  $ids
     */
    private function __construct(
        public array $parts,
        private array $node = [],
        private array $linkKind = [],
        private array $linkCount = [],
        private array $linkBefore = [],
        private array $ids = [],
    ) {
    }

    /**
     * The fewest pieces that make a sum.
     *
     * @return array<string, int> piece id to count
     */
    public function recipe(int $sumG): array
    {
        $recipe = [];
        for ($at = $this->node[$sumG] ?? -1; $at >= 0; $at = $this->linkBefore[$at]) {
            $id = $this->ids[$this->linkKind[$at]];
            $recipe[$id] = ($recipe[$id] ?? 0) + $this->linkCount[$at];
        }

        return $recipe;
    }

    /**
     * @param  list<array{id: string, mass: int, count: int}>  $kinds  masses in grams, above zero
     * @param  int  $ceilingG  highest sum of interest
     * @param  int  $maxParts  most pieces in one recipe
     */
    public static function of(array $kinds, int $ceilingG, int $maxParts): self
    {
        $kinds = self::heaviestFirst($kinds, $ceilingG);
        if ($kinds === [] || $maxParts < 1) {
            return new self([]);
        }
        $unit = array_reduce($kinds, static fn (int $g, array $k): int => self::gcd($g, $k['mass']), 0);
        $top = intdiv($ceilingG, $unit);
        // Fewest pieces for each sum, and the end of an immutable chain of (kind, count, before) links for its recipe.
        // Plain packed arrays and integer loops: this is the one place where the core counts to millions.
        $none = PHP_INT_MAX >> 1;
        $parts = [0] + array_fill(0, $top + 1, $none);
        $node = array_fill(0, $top + 1, -1);
        $linkKind = $linkCount = $linkBefore = [];
        $links = $reach = 0;
        foreach ($kinds as $k => $kind) {
            $left = min($kind['count'], $maxParts, intdiv($ceilingG, $kind['mass']));
            for ($bundle = 1; $left > 0; $bundle *= 2) {
                $take = min($bundle, $left);
                $left -= $take;
                $mass = intdiv($kind['mass'] * $take, $unit);
                $to = min($reach, $top - $mass) + $mass;
                // More parts than fit are dropped at the end: nothing with fewer parts is built on them.
                for ($sum = $to - $mass; $sum >= 0; $sum--, $to--) {
                    $count = $parts[$sum] + $take;
                    if ($count < $parts[$to]) {
                        $parts[$to] = $count;
                        $linkKind[] = $k;
                        $linkCount[] = $take;
                        $linkBefore[] = $node[$sum];
                        $node[$to] = $links++;
                    }
                }
                $reach = min($top, $reach + $mass);
            }
        }
        [$found, $ends] = self::reached($parts, $node, $reach, $unit, $maxParts);

        return new self($found, $ends, $linkKind, $linkCount, $linkBefore, array_column($kinds, 'id'));
    }

    /**
     * What fits under the ceiling, the heaviest first: what comes after seldom makes a sum of fewer parts, and so
     * seldom writes.
     *
     * @param  list<array{id: string, mass: int, count: int}>  $kinds
     * @return list<array{id: string, mass: int, count: int}>
     */
    private static function heaviestFirst(array $kinds, int $ceilingG): array
    {
        $fits = static fn (array $k): bool => $k['count'] > 0 && $k['mass'] <= $ceilingG;
        $kinds = array_values(array_filter($kinds, $fits));
        usort($kinds, static fn (array $a, array $b): int => $b['mass'] <=> $a['mass']);

        return $kinds;
    }

    /**
     * @param  array<int, int>  $parts
     * @param  array<int, int>  $node
     * @return array{array<int, int>, array<int, int>} sum in grams to its fewest parts, and to the end of its chain
     */
    private static function reached(array $parts, array $node, int $reach, int $unit, int $maxParts): array
    {
        $found = $ends = [];
        for ($sum = 1; $sum <= $reach; $sum++) {
            if ($parts[$sum] <= $maxParts) {
                $found[$sum * $unit] = $parts[$sum];
                $ends[$sum * $unit] = $node[$sum];
            }
        }

        return [$found, $ends];
    }

    private static function gcd(int $a, int $b): int
    {
        return $b === 0 ? $a : self::gcd($b, $a % $b);
    }
}
