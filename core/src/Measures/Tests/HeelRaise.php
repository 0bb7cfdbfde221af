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
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;

/** Strength of a calf; under 60 years 25 (Lunsford and Perry 1995), later no cut-off. */
final class HeelRaise extends Test
{
    private const RAISES = 25;

    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'heel_raise',
            label: 'One-leg heel raise',
            unit: 'raises',
            range: new Range(0, 60),
            script: 'Fingertips on a wall, one leg, full height, one every 2 s. Stop when height is lost.',
            source: 'Lunsford and Perry 1995',
            sides: true,
            whole: true,
            needs: [Position::Standing, Motion::SingleLegLoad],
            region: Region::Lower,
            tells: 2,
            effort: 5,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        if ($client->age($on) >= 60) {
            return new Norm('from 60: own baseline and symmetry');
        }

        return new Norm(
            sprintf('%d or more', self::RAISES),
            $result->value < self::RAISES ? sprintf('under %d', self::RAISES) : null,
        );
    }
}
