<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Body\Segment;
use BuoyantStep\Core\Body\StayPut;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Reach;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use JsonSerializable;

/**
 * One band in one exercise for one client: where to stand, or how short to grip it, so that it pulls as hard as wanted;
 * what it then pulls at the start, in the middle and at the end, and what to look out for.
 */
final readonly class BandSetUp implements JsonSerializable
{
    /** So many newtons show as one kilogram on a luggage scale. */
    public const KGF = Gravity::G;

    /** Masses of a light wheelchair and of a kitchen chair. House estimates. */
    private const WHEELCHAIR_KG = 14;

    private const CHAIR_KG = 5;

    public Band $band;

    public float $startMm;

    public ?int $standMm;

    public ?int $freeMm;

    /** Of the anchor, where one walks away from it. */
    public ?int $heightMm;

    public string $says;

    /** @param  list<Reason>  $notes */
    private function __construct(
        public KitBand $kitBand,
        BandWay $way,
        public float $endMm,
        public array $notes = [],
    ) {
        $this->band = $way->band;
        $this->startMm = $way->startMm;
        $this->standMm = $way->standMm;
        $this->freeMm = $way->freeMm;
        $this->heightMm = $way->anchorMm;
        $this->says = $way->says;
    }

    /**
     * @param  'end'|'mean'  $at  what the force is meant for: the mean of the travel, or its end
     * @param  float  $forceN  newtons, above 0
     * @param  BandCap  $cap  of the envelope, held against the end
     *
     * @throws InvalidInput when the rung uses no band, or no set-up within the measured and safe stretch meets the
     *     force
     */
    public static function of(
        KitBand $kitBand,
        Rung $rung,
        BandUser $user,
        string $at,
        float $forceN,
        BandCap $cap = new BandCap,
    ): self {
        $use = $rung->work->band ?? throw InvalidInput::at('/rung', sprintf('%s uses no band.', $rung->name));
        $height = $user->client->heightMm;
        $way = BandWay::of($kitBand, $use, $rung, $height, $at, $forceN);
        $bare = new self($kitBand, $way, $way->startMm + $use->travelMm($height));
        $pull = $bare->band->force($bare->endMm);
        $chair = $way->anchorMm !== null && $pull !== null && $rung->demands->isSeated()
            ? [self::chair($user, $pull)]
            : [];

        return new self($kitBand, $way, $bare->endMm, [...$chair, ...BandNotes::of($bare, $use, $cap)]);
    }

    /** The mean pull over the travel, newtons; null past what was measured. */
    public function meanN(): ?float
    {
        return $this->band->mean($this->startMm, $this->endMm);
    }

    /**
     * The least and the most that this band can pull in this rung for this client with a start that is taut, newtons.
     *
     * @param  'end'|'mean'  $at
     *
     * @throws InvalidInput when the band is too short for the way
     */
    public static function reach(KitBand $kitBand, BandUse $use, int $heightMm, string $at): Reach
    {
        return BandWay::reach($kitBand, $use, $heightMm, $at);
    }

    /** The pull acts at the hands, near the height of a sitting shoulder. */
    private static function chair(BandUser $user, float $pullN): Reason
    {
        $height = Segment::SHOULDER_HEIGHT * BandWay::SITTING * $user->client->heightMm / 1000;
        $chair = $user->wheels ? self::WHEELCHAIR_KG : self::CHAIR_KG;

        return StayPut::of($pullN, $height, $user->client->bodyMassKg + $chair, $user->friction, $user->braked())
            ->says($user->wheels);
    }

    /**
     * From above, in mm from the anchor: what the interface draws.
     *
     * @return array{anchor: string, hand_start: int, hand_end: int, body: int}|null null where nobody walks away
     */
    public function topView(): ?array
    {
        $fromTop = $this->heightMm === BandWay::DOOR_TOP_MM;

        return $this->standMm === null ? null : [
            'anchor' => $fromTop ? 'top of a closed door' : 'closed door or post',
            'hand_start' => (int) round(min($this->startMm, $this->standMm)),
            'hand_end' => (int) round(min($this->endMm, $this->standMm + 300)), 'body' => $this->standMm,
        ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $kg = static fn (?float $n): ?string => $n === null ? null : Mass::sayForce($n);
        $cm = static fn (int|float|null $mm): ?int => $mm === null ? null : (int) round($mm / 10);

        return [
            'says' => $this->says,
            'start' => $kg($this->band->force($this->startMm)),
            'middle' => $kg($this->band->force(($this->startMm + $this->endMm) / 2)),
            'end' => $kg($this->band->force($this->endMm)),
            'mean' => $kg($this->meanN()),
            'start_pct' => (int) round($this->band->elongationPct($this->startMm)),
            'end_pct' => (int) round($this->band->elongationPct($this->endMm)),
            'start_cm' => $cm($this->startMm), 'end_cm' => $cm($this->endMm),
            'stand_cm' => $cm($this->standMm), 'free_cm' => $cm($this->freeMm),
            'top_view' => $this->topView(),
            'notes' => array_map(static fn (Reason $r): string => $r->says, $this->notes),
        ];
    }
}
