<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Position;

/** Down to the floor and up again. */
final class FloorTransfer extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'floor_transfer',
            label: 'Floor transfer',
            unit: 'of 2',
            range: new Range(0, 2),
            script: 'Down to the floor and up again beside a chair: 0 cannot, 1 with help, 2 alone. '
                .'Only with someone there.',
            source: 'Own baseline; opens floor positions on Screen',
            whole: true,
            needs: [Position::Floor],
            effort: 4,
        );
    }
}
