<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Position;

/** How low a seat may be. */
final class TransferHeight extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'transfer_height',
            label: 'Lowest seat risen from',
            unit: 'cm',
            range: new Range(20, 70),
            script: 'From high to low, the lowest seat from which they rise without hands. Lower is better.',
            source: 'Own baseline',
            lessIsBetter: true,
            needs: [Position::Standing],
            effort: 4,
            handsFree: true,
        );
    }
}
