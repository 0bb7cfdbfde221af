<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Measures\Clock;
use BuoyantStep\Core\Measures\Norm;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\SitToStandPower;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Position;

/** Strength and power of the legs (Cruz-Jentoft 2019, EWGSOP2). */
final class FiveChairStands extends Test
{
    /** More than this: low lower-limb strength (Cruz-Jentoft 2019, EWGSOP2). */
    private const FLAG_S = 15;

    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'five_chair_stands',
            label: 'Five chair stands',
            unit: 's',
            range: new Range(1, 120),
            script: 'Same chair, arms crossed. Five full stands as fast as is safe; stop the clock at the fifth stand.',
            source: 'Cruz-Jentoft 2019 (EWGSOP2)',
            lessIsBetter: true,
            clock: Clock::Stopwatch,
            needs: [Position::Standing],
            effort: 5,
            handsFree: true,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        return new Norm(
            sprintf('%d s or less', self::FLAG_S),
            $result->value > self::FLAG_S ? sprintf('over %d s: low lower-limb strength', self::FLAG_S) : null,
            $result->value > 0 ? SitToStandPower::says($client, $result->value / 5) : null,
        );
    }

    public function line(Profile $client, Day $on): int
    {
        return self::FLAG_S;
    }

    public function noise(float $before): float
    {
        return 2.3;
    }
}
