<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Clock;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Position;

/** Endurance of the thighs. */
final class WallSit extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'wall_sit',
            label: 'Wall sit',
            unit: 's',
            range: new Range(0, 600),
            script: 'Back on the wall, knees as bent as is comfortable. Stop at RPE 8, or at the hold '
                .'that the limits allow.',
            source: 'Own baseline',
            clock: Clock::Stopwatch,
            hold: true,
            needs: [Position::Standing],
            effort: 5,
        );
    }
}
