<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Clock;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;

/** Endurance of the trunk. */
final class FrontPlank extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'front_plank',
            label: 'Front plank',
            unit: 's',
            range: new Range(0, 600),
            script: 'On the forearms, at the counter when the floor is out. Count aloud; stop at RPE 8.',
            source: 'Own baseline',
            clock: Clock::Stopwatch,
            hold: true,
            region: Region::Upper,
            needs: [Motion::WeightOnHand],
            effort: 5,
        );
    }
}
