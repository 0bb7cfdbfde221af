<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/**
 * The load before anything was measured: a share of body mass (Exercises\StartFloor), half of it for a weak grip or a
 * fragile client, and the lightest there is under a heart, valve, platelet, fistula, lymphedema or surgical cap. House
 * convention.
 */
final readonly class Start
{
    private const HALF = 0.5;

    /** A first load this many times the floor is too far from it. House convention. */
    private const FARTHEST = 2;

    /**
     * @param  int|null  $floorG  grams as the ladder counts them; null where the exercise has none
     * @param  bool  $lightest  the lightest there is instead of the one nearest the floor
     * @param  bool  $emptyCarriers  may an empty bag be the load? Only for a hand that can do no more.
     */
    public function __construct(
        private ?int $floorG,
        private Kit $kit,
        private bool $lightest = false,
        private bool $emptyCarriers = false,
    ) {
    }

    public static function of(RungHere $here): self
    {
        $client = $here->situation->client;
        $weak = $client->function->grip($here->workingSide()) === Grip::Weak;
        $share = $here->rung->work->start?->percent();
        $floor = $share === null ? null : $client->bodyMassKg * 10 * $share;
        if ($weak || $here->situation->isFragile()) {
            $floor = $floor === null ? null : $floor * self::HALF;
        }
        $lightest = $here->situation->envelope->is(ConditionTrait::LightestStart);

        return new self(
            $floor === null ? null : max(1, (int) round($floor)), $here->situation->kit, $lightest, $weak,
        );
    }

    /** Null where nothing is light enough. */
    public function load(Ladder $ladder, LoadCap $cap): ?Makeable
    {
        $allowed = array_values(array_filter(
            $ladder->loads, static fn (Makeable $m): bool => ! $cap->forbids($m->loadG),
        ));
        $full = array_values(array_filter(
            $allowed, fn (Makeable $m): bool => $this->emptyCarriers || ! $this->kit->isEmptyCarrier($m),
        ));
        // Where nothing else is near, or a cap leaves nothing else, an empty bag is the load.
        $lightest = $full[0] ?? null;
        $far = $lightest === null
            || ($this->floorG !== null && $lightest->loadG > self::FARTHEST * $this->floorG
                && $allowed[0] !== $lightest);
        $of = new Ladder($ladder->holding, $far ? $allowed : $full);

        return $this->startsLightest() ? $of->lightest() : $of->best((float) $this->floorG, $cap->grams);
    }

    private function startsLightest(): bool
    {
        return $this->lightest || $this->floorG === null;
    }

    public function says(): string
    {
        return $this->startsLightest()
            ? 'No usable easy set yet: the lightest load there is, 15 reps, RPE up to 5.'
            : sprintf(
                'No usable easy set yet: a load near %s to begin with, 15 reps, RPE up to 5.',
                Mass::say((int) $this->floorG),
            );
    }
}
