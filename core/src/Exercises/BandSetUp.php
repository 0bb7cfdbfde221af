<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\StayPut;
use BuoyantStep\Core\Limits\Region;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use JsonSerializable;

/**
 * One band in one exercise for one client: where to stand, or how short to grip it, so that it pulls as hard as wanted;
 * what it then pulls at the start, in the middle and at the end, and what to look out for.
 */
final readonly class BandSetUp implements JsonSerializable
{
    /** 9.80665 N show as one kilogram on a luggage scale. */
    public const KGF = Mass::NEWTONS_PER_KILOGRAM_FORCE;

    /** Height of the top of a door, mm: where a band over it is anchored. House estimate. */
    private const DOOR_TOP_MM = 2000;

    /** Straight arm to the grip, shoulder height and shoe, of body height (Drillis and Contini, in Winter 2009). */
    private const ARM = 0.386;

    private const SHOULDER = 0.818;

    private const SHOE = 0.152;

    /** An unhurried step, of body height. House estimate, for pacing it out. */
    private const PACE = 0.41;

    /** Masses of a light wheelchair and of a kitchen chair. House estimates. */
    private const WHEELCHAIR_KG = 14;

    private const CHAIR_KG = 5;

    /**
     * Distance between the fixed and the moving end at the start, of body height, where the body sets it: from the segment
     * lengths of Winter 2009, rounded. Shoe to hanging hand, chair leg to ankle, backrest to elbow, hands at shoulder width, leg to leg.
     */
    private const START = ['underfoot' => 0.40, 'chair_leg' => 0.28, 'chair_back' => 0.22, 'hands' => 0.26, 'around_limb' => 0.14];

    /**
     * @param  int|null  $standMm  from the anchor to the middle of the body, where one walks away from it
     * @param  int|null  $freeMm  band to leave free between anchor and hand, where the body fixes the distance
     * @param  list<Reason>  $notes
     */
    private function __construct(
        public KitBand $kitBand,
        public Band $band,
        public float $startMm,
        public float $endMm,
        public ?int $standMm,
        public ?int $freeMm,
        public ?int $heightMm,
        public array $notes,
        public string $says,
    ) {
    }

    /**
     * @param  'end'|'mean'  $at  what the force is meant for: the mean of the travel, or its end
     * @param  float  $forceN  newtons, above 0
     * @param  float|null  $capN  the envelope's cap, held against the end
     * @param  float  $friction  of the floor under the chair
     *
     * @throws InvalidInput when the rung uses no band, or no set-up within the measured and safe stretch meets the force
     */
    public static function of(KitBand $kitBand, Rung $rung, Profile $client, string $at, float $forceN, ?float $capN = null, ?string $capSays = null, float $friction = StayPut::RULE): self
    {
        $use = $rung->band ?? throw InvalidInput::at('/rung', sprintf('%s uses no band.', $rung->name));
        $travel = $use->travelMm($client->heightMm);
        $band = self::band($kitBand, $use);
        $stand = $free = $anchor = null;
        if ($use->isWalkedAway()) {
            $start = $band->startFor($travel, $at, $forceN);
            [$stand, $anchor] = self::stand($use, $rung, $client->heightMm, $start);
            $says = self::ends($kitBand, $use).sprintf('Anchor: %s. Stand or sit %d cm from it: about %s shoe lengths, or %s of your own steps.', $use->label(), (int) round($stand / 10), self::halves($stand / (self::SHOE * $client->heightMm)), self::halves($stand / (self::PACE * $client->heightMm)));
        } elseif (self::isLegLoop($kitBand, $use)) {
            $start = $band->startFor($travel, $at, $forceN);
            $says = sprintf('Anchor: %s. Begin with %d cm from outside to outside, where the loop lies.', $use->label(), (int) round($start / 10));
        } else {
            $start = (self::START[$use->anchor] ?? 0.2) * $client->heightMm;
            $exact = $band->restFor($start, $travel, $at, $forceN);
            // Whole centimetres, rounded to the longer and so the lighter side, unless that would leave it slack.
            $whole = ceil($exact / 10) * 10;
            $band = $band->shortenedTo($whole <= min($band->restMm, $start / (1 + Band::RECOMMENDED_START_PCT / 100)) ? $whole : $exact);
            $free = (int) round($band->restMm);
            $says = self::ends($kitBand, $use).sprintf('Anchor: %s. Grip or knot it so that %d cm of slack band lies free%s.', $use->label(), (int) round($free / 10), self::isFolded($kitBand, $use) ? ' on each side' : '');
        }

        $notes = self::notes($kitBand, $band, $use, $start, $start + $travel, $capN, $capSays);
        $pull = $band->force($start + $travel);
        if ($anchor !== null && $pull !== null && $rung->demands->position === 'seated') {
            array_unshift($notes, self::chair($client, $pull, $friction));
        }

        return new self($kitBand, $band, $start, $start + $travel, $stand, $free, $anchor, $notes, $says);
    }

    /**
     * The least and the most that this band can pull in this rung for this client with a start that is taut, newtons.
     *
     * @param  'end'|'mean'  $at
     * @return array{float, float}
     *
     * @throws InvalidInput when the band is too short for the way
     */
    public static function reach(KitBand $kitBand, BandUse $use, Profile $client, string $at): array
    {
        $travel = $use->travelMm($client->heightMm);
        $band = self::band($kitBand, $use);

        return $use->isWalkedAway() || self::isLegLoop($kitBand, $use)
            ? $band->reachByStart($travel, $at, Band::RECOMMENDED_START_PCT)
            : $band->reachByRest((self::START[$use->anchor] ?? 0.2) * $client->heightMm, $travel, $at, Band::RECOMMENDED_START_PCT);
    }

    /** A loop is two strands already and cannot be folded at the anchor. */
    private static function isFolded(KitBand $kitBand, BandUse $use): bool
    {
        return $use->folded && $kitBand->form !== 'loop';
    }

    /** Round both legs a loop is as long as it is: the stance makes the pull. */
    private static function isLegLoop(KitBand $kitBand, BandUse $use): bool
    {
        return $use->anchor === 'around_limb' && $kitBand->form === 'loop';
    }

    private static function band(KitBand $kitBand, BandUse $use): Band
    {
        return self::isFolded($kitBand, $use) ? $kitBand->band->folded() : $kitBand->band;
    }

    private static function ends(KitBand $kitBand, BandUse $use): string
    {
        return self::isFolded($kitBand, $use) ? 'Its middle at the anchor, an end in each hand. ' : '';
    }

    /** The pull acts at the hands, near the height of a sitting shoulder; a wheelchair has half its weight on braked wheels. */
    private static function chair(Profile $client, float $pullN, float $friction): Reason
    {
        $wheels = array_filter(['wheelchair_user', 'spinal_cord_injury_t6_or_above', 'spinal_cord_injury_below_t6'], static fn (string $code): bool => $client->condition($code) !== null) !== [];
        $height = self::SHOULDER * 0.75 * $client->heightMm / 1000;

        return StayPut::of($pullN, $height, $client->bodyMassKg + ($wheels ? self::WHEELCHAIR_KG : self::CHAIR_KG), $friction, $wheels ? 0.5 : 1.0)->says($wheels);
    }

    /** @return array{int, int} distance along the floor and height of the anchor, mm */
    private static function stand(BandUse $use, Rung $rung, int $heightMm, float $startMm): array
    {
        $shoulder = self::SHOULDER * $heightMm * ($rung->demands->position === 'seated' ? 0.75 : 1.0);
        $anchor = $use->anchor === 'door_top' ? self::DOOR_TOP_MM : (int) round($shoulder * 0.85);
        $drop = $use->anchor === 'door_top' ? max(0.0, $anchor - $shoulder) : 0.0;
        $along = $startMm > $drop ? sqrt($startMm ** 2 - $drop ** 2) : 0.0;
        // Pulls begin with the arms out towards the anchor; presses against a side pull begin with the hands at the chest.
        $arm = $rung->demands->region === Region::Trunk ? 0.0 : self::ARM * $heightMm;

        return [(int) round($along + $arm), $anchor];
    }

    /** @return list<Reason> */
    private static function notes(KitBand $kitBand, Band $band, BandUse $use, float $startMm, float $endMm, ?float $capN, ?string $capSays): array
    {
        $notes = [];
        $say = static function (string $rule, string $says, string $source = 'House convention, cautious') use (&$notes): void {
            $notes[] = new Reason('kit', 'band.'.$rule, $says, $source);
        };
        $start = $band->elongationPct($startMm);
        if ($start < Band::RECOMMENDED_START_PCT) {
            $say('taut', sprintf('Only %.0f %% stretched at the start: %.0f %% or more keeps it from going slack and snapping.', max(0, $start), Band::RECOMMENDED_START_PCT));
        }
        if ($band->elongationPct($endMm) > $band->maxElongationPct * 0.9) {
            $say('overstretched', sprintf('Stretched to %.0f %% at the end, close to the %.0f %% that it may take.', $band->elongationPct($endMm), $band->maxElongationPct));
        }
        $end = $band->force($endMm);
        if ($capN !== null && $end !== null && $end > $capN + 1e-9) {
            $say('cap', sprintf('At the end it pulls %s, over the cap of %s: %s', Mass::sayForce($end), Mass::sayForce($capN), lcfirst((string) $capSays)), 'Envelope');
        }
        $say('inspect', 'Each time: look for nicks and thin places, a shut door that cannot open towards the pull, nothing aimed at the face.');
        if ($use->anchor === 'underfoot') {
            $say('shoe', 'Under the full width of the shoe, never under socks or the toes alone.');
        }
        if ($use->placement !== 'hand') {
            $say('skin', 'A soft pad under it on skin that cannot feel, and look at the skin afterwards.');
        }
        if ($kitBand->hasLatex()) {
            $say('latex', 'Made of latex: not for anyone with a latex allergy, nor for their helpers.');
        }

        return $notes;
    }

    private static function halves(float $n): string
    {
        return rtrim(rtrim(number_format(round($n * 2) / 2, 1, '.', ''), '0'), '.');
    }

    /**
     * From above, in mm from the anchor: what the interface draws.
     *
     * @return array{anchor: string, hand_start: int, hand_end: int, body: int}|null null where nobody walks away
     */
    public function topView(): ?array
    {
        return $this->standMm === null ? null : [
            'anchor' => $this->heightMm === self::DOOR_TOP_MM ? 'top of a closed door' : 'closed door or post',
            'hand_start' => (int) round(min($this->startMm, $this->standMm)), 'hand_end' => (int) round(min($this->endMm, $this->standMm + 300)), 'body' => $this->standMm,
        ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $kg = static fn (?float $n): ?string => $n === null ? null : Mass::sayForce($n);

        return [
            'says' => $this->says,
            'start' => $kg($this->band->force($this->startMm)), 'middle' => $kg($this->band->force(($this->startMm + $this->endMm) / 2)), 'end' => $kg($this->band->force($this->endMm)), 'mean' => $kg($this->band->mean($this->startMm, $this->endMm)),
            'start_pct' => (int) round($this->band->elongationPct($this->startMm)), 'end_pct' => (int) round($this->band->elongationPct($this->endMm)),
            'start_cm' => (int) round($this->startMm / 10), 'end_cm' => (int) round($this->endMm / 10), 'stand_cm' => $this->standMm === null ? null : (int) round($this->standMm / 10), 'free_cm' => $this->freeMm === null ? null : (int) round($this->freeMm / 10),
            'top_view' => $this->topView(),
            'notes' => array_map(static fn (Reason $r): string => $r->says, $this->notes),
        ];
    }
}
