<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures\Tests;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\Sex;
use BuoyantStep\Core\Measures\Norm;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Region;

/** Strength of the hand (Cruz-Jentoft 2019, EWGSOP2). */
final class Grip extends Test
{
    protected function describe(): TestAbout
    {
        return new TestAbout(
            code: 'grip',
            label: 'Hand grip',
            unit: 'kg',
            range: new Range(0, 90),
            script: 'Seated, elbow bent square, wrist straight. Squeeze for 3 s. Best of two each hand.',
            source: 'Cruz-Jentoft 2019 (EWGSOP2)',
            sides: true,
            usual: true,
            tells: 5,
            region: Region::Upper,
            effort: 5,
        );
    }

    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        $low = self::low($client);

        return new Norm(
            $low === null ? 'no norm; compare with own baseline' : sprintf('%d kg or more', $low),
            $low !== null && $result->value < $low ? sprintf('under %d kg: low grip strength', $low) : null,
        );
    }

    public function line(Profile $client, Day $on): ?int
    {
        return self::low($client);
    }

    /** 5 kg, or a tenth of the value before where that is less. */
    public function noise(float $before): float
    {
        return $before > 0 ? min(5, 0.10 * $before) : 5;
    }

    private static function low(Profile $client): ?int
    {
        return match ($client->sex) {
            Sex::Male => 27,
            Sex::Female => 16,
            Sex::Other => null,
        };
    }
}
