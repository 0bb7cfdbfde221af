<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Measures\ChairStandNorm;
use BuoyantStep\Core\Measures\Clock;
use BuoyantStep\Core\Measures\Norm;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\SitToStandPower;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Position;

/** Strength of the legs; below average for age and sex: falls risk (CDC STEADI). */
final class ChairStand extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'chair_stand_30s',
            label: '30 s chair stand',
            unit: 'stands',
            range: new Range(0, 60),
            script: 'Chair 43 cm high with its back to a wall, arms crossed. "Stand up fully and sit down '
                .'as often as you safely can until I say stop." 30 s. Any push with the arms makes the count 0.',
            source: 'CDC STEADI 30-second chair stand',
            whole: true,
            usual: true,
            clock: Clock::Count30,
            needs: [Position::Standing],
            effort: 5,
            handsFree: true,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        $count = (int) $result->value;
        $cutOff = ChairStandNorm::cutOff($client->age($on), $client->sex);

        return new Norm(
            $cutOff === null
                ? 'no norm for this age and sex; compare with own baseline'
                : sprintf('average from %d stands', $cutOff),
            $cutOff !== null && $count < $cutOff
                ? sprintf('%d is below %d for age %d: falls risk', $count, $cutOff, $client->age($on))
                : null,
            $count > 0 ? SitToStandPower::says($client, 30 / $count) : null,
        );
    }

    public function line(Profile $client, Day $on): ?int
    {
        return ChairStandNorm::cutOff($client->age($on), $client->sex);
    }

    public function noise(float $before): float
    {
        return 2;
    }
}
