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
use BuoyantStep\Core\Vocabulary\Position;

/** Walking and turning; 12 s or more: falls risk (CDC STEADI). */
final class TimedUpAndGo extends Test
{
    /** From here on it warns of falls, seconds. */
    public const FLAG_S = 12;

    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'timed_up_and_go',
            label: 'Timed up and go',
            unit: 's',
            range: new Range(2, 180),
            script: 'From the chair, walk 3 m at usual pace, turn, come back, sit. Usual shoes and aid.',
            source: 'CDC STEADI timed up and go',
            lessIsBetter: true,
            clock: Clock::Stopwatch,
            needs: [Position::Standing],
            effort: 3,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        return new Norm(
            sprintf('under %d s', self::FLAG_S),
            $result->value >= self::FLAG_S ? sprintf('%d s or more: falls risk', self::FLAG_S) : null,
        );
    }

    public function line(Profile $client, Day $on): int
    {
        return self::FLAG_S;
    }

    public function noise(float $before): float
    {
        return 2;
    }
}
