<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\GripAid;
use BuoyantStep\Core\Vocabulary\GripClass;
use Closure;

/** Works out the ladder of loads that a kit can make for one way of holding. */
final class MakeableLoads
{
    /** Loads that round to the same ten grams are one load: nobody at home can tell them apart. */
    public const MERGE_G = 10;

    /**
     * @param  int  $capG  loads of interest up to here, grams (per hand for each_hand); the first load above is kept
     *     too
     * @param  GripClass|null  $gripMax  the hardest grip the hand can do; null when not limited
     * @param  Grip|null  $hand  when known, also holds the mass rule of a weak hand
     * @param  list<GripAid>  $aids  what holds in place of the fingers
     */
    public static function ladder(
        Kit $kit,
        Holding $holding,
        int $capG,
        ?GripClass $gripMax = null,
        ?Grip $hand = null,
        array $aids = [],
    ): Ladder {
        $hands = $holding === Holding::EachHand ? 2 : 1;
        $aided = static fn (GripClass $grip): bool => array_filter(
            $aids, static fn (GripAid $a): bool => $a->covers($grip),
        ) !== [];
        $fits = static function (Piece|Carrier $thing, int $mass) use (
            $holding, $gripMax, $hand, $aided,
        ): bool {
            $grip = WornOn::gripFor($holding, $thing->grip, $thing->wornOn);

            return $grip !== null
                && ($holding === Holding::Lap || $gripMax === null || $grip->rank() <= $gripMax->rank())
                && ($holding === Holding::Lap || $hand === null || $hand->allows($grip, $mass) || $aided($grip));
        };

        // Loads that fall on the same ten grams are merged before their recipes are read out: most are never asked for.
        $bins = new TenGramBins($capG);
        self::offerPieces($bins, $kit, $hands, $fits);
        self::offerCarriers($bins, $kit, $hands, $fits, $capG + self::heaviest($kit));

        return new Ladder($holding, $bins->loads());
    }

    /**
     * Taking any one piece out of the lightest load above the cap brings it to the cap or below, so it lies no further
     * above the cap than the heaviest piece (twice that for plates, which come in pairs).
     */
    private static function heaviest(Kit $kit): int
    {
        $heaviest = 0;
        foreach ($kit->pieces as $piece) {
            $heaviest = max($heaviest, $piece->massG * ($piece->isPlate ? 2 : 1));
        }

        return $heaviest;
    }

    /** @param  Closure(Piece|Carrier, int): bool  $fits */
    private static function offerPieces(TenGramBins $bins, Kit $kit, int $hands, Closure $fits): void
    {
        foreach ($kit->pieces as $piece) {
            if (
                $piece->holdable
                && ! $piece->isPlate
                && intdiv($piece->count, $hands) >= 1
                && $fits($piece, $piece->massG)
            ) {
                $bins->offer($piece->massG, new Makeable($piece->massG, null, [$piece->id => 1]), 1);
            }
        }
    }

    /** @param  Closure(Piece|Carrier, int): bool  $fits */
    private static function offerCarriers(
        TenGramBins $bins,
        Kit $kit,
        int $hands,
        Closure $fits,
        int $ceiling,
    ): void {
        foreach ($kit->carriers as $carrier) {
            if (intdiv($carrier->count, $hands) < 1 || ! $fits($carrier, 0)) {
                continue;
            }
            if ($carrier->massG >= self::MERGE_G && $fits($carrier, $carrier->massG)) {
                $bins->offer($carrier->massG, new Makeable($carrier->massG, $carrier->id, []), 1);
            }
            // Only a weak hand has a limit of mass, and only for a soft carrier.
            $most = $fits($carrier, PHP_INT_MAX)
                ? $carrier->maxMassG
                : min($carrier->maxMassG, Grip::WEAK_SOFT_BELOW_G - 1 - $carrier->massG);
            $fillings = self::fillings($kit, $carrier, $hands, min($most, max(0, $ceiling - $carrier->massG)));
            $bins->offerFillings($carrier, $fillings);
        }
    }

    private static function fillings(Kit $kit, Carrier $carrier, int $hands, int $ceilingG): PackingSums
    {
        $batch = $carrier->batch();
        $kinds = [];
        foreach ($kit->pieces as $piece) {
            if ($carrier->takes($piece)) {
                $kinds[] = [
                    'id' => $piece->id, 'mass' => $piece->massG * $batch,
                    'count' => intdiv(intdiv($piece->count, $hands), $batch),
                ];
            }
        }

        return PackingSums::of($kinds, $ceilingG, intdiv($carrier->maxPieces, $batch));
    }
}
