<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;

/** A band of this kit set up for one rung: as hard as the measures ask, never past the cap at the end of the travel. */
final readonly class BandFit
{
    /** Without an easy set of the same pattern: light enough to learn with. House convention. */
    private const LEARN_KGF = 1.0;

    private function __construct(public KitBand $band, public BandSetUp $setUp, public float $forceN, public string $targetSays, public float $missN)
    {
    }

    /**
     * The band of the kit that comes nearest to what is wanted; null with the reason when none will do.
     *
     * @return array{self|null, string}
     */
    public static function best(Situation $situation, Family $family, Rung $rung, Goal $goal): array
    {
        $best = null;
        $why = 'No band in this kit.';
        foreach ($situation->kit->bands as $band) {
            if ($band->hasLatex() && $situation->envelope->has(Field::AvoidMaterial, 'latex') !== null) {
                continue;
            }
            try {
                $fit = self::suggest($situation, $family, $rung, $goal, $band, 'mean');
                if ($best === null || $fit->missN < $best->missN) {
                    $best = $fit;
                }
            } catch (InvalidInput $error) {
                $why = $band->label.': '.$error->getMessage();
            }
        }

        return [$best, $why];
    }

    /**
     * What the measures and the limits ask of this band, or as near as it comes.
     *
     * @param  'mean'|'end'  $at
     *
     * @throws InvalidInput when the rung uses no band, the band is too short for it, or is over the cap even at its lightest
     */
    public static function suggest(Situation $situation, Family $family, Rung $rung, Goal $goal, KitBand $band, string $at): self
    {
        $use = $rung->band ?? throw InvalidInput::at('/rung', sprintf('%s uses no band.', $rung->name));
        [$least, $most] = BandSetUp::reach($band, $use, $situation->client, $at);
        $target = $situation->bandTarget($family, $goal->row());
        [$wanted, $says] = match (true) {
            $situation->isBlind($family, $rung) => [$least, 'A limit caps the load and nothing was measured: the lightest this band gives.'],
            $target !== null => [$target['force_n'], $target['says']],
            default => [self::LEARN_KGF * BandSetUp::KGF, 'No easy set for this pattern: light, to learn with.'],
        };
        $force = min($most, max($least, $wanted));
        if (abs($force - $wanted) > 1e-9) {
            $short = $force < $wanted;
            $says = sprintf('%s That would be %s; this band gives %s at the %s here. A %s band, or %s, would meet it.', $says, Mass::sayForce($wanted), Mass::sayForce($force), $short ? 'most' : 'least', $short ? 'stronger' : 'lighter', $short ? 'two strands' : 'a longer one');
        }
        $setUp = self::setUp($situation, $family, $rung, $band, $at, $force);
        $cap = self::capN($situation, $family, $rung);
        $end = $setUp->band->force($setUp->endMm) ?? INF;
        if ($cap[0] !== null && $end > $cap[0] + 1e-9) {
            try {
                $setUp = self::setUp($situation, $family, $rung, $band, 'end', $cap[0]);
            } catch (InvalidInput) {
                throw InvalidInput::at('/band', sprintf('Even at its lightest this band pulls more than the cap of %s: %s', Mass::sayForce($cap[0]), lcfirst((string) $cap[1])), 'not_reachable');
            }
            [$force, $says] = [$cap[0], sprintf('Held at the cap of %s at the end: %s', Mass::sayForce($cap[0]), lcfirst((string) $cap[1]))];
        }

        return new self($band, $setUp, $force, $says, abs($force - $wanted));
    }

    /**
     * The set-up for a force that somebody chose; its notes say so when the end is over the cap.
     *
     * @param  'mean'|'end'  $at
     *
     * @throws InvalidInput when it cannot be reached
     */
    public static function setUp(Situation $situation, Family $family, Rung $rung, KitBand $band, string $at, float $forceN): BandSetUp
    {
        [$cap, $says] = self::capN($situation, $family, $rung);

        return BandSetUp::of($band, $rung, $situation->client, $at, $forceN, $cap, $says, $situation->place->friction());
    }

    /** For the plan and the sheet: which band, where to stand or grip, and what keeps the chair where it is. */
    public function recipe(): string
    {
        $chair = array_map(static fn (Reason $r): string => $r->says, array_filter($this->setUp->notes, static fn (Reason $r): bool => $r->rule === 'stay_put'));

        return implode(' ', [$this->band->label.'.', $this->setUp->says, ...$chair]);
    }

    /** @return list<Reason> the target, then what to look out for */
    public function because(): array
    {
        return [new Reason('kit', 'band.target', $this->targetSays, 'Measured points of this band'), ...$this->setUp->notes];
    }

    /** @return array{float|null, string|null} newtons, and the limit in words */
    private static function capN(Situation $situation, Family $family, Rung $rung): array
    {
        $cap = $situation->loadCap($family, $rung);

        return [$cap->grams === null ? null : $cap->grams / 1000 * BandSetUp::KGF, $cap->says()];
    }
}
