<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Forecast;

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Ladders;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * What to buy next for one client: where the kit ends a load, or a next rung lacks one thing. Each candidate by itself,
 * then every set of up to three of the best few, all tried out in the ladders that they would make.
 */
final readonly class Shopping
{
    /** Masses of single weights and of cuffs that are sold everywhere, grams. House list. */
    private const MASSES_G = [500, 750, 1000, 1250, 1500, 1750, 2000, 2500, 3000, 4000, 5000, 6000, 8000, 10_000];

    private const CUFFS_G = [500, 1000, 1500, 2000];

    /** Of which sets are tried. */
    private const BEST_FEW = 8;

    private const AT_MOST = 3;

    private const NAMED = 4;

    /**
     * @param  list<StepsAhead>  $loaded  exercises that take a load
     * @param  list<RungHere>  $rungs  of the whole plan, for the rung after each
     * @param  list<Purchase>|null  $candidates  what may be bought; the house list where null
     */
    public function __construct(
        private Kit $kit,
        private array $loaded,
        private array $rungs = [],
        private ?array $candidates = null,
    ) {
    }

    /** @return list<Bought> the best first, the best set among them where it does more; empty when nothing is needed */
    public function list(): array
    {
        $wanting = $this->wanting();
        if ($wanting === []) {
            return $this->things();
        }
        $all = self::ranked(array_map(
            fn (Purchase $p): Bought => $this->bought($p, $wanting), $this->candidates ?? self::candidates($wanting),
        ));
        $singles = self::helping($all);
        $sets = self::helping(self::ranked($this->sets($this->few($all, $wanting), $wanting)));
        $best = $sets !== [] && ($singles === [] || $sets[0]->isBefore($singles[0])) ? [$sets[0]] : [];

        return [...$best, ...array_slice(self::telling($singles), 0, self::NAMED), ...$this->things()];
    }

    /**
     * Of those that do no more for the same exercises than one before, none.
     *
     * @param  list<Bought>  $singles  the best first
     * @return list<Bought>
     */
    private static function telling(array $singles): array
    {
        $told = [];
        foreach ($singles as $bought) {
            $known = array_filter($told, static fn (Bought $t): bool => array_diff($bought->opens, $t->opens) === []);
            $told = $known === [] ? [...$told, $bought] : $told;
        }

        return $told;
    }

    /**
     * Those that sets are made of: the best by themselves and beside the best one. What does nothing alone may be what
     * the next one needs.
     *
     * @param  list<Bought>  $all  the best first
     * @param  list<array{StepsAhead, int}>  $wanting
     * @return list<Purchase>
     */
    private function few(array $all, array $wanting): array
    {
        if (count($all) > self::BEST_FEW) {
            $best = $all[0]->purchase;
            $beside = array_map(fn (Bought $b): array => [
                $b->purchase === $best ? $b : $this->bought(Purchase::together([$best, $b->purchase]), $wanting),
                $b->purchase,
            ], $all);
            usort($beside, static fn (array $a, array $b): int => $a[0]->isBefore($b[0]) ? -1 : 1);
            $half = intdiv(self::BEST_FEW, 2);
            $few = [...array_slice(array_column($all, 'purchase'), 0, $half), ...array_column($beside, 1)];
        }
        $chosen = [];
        foreach ($few ?? array_column($all, 'purchase') as $purchase) {
            if (! in_array($purchase, $chosen, true) && count($chosen) < self::BEST_FEW) {
                $chosen[] = $purchase;
            }
        }

        return $chosen;
    }

    /** @return list<array{StepsAhead, int}> exercises that the kit ends soon, with the steps there are */
    private function wanting(): array
    {
        $ladders = new Ladders($this->kit);
        $wanting = [];
        foreach ($this->loaded as $ahead) {
            $steps = $ahead->in($ladders);
            if ($steps < StepsAhead::ENOUGH && ! $ahead->endsByItself()) {
                $wanting[] = [$ahead, $steps];
            }
        }

        return $wanting;
    }

    /**
     * @param  list<array{StepsAhead, int}>  $wanting
     * @return list<Purchase>
     */
    private static function candidates(array $wanting): array
    {
        $straps = array_filter($wanting, static fn (array $w): bool => self::isStrapped($w[0]->here)) !== [];
        $topG = $wanting === [] ? 0 : max(array_map(static fn (array $w): int => $w[0]->topG, $wanting));
        $candidates = [];
        foreach (self::MASSES_G as $massG) {
            // What is heavier than anybody here will lift is not worth a trial.
            if ($massG <= $topG) {
                $candidates[] = Purchase::weights($massG, 1);
                $candidates[] = Purchase::weights($massG, 2);
            }
        }
        $candidates = [...$candidates, Purchase::adjustable(1), Purchase::adjustable(2), Purchase::bag()];
        if (array_filter($wanting, static fn (array $w): bool => self::isWorn($w[0]->here)) !== []) {
            $candidates[] = Purchase::backpack();
        }
        foreach ($straps ? self::CUFFS_G : [] as $massG) {
            $candidates[] = Purchase::cuffs($massG, 1);
            $candidates[] = Purchase::cuffs($massG, 2);
        }

        return $candidates;
    }

    /** Is the load strapped on: at the ankle, or to a hand that cannot hold it? */
    private static function isStrapped(RungHere $here): bool
    {
        return $here->rung->work->holding === Holding::Cuff
            || in_array($here->situation->client->function->grip(Side::Both), [Grip::None, Grip::Weak], true);
    }

    private static function isWorn(RungHere $here): bool
    {
        return $here->rung->work->holding === Holding::Worn;
    }

    /** @param  list<array{StepsAhead, int}>  $wanting */
    private function bought(Purchase $purchase, array $wanting): Bought
    {
        $ladders = new Ladders($purchase->addedTo($this->kit));
        $opens = [];
        $more = 0;
        foreach ($wanting as [$ahead, $before]) {
            $gained = $ahead->in($ladders) - $before;
            if ($gained > 0) {
                $opens[] = $ahead->here->rung->name;
                $more += $gained;
            }
        }

        return new Bought($purchase, $opens, $more);
    }

    /**
     * @param  list<Purchase>  $of
     * @param  list<array{StepsAhead, int}>  $wanting
     * @return list<Bought> every set of two up to the most
     */
    private function sets(array $of, array $wanting): array
    {
        $sets = [];
        for ($mask = 1; $mask < 1 << count($of); $mask++) {
            $chosen = array_values(array_filter(
                $of, static fn (int $i): bool => ($mask >> $i & 1) === 1, ARRAY_FILTER_USE_KEY,
            ));
            if (count($chosen) >= 2 && count($chosen) <= self::AT_MOST) {
                $sets[] = $this->bought(Purchase::together($chosen), $wanting);
            }
        }

        return $sets;
    }

    /** @return list<Bought> one thing that the next rung of an exercise lacks */
    private function things(): array
    {
        $opens = [];
        foreach ($this->rungs as $here) {
            $position = $here->family->position($here->rung->code);
            $rung = $here->family->rungs[$position + 1] ?? null;
            $next = $rung === null ? null : $here->situation->at($here->family, $rung);
            $missing = $next === null || $next->isOut() || $next->notYet() !== null ? [] : $next->missing();
            if ($next !== null && count($missing) === 1 && $missing[0]->isBought()) {
                $opens[$missing[0]->value][] = $next->rung->name;
            }
        }
        $things = [];
        foreach ($opens as $code => $names) {
            $things[] = new Bought(Purchase::thing(Thing::from($code)), $names, count($names));
        }

        return self::helping(self::ranked($things));
    }

    /**
     * @param  list<Bought>  $all
     * @return list<Bought> the best first
     */
    private static function ranked(array $all): array
    {
        usort($all, static fn (Bought $a, Bought $b): int => $a->isBefore($b) ? -1 : ($b->isBefore($a) ? 1 : 0));

        return $all;
    }

    /**
     * @param  list<Bought>  $all
     * @return list<Bought>
     */
    private static function helping(array $all): array
    {
        return array_values(array_filter($all, static fn (Bought $b): bool => $b->helps()));
    }
}
