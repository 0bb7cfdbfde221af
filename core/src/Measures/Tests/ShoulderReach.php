<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Ease;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;

/** How far an arm goes up. */
final class ShoulderReach extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'shoulder_reach',
            label: 'Shoulder reach',
            unit: 'degrees',
            range: new Range(0, 180),
            script: 'Seated, arm up in front as far as it goes without pain or leaning.',
            source: 'Own baseline',
            sides: true,
            region: Region::Upper,
            eases: [new Ease(Motion::ShoulderPast90, 'Stop at shoulder height')],
        );
    }
}
