<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\BandCap;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Exercises\BandUse;
use BuoyantStep\Core\Exercises\BandUser;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Material;

/**
 * What the measured bands of a home pull in one exercise, whole newtons of the mean over the travel: by standing
 * further away or gripping shorter, by doubling, by the next band; never past the cap at the end of the travel.
 */
final readonly class Pulls
{
    /** @param  array<int, KitBand>  $bands  the band for each pull, newtons ascending; of two the plainer one */
    private function __construct(private array $bands)
    {
    }

    public static function of(RungHere $here): self
    {
        $use = $here->rung->work->band;
        $bands = [];
        if ($use !== null) {
            $cap = self::cap($here);
            foreach (self::candidates($here, $use) as $band) {
                foreach (self::ofBand($here, $use, $band, $cap) as $newtons) {
                    $bands[$newtons] ??= $band;
                }
            }
        }
        ksort($bands);

        return new self($bands);
    }

    /** The hardest pull at the end of a travel that the limits allow here. */
    public static function cap(RungHere $here): BandCap
    {
        $cap = DoseLimits::of($here)->cap();

        return new BandCap(
            $cap->grams === null ? null : $cap->grams / 1000 * Gravity::G, (string) $cap->says(),
        );
    }

    public static function user(RungHere $here): BandUser
    {
        return new BandUser(
            $here->situation->client, $here->situation->place->friction(),
            $here->situation->envelope->is(ConditionTrait::UsesWheels),
        );
    }

    /**
     * May a band that nobody has measured be used by how it feels? Only where nothing caps the load of what works.
     */
    public static function mayGoByFeel(RungHere $here): bool
    {
        $limits = DoseLimits::of($here);

        return $limits->cap()->grams === null && ! $limits->isBlind();
    }

    /** @return list<KitBand> the bands that this client may use, whether or not they were measured */
    public static function usable(RungHere $here): array
    {
        return array_values(array_filter(
            $here->situation->kit->bands, static fn (KitBand $b): bool => self::keptFrom($here, $b) === null,
        ));
    }

    /** The limit that keeps a band from this client, whatever other bands there are; null where none does. */
    public static function keptFrom(RungHere $here, KitBand $band): ?Limit
    {
        return $band->mayHoldLatex() ? $here->situation->envelope->avoids(Material::Latex) : null;
    }

    /** @return list<KitBand> each measured band as it is, then doubled */
    private static function candidates(RungHere $here, BandUse $use): array
    {
        $measured = array_values(array_filter(self::usable($here), static fn (KitBand $b): bool => $b->isMeasured()));
        $doubled = $use->folded ? [] : array_filter(array_map(
            static fn (KitBand $b): ?KitBand => $b->doubled(), $measured,
        ));

        return [...$measured, ...array_values($doubled)];
    }

    /** @return list<int> */
    private static function ofBand(RungHere $here, BandUse $use, KitBand $band, BandCap $cap): array
    {
        $height = $here->situation->client->heightMm;
        try {
            $reach = BandSetUp::reach($band, $use, $height, 'mean');
            $end = BandSetUp::reach($band, $use, $height, 'end');
            $most = $reach->most;
            if ($cap->newtons !== null && $cap->newtons < $end->least) {
                return [];
            }
            if ($cap->newtons !== null && $cap->newtons < $end->most) {
                $most = BandSetUp::of($band, $here->rung, self::user($here), 'end', $cap->newtons, $cap)->meanN() ?? 0;
            }
        } catch (InvalidInput) {
            return [];
        }
        $least = max(1, (int) ceil($reach->least - 1e-9));
        $most = (int) floor($most + 1e-9);

        return $most < $least ? [] : range($least, $most);
    }

    /** @return list<int> newtons, ascending */
    public function newtons(): array
    {
        return array_keys($this->bands);
    }

    /** @return list<int> the same as a luggage scale shows it, grams */
    public function grams(): array
    {
        return array_map(Gravity::gramsOf(...), $this->newtons());
    }

    /** The band that gives this pull, and whether it is doubled; null where none does. */
    public function band(int $newtons): ?KitBand
    {
        return $this->bands[$newtons] ?? null;
    }

    /**
     * The pull nearest to this that is not above it; the lightest where all are; null where there is none.
     *
     * @param  KitBand|null  $of  only of this band
     */
    public function nearest(float $newtons, ?KitBand $of = null): ?int
    {
        $there = array_keys(array_filter($this->bands, static fn (KitBand $b): bool => $of === null || $b === $of));
        $under = array_filter($there, static fn (int $n): bool => $n <= $newtons + 1e-9);

        return $under === [] ? $there[0] ?? null : max($under);
    }
}
