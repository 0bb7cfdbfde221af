<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Measures\Norm;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Position;

/** Blood pressure lying, then standing: an orthostatic drop (Freeman 2011). */
final class PressureDrop extends Test
{
    /** A fall of this much on standing is an orthostatic drop, mmHg. */
    private const SYSTOLIC = 20;

    private const DIASTOLIC = 10;

    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'bp_lying_standing',
            label: 'Pressure drop on standing',
            unit: 'mmHg',
            range: new Range(-60, 120),
            script: 'Lie 5 minutes, read; stand, read at 1 and 3 minutes. Enter the largest fall of the '
                .'systolic and of the diastolic pressure.',
            source: 'Consensus on orthostatic hypotension (Freeman 2011)',
            lessIsBetter: true,
            second: 'diastolic, mmHg',
            needs: [Position::Standing],
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        $drops = $result->value >= self::SYSTOLIC
            || ($result->second !== null && $result->second >= self::DIASTOLIC);

        return new Norm(
            sprintf('under %d systolic and %d diastolic', self::SYSTOLIC, self::DIASTOLIC),
            $drops ? 'orthostatic drop: enter the condition on Screen' : null,
            $result->second === null ? 'fall of the diastolic pressure not entered' : null,
        );
    }
}
