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

/** A set that ends well short of failure, and gives an estimated 1RM; never a true maximum. */
final class EasySet extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'easy_set',
            label: 'Easy set',
            unit: 'kg',
            range: new Range(0, 200),
            script: 'A comfortable load they have practised. Stop well before the limit (RPE 5-6 when a '
                .'limit says so, never beyond 8) and ask how many more were left.',
            takesLoad: true,
            source: 'Epley 1985; Brzycki 1993',
            effort: 5,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        return new Norm('own estimate, no norm', null, $result->oneRepMax?->says);
    }
}
