<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Measures\Clock;
use BuoyantStep\Core\Measures\Norm;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;

/** Balance on one leg; under 5 s goes with injurious falls (Vellas 1997). */
final class OneLegStand extends Test
{
    /** From here on it warns of falls, seconds. */
    public const FLAG_S = 5;

    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'one_leg_stand',
            label: 'One-leg stand',
            unit: 's',
            range: new Range(0, 30),
            script: 'Beside a counter. Lift one foot; stop the clock when it lands, the stance foot '
                .'moves, or a hand grabs. Up to 30 s each side, best of two.',
            source: 'Vellas 1997',
            sides: true,
            usual: true,
            clock: Clock::Stopwatch,
            needs: [Position::Standing, Motion::SingleLegLoad],
            region: Region::Lower,
            tells: 1,
            handsFree: true,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        return new Norm(
            sprintf('%d s or more', self::FLAG_S),
            $result->value < self::FLAG_S ? sprintf('under %d s goes with injurious falls', self::FLAG_S) : null,
        );
    }

    public function line(Profile $client, Day $on): int
    {
        return self::FLAG_S;
    }
}
