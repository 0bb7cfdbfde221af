<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/**
 * One load for each ten grams: nobody at home can tell closer ones apart. Within the cap goes before over it, then the
 * fewest parts, then the lightest.
 */
final class TenGramBins
{
    /** @var array<int, int> ten grams to grams */
    private array $load = [];

    /** @var array<int, int> ten grams to number of parts */
    private array $parts = [];

    /** @var array<int, Makeable|int> the load itself, or the number of the filling it comes from */
    private array $from = [];

    /** @var list<array{Carrier, PackingSums}> */
    private array $fillings = [];

    public function __construct(private readonly int $capG)
    {
    }

    public function offer(int $loadG, Makeable $load, int $parts): void
    {
        $bin = intdiv($loadG + 5, MakeableLoads::MERGE_G);
        if ($this->isBetter($bin, $loadG, $parts)) {
            $this->load[$bin] = $loadG;
            $this->parts[$bin] = $parts;
            $this->from[$bin] = $load;
        }
    }

    /** Every sum of a carrier's fillings; which of them wins is settled before a recipe is made. */
    public function offerFillings(Carrier $carrier, PackingSums $sums): void
    {
        $number = count($this->fillings);
        $this->fillings[] = [$carrier, $sums];
        $own = $carrier->massG;
        $batch = $carrier->batch();
        foreach ($sums->parts as $sum => $count) {
            $loadG = $own + $sum;
            $bin = intdiv($loadG + 5, MakeableLoads::MERGE_G);
            $parts = $count * $batch + 1;
            if (! isset($this->load[$bin]) || $this->isBetter($bin, $loadG, $parts)) {
                $this->load[$bin] = $loadG;
                $this->parts[$bin] = $parts;
                $this->from[$bin] = $number;
            }
        }
    }

    /** @return list<Makeable> ascending */
    public function loads(): array
    {
        ksort($this->load);
        $loads = [];
        foreach ($this->load as $bin => $loadG) {
            $from = $this->from[$bin];
            if (is_int($from)) {
                [$carrier, $sums] = $this->fillings[$from];
                $from = new Makeable(
                    $loadG, $carrier->id, new Filling($sums, $loadG - $carrier->massG, $carrier->batch()),
                );
            }
            $loads[] = $from;
        }

        return $loads;
    }

    private function isBetter(int $bin, int $loadG, int $parts): bool
    {
        $held = $this->load[$bin] ?? null;
        if ($held === null) {
            return true;
        }
        $over = $loadG > $this->capG;
        $heldOver = $held > $this->capG;
        if ($over !== $heldOver) {
            return $heldOver;
        }

        return $parts !== $this->parts[$bin] ? $parts < $this->parts[$bin] : $loadG < $held;
    }
}
