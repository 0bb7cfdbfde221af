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

/** Balance in four stances (CDC STEADI). */
final class FourStage extends Test
{
    /** The stage that says that the tandem was held 10 s. */
    public const TANDEM_STAGE = 3;

    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'four_stage_balance',
            label: 'Four-stage balance',
            unit: 'stages',
            range: new Range(0, 4),
            script: 'Feet together, semi-tandem, tandem, one leg: 10 s each, beside a counter. Enter how '
                .'many stages were held for 10 s, in that order.',
            source: 'CDC STEADI four-stage balance test',
            whole: true,
            needs: [Position::Standing],
            handsFree: true,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        return new Norm(
            sprintf('tandem held 10 s: stage %d or more', self::TANDEM_STAGE),
            $result->value < self::TANDEM_STAGE ? 'tandem not held for 10 s: falls risk' : null,
        );
    }
}
