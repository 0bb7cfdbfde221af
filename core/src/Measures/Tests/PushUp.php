<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;

/** Strength of the push, on the rung in training. */
final class PushUp extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'push_up_level',
            label: 'Push-ups at RPE 7',
            unit: 'reps',
            range: new Range(0, 100),
            script: 'The rung they train on, reps until RPE 7. Note the rung with the result.',
            source: 'Own baseline',
            whole: true,
            region: Region::Upper,
            needs: [Motion::WeightOnHand],
            effort: 5,
        );
    }
}
