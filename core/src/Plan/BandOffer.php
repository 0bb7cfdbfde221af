<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Pulls;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Mass;

/** The band of a kit that comes nearest to what is wanted, or why none will do. */
final readonly class BandOffer
{
    private function __construct(public ?BandFit $fit, public string $why)
    {
    }

    public static function best(RungHere $here, Goal $goal): self
    {
        $best = null;
        $why = 'No band in this kit.';
        $pulls = Pulls::of($here);
        foreach (Pulls::usable($here) as $band) {
            try {
                $fit = $band->isMeasured()
                    ? BandFit::suggest($here, $goal, $band, 'mean')
                    : throw InvalidInput::at('/band', 'nobody has pulled it on a scale yet.');
                if ($best === null || $fit->missN < $best->missN) {
                    $best = $fit;
                }
            } catch (InvalidInput $error) {
                $why = $band->label.': '.$error->getMessage();
            }
        }

        if ($best === null) {
            return new self(null, $why);
        }
        // A whole pull, which a step can be taken from, and which is to be had again when the dose is looked at.
        $whole = $pulls->nearest($best->setUp->meanN() ?? $best->forceN, $best->band);

        return $whole === null
            ? new self(null, sprintf(
                '%s: the cap leaves less than %s to set it up by.', $best->band->label, Mass::sayForce(1),
            ))
            : new self($best->pulling($here, $whole), '');
    }

    /**
     * How a band that nobody has measured is used: by how it feels, and said as such; null where that may not be, or
     * no band is there.
     */
    public static function byFeel(RungHere $here, Dose $dose): ?string
    {
        $unknown = array_filter(Pulls::usable($here), static fn (KitBand $b): bool => ! $b->isMeasured());
        $band = array_values($unknown)[0] ?? null;
        $use = $here->rung->work->band;

        return $band === null || $use === null || ! Pulls::mayGoByFeel($here) ? null : sprintf(
            '%s, by feel: nobody has measured it. Anchor: %s. %s so that it comes to RPE %s; when it gets easier, a '
                .'hand\'s width %s.',
            $band->label, $use->label(), $use->isWalkedAway() ? 'Stand' : 'Grip it', $dose->effort->label(),
            $use->isWalkedAway() ? 'further away' : 'shorter',
        );
    }
}
