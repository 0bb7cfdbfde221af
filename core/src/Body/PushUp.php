<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

/**
 * Share of body weight on the hands in a push-up: k·cos(asin((a + h)/d)) with arm a = 0.332 H and hands raised by h.
 * At a wall with the feet x from it the cosine is (x - a)/d. Checked against the measured values of Ebben 2011,
 * within 0.03.
 */
final class PushUp
{
    /** Body length from the pivot and the factor k, on toes and on knees. */
    private const FROM = ['toes' => [Segment::SHOULDER_HEIGHT, 0.70], 'knees' => [0.533, 0.627]];

    /** Past this the floor form no longer holds: use the wall form. */
    private const STEEPEST = 0.97;

    /**
     * @param  'toes'|'knees'  $from
     * @return float|null null outside the form: no figure
     */
    public static function onFloor(float $heightMm, string $from, float $handsMm): ?float
    {
        [$d, $k] = self::FROM[$from];
        $sine = (Segment::ARM * $heightMm + $handsMm) / ($d * $heightMm);

        return $sine > self::STEEPEST ? null : $k * cos(asin($sine));
    }

    /**
     * @param  'toes'|'knees'  $from
     * @return float|null null outside the form: no figure
     */
    public static function atWall(float $heightMm, string $from, float $feetMm): ?float
    {
        [$d, $k] = self::FROM[$from];
        $cosine = ($feetMm - Segment::ARM * $heightMm) / ($d * $heightMm);

        return $cosine < 0 || $cosine > 1 ? null : $k * $cosine;
    }
}
