<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Body\Segment;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Reach;
use BuoyantStep\Core\Vocabulary\Region;

/** The way a band is stretched in one exercise by one body: from where to where, and how that is set up. */
final readonly class BandWay
{
    /** Height of the top of a door, mm: where a band over it is anchored. House estimate. */
    public const DOOR_TOP_MM = 2000;

    /** A sitting shoulder, of a standing one's height. House estimate. */
    public const SITTING = 0.75;

    /** An unhurried step, of body height. House estimate, for pacing it out. */
    private const PACE = 0.41;

    /**
     * Distance between the fixed and the moving end at the start, of body height, where the body sets it: from the
     * segment lengths of Winter 2009, rounded. Shoe to hanging hand, chair leg to ankle, backrest to elbow, hands at
     * shoulder width, leg to leg. The foot of a sofa behind to the hands and the leg of a table to one's own: house.
     */
    private const START = [
        'underfoot' => 0.40, 'chair_leg' => 0.28, 'chair_back' => 0.22, 'hands' => 0.26, 'around_limb' => 0.14,
        'sofa_foot' => 0.45, 'table_leg' => 0.30,
    ];

    private const START_ELSEWHERE = 0.2;

    /**
     * @param  int|null  $standMm  from the anchor to the middle of the body, where one walks away from it
     * @param  int|null  $freeMm  band to leave free between anchor and hand, where the body fixes the distance
     * @param  int|null  $anchorMm  height of the anchor, where one walks away from it
     */
    private function __construct(
        public Band $band,
        public float $startMm,
        public string $says,
        public ?int $standMm = null,
        public ?int $freeMm = null,
        public ?int $anchorMm = null,
    ) {
    }

    /**
     * @param  'end'|'mean'  $at
     *
     * @throws InvalidInput when no set-up within the measured and safe stretch meets the force
     */
    public static function of(
        KitBand $kitBand,
        BandUse $use,
        Rung $rung,
        int $heightMm,
        string $at,
        float $forceN,
    ): self {
        return match (true) {
            $use->isWalkedAway() => self::walkedAway($kitBand, $use, $rung, $heightMm, $at, $forceN),
            self::isLegLoop($kitBand, $use) => self::loop($kitBand, $use, $heightMm, $at, $forceN),
            default => self::gripped($kitBand, $use, $heightMm, $at, $forceN),
        };
    }

    /**
     * The least and the most that the way can pull from a taut start, newtons.
     *
     * @param  'end'|'mean'  $at
     *
     * @throws InvalidInput when the band is too short for the way
     */
    public static function reach(KitBand $kitBand, BandUse $use, int $heightMm, string $at): Reach
    {
        $travel = $use->travelMm($heightMm);
        $band = self::band($kitBand, $use);

        return $use->isWalkedAway() || self::isLegLoop($kitBand, $use)
            ? $band->reachByStart($travel, $at, Band::RECOMMENDED_START_PCT)
            : $band->reachByRest(self::start($use) * $heightMm, $travel, $at, Band::RECOMMENDED_START_PCT);
    }

    /** @param  'end'|'mean'  $at */
    private static function walkedAway(
        KitBand $kitBand,
        BandUse $use,
        Rung $rung,
        int $heightMm,
        string $at,
        float $forceN,
    ): self {
        $band = self::band($kitBand, $use);
        $start = $band->startFor($use->travelMm($heightMm), $at, $forceN);
        [$anchor, $drop, $arm] = self::geometry($use, $rung, $heightMm);
        $along = $start > $drop ? sqrt($start ** 2 - $drop ** 2) : 0.0;
        $stand = (int) round($along + $arm);
        $says = self::ends($kitBand, $use).sprintf(
            'Anchor: %s. Stand or sit %d cm from it: about %s shoe lengths, or %s of your own steps.', $use->label(),
            (int) round($stand / 10), self::halves($stand / (Segment::FOOT * $heightMm)),
            self::halves($stand / (self::PACE * $heightMm)),
        );

        return new self($band, $start, $says, standMm: $stand, anchorMm: $anchor);
    }

    /**
     * Heights and lengths in mm: of the anchor, of its drop to the shoulder, and of the arm that reaches for it.
     *
     * @return array{int, float, float}
     */
    private static function geometry(BandUse $use, Rung $rung, int $heightMm): array
    {
        $shoulder = Segment::SHOULDER_HEIGHT * $heightMm * ($rung->demands->isSeated() ? self::SITTING : 1.0);
        $fromTop = $use->anchor === 'door_top';
        $anchor = $fromTop ? self::DOOR_TOP_MM : (int) round($shoulder * 0.85);
        // Pulls begin with the arms out towards the anchor; presses against a side pull with the hands at the chest.
        $arm = $rung->demands->scope()->region === Region::Trunk ? 0.0 : Segment::REACH * $heightMm;

        return [$anchor, $fromTop ? max(0.0, $anchor - $shoulder) : 0.0, $arm];
    }

    /**
     * The mean pull of somebody who stands or sits so far from the anchor, newtons; null where nobody walks away, the
     * band is slack there, or it is longer than was measured.
     */
    public static function pullAt(KitBand $kitBand, BandUse $use, Rung $rung, int $heightMm, int $standMm): ?float
    {
        if (! $use->isWalkedAway()) {
            return null;
        }
        [, $drop, $arm] = self::geometry($use, $rung, $heightMm);
        $start = sqrt(max(0.0, $standMm - $arm) ** 2 + $drop ** 2);
        $band = self::band($kitBand, $use);

        return $start <= $band->restMm ? null : $band->mean($start, $start + $use->travelMm($heightMm));
    }

    /** @param  'end'|'mean'  $at */
    private static function loop(KitBand $kitBand, BandUse $use, int $heightMm, string $at, float $forceN): self
    {
        $band = self::band($kitBand, $use);
        $start = $band->startFor($use->travelMm($heightMm), $at, $forceN);

        return new self($band, $start, sprintf(
            'Anchor: %s. Begin with %d cm from outside to outside, where the loop lies.', $use->label(),
            (int) round($start / 10),
        ));
    }

    /** @param  'end'|'mean'  $at */
    private static function gripped(KitBand $kitBand, BandUse $use, int $heightMm, string $at, float $forceN): self
    {
        $band = self::band($kitBand, $use);
        $start = self::start($use) * $heightMm;
        $exact = $band->restFor($start, $use->travelMm($heightMm), $at, $forceN);
        // Whole centimetres, rounded to the longer and so the lighter side, unless that would leave it slack.
        $whole = ceil($exact / 10) * 10;
        $taut = min($band->restMm, $start / (1 + Band::RECOMMENDED_START_PCT / 100));
        $band = $band->shortenedTo($whole <= $taut ? $whole : $exact);
        $free = (int) round($band->restMm);
        $says = self::ends($kitBand, $use).sprintf(
            'Anchor: %s. Grip or knot it so that %d cm of slack band lies free%s.', $use->label(),
            (int) round($free / 10), self::isFolded($kitBand, $use) ? ' on each side' : '',
        );

        return new self($band, $start, $says, freeMm: $free);
    }

    private static function start(BandUse $use): float
    {
        return self::START[$use->anchor] ?? self::START_ELSEWHERE;
    }

    /** A loop is two strands already and cannot be folded at the anchor. */
    private static function isFolded(KitBand $kitBand, BandUse $use): bool
    {
        return $use->folded && $kitBand->form !== BandForm::Loop;
    }

    /** Round both legs a loop is as long as it is: the stance makes the pull. */
    private static function isLegLoop(KitBand $kitBand, BandUse $use): bool
    {
        return $use->anchor === 'around_limb' && $kitBand->form === BandForm::Loop;
    }

    private static function band(KitBand $kitBand, BandUse $use): Band
    {
        return self::isFolded($kitBand, $use) ? $kitBand->band->folded() : $kitBand->band;
    }

    private static function ends(KitBand $kitBand, BandUse $use): string
    {
        return self::isFolded($kitBand, $use) ? 'Its middle at the anchor, an end in each hand. ' : '';
    }

    private static function halves(float $n): string
    {
        return rtrim(rtrim(number_format(round($n * 2) / 2, 1, '.', ''), '0'), '.');
    }
}
