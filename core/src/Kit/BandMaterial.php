<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What a band is made of. */
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
            self::Fabric => 'fabric',
        };
    }
}
