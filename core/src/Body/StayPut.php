<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Body;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;

/**
 * Will a chair or wheelchair stay where it is when the client pulls on a band? Sliding: a braked chair holds M·g·μ
 * on its braked share, a chock of mass m holds m·g·μ. Tipping: F × height of the pull against M·g × the
 * distance from the centre of mass to the line of the wheels. Both with a factor of 1.5. Coulomb friction and a
 * moment balance.
 */
final readonly class StayPut
{
    public const RULE = 0.5;

    public const SMOOTH = 0.3;

    /**
     * From the centre of mass to the wheel line, metres: towards the castors, and backwards in an active chair unless
     * measured.
     */
    public const FORWARDS_M = 0.20;

    public const BACKWARDS_M = 0.08;

    private const FACTOR = 1.5;

    private function __construct(
        public float $holdsN,
        public float $neededN,
        public float $chockKg,
        public bool $slides,
        public bool $tips,
        public float $tipsFromN,
    ) {
    }

    /**
     * @param  float  $pullN  horizontal pull at its hardest, newtons, 0 to 2000
     * @param  float  $heightM  of the pull above the floor, metres, 0 to 2
     * @param  float  $totalKg  client and chair, kilograms, above 0
     * @param  float  $brakedShare  of the weight on braked wheels, 0 to 1; 0 for a chair on free wheels
     * @param  bool  $backwards  does the pull tip the chair backwards?
     *
     * @throws InvalidInput when a value is out of range
     */
    public static function of(
        float $pullN,
        float $heightM,
        float $totalKg,
        float $friction = self::RULE,
        float $brakedShare = 0.5,
        bool $backwards = false,
    ): self {
        foreach ([
            'pull_n' => [$pullN, 0, 2000], 'height_m' => [$heightM, 0, 2], 'total_kg' => [$totalKg, 1, 600],
            'friction' => [$friction, 0.05, 1.5], 'braked_share' => [$brakedShare, 0, 1],
        ] as $field => [$value, $least, $most]) {
            if ($value < $least || $value > $most) {
                throw InvalidInput::at(
                    '/'.$field, sprintf('"%s" must be a number from %s to %s.', $field, $least, $most),
                );
            }
        }
        $holds = $totalKg * Gravity::G * $friction * $brakedShare;
        $needed = $pullN * self::FACTOR;
        $arm = $backwards ? self::BACKWARDS_M : self::FORWARDS_M;
        $tipsFrom = $heightM > 0 ? $totalKg * Gravity::G * $arm / ($heightM * self::FACTOR) : INF;

        return new self(
            $holds, $needed, max(0.0, ($needed - $holds) / (Gravity::G * $friction)), $needed > $holds,
            $pullN > $tipsFrom,
            $tipsFrom,
        );
    }

    /** Mass of chocks, kilograms, when nothing else holds: F/(g·μ) with the factor. */
    public static function chock(float $pullN, float $friction = self::RULE): float
    {
        return $pullN / (Gravity::G * $friction) * self::FACTOR;
    }

    /** The set-up line for the sheet. */
    public function says(bool $wheels = true): Reason
    {
        $says = match (true) {
            $this->slides
                && $wheels => sprintf(
                    'The chair would move: add chocks of %s in all in front of the wheels, or pull less.',
                    Mass::say(ceil($this->chockKg * 10) * 100),
                ),
            $this->slides => 'The chair would slide: set its front legs against something fixed, or pull less.',
            $wheels => 'Brakes on: the chair stays put at this pull.',
            default => 'The chair stays put at this pull.',
        };
        if ($this->tips) {
            $says .= sprintf(
                ' It could tip from %d N at this height: lower the anchor, %sor pull less.',
                (int) floor($this->tipsFromN),
                $wheels ? 'fit anti-tip bars, ' : '',
            );
        }

        return new Reason('kit', 'stay_put', $says, 'Friction and moments with a factor of 1.5; house convention');
    }
}
