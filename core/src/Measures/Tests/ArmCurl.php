<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Measures\ArmCurlNorm;
use BuoyantStep\Core\Measures\Clock;
use BuoyantStep\Core\Measures\Norm;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Region;

/** Strength of the arm, with the load of the norm (Rikli and Jones 1999, 2013). */
final class ArmCurl extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'arm_curl_30s',
            label: '30 s arm curl',
            unit: 'curls',
            range: new Range(0, 80),
            script: sprintf(
                'Seated at the edge, %s (women) or %s (men), full curls in 30 s. Another weight is recorded and has '
                    .'no norm.',
                Mass::say(ArmCurlNorm::LOAD_G['female']),
                Mass::say(ArmCurlNorm::LOAD_G['male']),
            ),
            source: 'Rikli and Jones 1999, 2013',
            sides: true,
            whole: true,
            clock: Clock::Count30,
            takesLoad: true,
            usual: true,
            region: Region::Upper,
            tells: 4,
            effort: 5,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        $half = ArmCurlNorm::middleHalf($client->age($on), $client->sex, $result->loadG);
        if ($half === null) {
            return new Norm('no norm for this age, sex or load; compare with own baseline');
        }

        return new Norm(
            sprintf('middle half of this age %s', $half->label()),
            $result->value < $half->lo ? sprintf('%d is below the middle half', (int) $result->value) : null,
        );
    }
}
