<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Clock;
use BuoyantStep\Core\Measures\Ease;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;

/** Endurance of the side of the trunk. */
final class SidePlank extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'side_plank',
            label: 'Side plank',
            unit: 's',
            range: new Range(0, 600),
            script: 'On the forearm, knees or feet. Count aloud; stop at RPE 8.',
            source: 'Own baseline',
            sides: true,
            clock: Clock::Stopwatch,
            hold: true,
            eases: [new Ease(Position::Floor, 'On the bed, not on the floor')],
            tells: 3,
            region: Region::Upper,
            needs: [Motion::WeightOnHand],
            effort: 5,
        );
    }
}
