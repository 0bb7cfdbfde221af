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

/** Balance, one foot in front of the other; not held for 10 s: falls risk (CDC STEADI). */
final class Tandem extends Test
{
    /** Held this long, seconds: steady. */
    public const FLAG_S = 10;

    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'tandem_stand',
            label: 'Tandem stand',
            unit: 's',
            range: new Range(0, 10),
            script: 'Beside a counter. One foot straight in front of the other, heel to toe. Up to 10 s; stop '
                .'the clock when a foot moves or a hand grabs.',
            source: 'CDC STEADI four-stage balance test',
            usual: true,
            clock: Clock::Stopwatch,
            needs: [Position::Standing],
            handsFree: true,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        return new Norm(
            sprintf('%d s or more', self::FLAG_S),
            $result->value < self::FLAG_S ? sprintf('not held for %d s: falls risk', self::FLAG_S) : null,
        );
    }

    public function line(Profile $client, Day $on): int
    {
        return self::FLAG_S;
    }
}
