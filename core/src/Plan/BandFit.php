<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Pulls;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\BandCap;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Exercises\BandWay;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Units\Reason;

/** A band of this kit set up for one rung: as hard as the measures ask, never past the cap at the end of the travel. */
final readonly class BandFit
{
    private function __construct(
        public KitBand $band,
        public BandSetUp $setUp,
        public float $forceN,
        public string $targetSays,
        public float $missN,
    ) {
    }

    /**
     * What the measures and the limits ask of this band, or as near as it comes.
     *
     * @param  'mean'|'end'  $at
     *
     * @throws InvalidInput when the rung uses no band, the band is too short for it, or is over the cap even at its
     *     lightest
     */
    public static function suggest(RungHere $here, Goal $goal, KitBand $band, string $at): self
    {
        $rung = $here->rung;
        $use = $rung->work->band ?? throw InvalidInput::at('/rung', sprintf('%s uses no band.', $rung->name));
        $reach = BandSetUp::reach($band, $use, $here->situation->client->heightMm, $at);
        $target = BandTarget::of($here, $goal, $reach->least);
        $force = min($reach->most, max($reach->least, $target->forceN));
        $says = abs($force - $target->forceN) > 1e-9 ? self::short($target, $force) : $target->says;
        $setUp = self::setUp($here, $band, $at, $force);
        $cap = Pulls::cap($here);
        if ($cap->isPassedBy($setUp)) {
            $setUp = self::atCap($here, $band, $cap);
            $force = (float) $cap->newtons;
            $says = sprintf('Held at the cap of %s at the end: %s', Mass::sayForce($force), Phrase::within($cap->says));
        }

        return new self($band, $setUp, $force, $says, abs($force - $target->forceN));
    }

    private static function short(BandTarget $target, float $force): string
    {
        $short = $force < $target->forceN;

        return sprintf(
            '%s That would be %s; this band gives %s at the %s here. A %s band, or %s, would meet it.', $target->says,
            Mass::sayForce($target->forceN), Mass::sayForce($force), $short ? 'most' : 'least',
            $short ? 'stronger' : 'lighter', $short ? 'two strands' : 'a longer one',
        );
    }

    private static function atCap(RungHere $here, KitBand $band, BandCap $cap): BandSetUp
    {
        $most = (float) $cap->newtons;
        try {
            return self::setUp($here, $band, 'end', $most);
        } catch (InvalidInput) {
            throw InvalidInput::at('/band', sprintf(
                'Even at its lightest this band pulls more than the cap of %s: %s', Mass::sayForce($most),
                Phrase::within($cap->says),
            ), 'not_reachable');
        }
    }

    /**
     * The set-up for a force that somebody chose; its notes say so when the end is over the cap.
     *
     * @param  'mean'|'end'  $at
     *
     * @throws InvalidInput when it cannot be reached
     */
    public static function setUp(RungHere $here, KitBand $band, string $at, float $forceN): BandSetUp
    {
        return BandSetUp::of($band, $here->rung, Pulls::user($here), $at, $forceN, Pulls::cap($here));
    }

    /** For the plan and the sheet: which band, where to stand or grip, and what keeps the chair where it is. */
    public function recipe(): string
    {
        $chair = array_filter($this->setUp->notes, static fn (Reason $r): bool => $r->rule === 'stay_put');
        $says = array_map(static fn (Reason $r): string => $r->says, $chair);

        return implode(' ', [$this->band->label.'.', $this->setUp->says, ...$says]);
    }

    /** @return list<Reason> the target, then what to look out for */
    public function because(): array
    {
        return [
            new Reason('kit', 'band.target', $this->targetSays, 'Measured points of this band'), ...$this->setUp->notes,
        ];
    }

    /** The same set up for a whole pull, newtons. */
    public function pulling(RungHere $here, int $newtons): self
    {
        return new self(
            $this->band, self::setUp($here, $this->band, 'mean', $newtons), $newtons, $this->targetSays, $this->missN,
        );
    }

    /**
     * What was pulled by somebody who stood so far from the anchor with the band of this dose, whole newtons; null
     * where that cannot be told.
     */
    public static function pulledAt(RungHere $here, Dose $dose, int $standMm): ?int
    {
        $use = $here->rung->work->band;
        $band = $dose->pullN === null ? null : Pulls::of($here)->band($dose->pullN);
        $pull = $use === null || $band === null ? null : BandWay::pullAt(
            $band, $use, $here->rung, $here->situation->client->heightMm, $standMm,
        );

        return $pull === null ? null : max(1, (int) round($pull));
    }

    /** The band and the set-up that give this pull here; null where none does. */
    public static function ofPull(RungHere $here, int $newtons): ?self
    {
        $band = Pulls::of($here)->band($newtons);
        if ($band === null) {
            return null;
        }
        $says = sprintf('A pull of %s.', Mass::sayForce($newtons));

        return new self($band, self::setUp($here, $band, 'mean', $newtons), $newtons, $says, 0.0);
    }
}
