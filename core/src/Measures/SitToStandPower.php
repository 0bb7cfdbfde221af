<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Units\Gravity;

/**
 * Mean power of a sit-to-stand in watts: 0.9 · mass · g · (0.5 · height - seat) / (time per stand · 0.5).
 * Source: Alcazar 2018 (five stands); the 30 s variant takes 30 s / count as the time per stand.
 */
final class SitToStandPower
{
    /** The usual test chair, 43 cm (CDC STEADI asks for 17 inches). */
    public const SEAT_M = 0.43;

    /**
     * @param  float  $massKg  20 to 350
     * @param  float  $heightM  0.9 to 2.3
     * @param  float  $seatM  seat height, below half the body height
     * @param  float  $perStandS  seconds for one whole stand
     *
     * @throws InvalidInput when the seat is as high as the hips or the time is not above zero
     */
    public static function watts(float $massKg, float $heightM, float $seatM, float $perStandS): float
    {
        if ($perStandS <= 0) {
            throw InvalidInput::at('/value', 'The time per stand must be above zero.');
        }
        if ($seatM >= 0.5 * $heightM) {
            throw InvalidInput::at(
                '/seat_m',
                sprintf(
                    'A seat of %.2f m is no lower than half the height; give a seat below %.2f m.',
                    $seatM,
                    0.5 * $heightM,
                ),
            );
        }

        return 0.9 * $massKg * Gravity::G * (0.5 * $heightM - $seatM) / ($perStandS * 0.5);
    }

    /** The power from the usual chair, in words; null for a body whose hips are no higher than its seat. */
    public static function says(Profile $client, float $perStandS): ?string
    {
        if ($client->heightMm / 2000 <= self::SEAT_M) {
            return null;
        }
        $watts = self::watts($client->bodyMassKg, $client->heightMm / 1000, self::SEAT_M, $perStandS);

        return sprintf('%d W, %.1f W/kg', (int) round($watts), $watts / $client->bodyMassKg);
    }
}
