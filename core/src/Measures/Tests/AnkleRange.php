<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Position;

/** How far an ankle bends. */
final class AnkleRange extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'ankle_range',
            label: 'Ankle range, knee to wall',
            unit: 'cm',
            range: new Range(0, 25),
            script: 'Foot flat, knee to the wall: the farthest toe that still lets the heel stay down.',
            source: 'Own baseline',
            sides: true,
            needs: [Position::Standing],
        );
    }
}
