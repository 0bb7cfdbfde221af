<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Vocabulary\Material;

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
        foreach ($here->situation->kit->bands as $band) {
            if ($band->hasLatex() && $here->situation->envelope->avoids(Material::Latex) !== null) {
                continue;
            }
            try {
                $fit = BandFit::suggest($here, $goal, $band, 'mean');
                if ($best === null || $fit->missN < $best->missN) {
                    $best = $fit;
                }
            } catch (InvalidInput $error) {
                $why = $band->label.': '.$error->getMessage();
            }
        }

        return new self($best, $why);
    }
}
