<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\Labelled;

/**
 * What a band is made of. Elastic fabric is woven round rubber thread as a rule (NIOSH publication 97-135 names elastic
 * fabric among the things with latex): a fabric band that is known to hold none is entered as free of latex.
 */
enum BandMaterial: string implements Labelled
{
    case Latex = 'latex';
    case LatexFree = 'latex_free';
    case Fabric = 'fabric';

    public function label(): string
    {
        return match ($this) {
            self::Latex => 'latex',
            self::LatexFree => 'free of latex',
            self::Fabric => 'fabric, may hold latex',
        };
    }

    /** Unless it is known to be free of latex, somebody with an allergy must take it to hold some. */
    public function mayHoldLatex(): bool
    {
        return $this !== self::LatexFree;
    }
}
