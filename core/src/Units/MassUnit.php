<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

/**
 * What a reader sees masses in. Inside it is grams throughout; a mass that was put into words is put into the other
 * unit only on its way out, and a displayed value never comes back into a computation.
 */
enum MassUnit: string
{
    case Kilogram = 'kg';
    case Pound = 'lb';

    /** A mass for this reader: "2.23 kg", "520 g", or "4.92 lb". */
    public function say(int|float $grams): string
    {
        return $this->inWords(Mass::say($grams));
    }

    /**
     * A sentence of the core with its masses in this unit. Only what Mass has written is touched, known by the narrow
     * space before its unit: a label such as "Bag of sugar 1 kg" stays what its owner called it.
     */
    public function inWords(string $sentence): string
    {
        if ($this === self::Kilogram || ! str_contains($sentence, Mass::SPACE)) {
            return $sentence;
        }

        $mass = '/(\d+(?:\.\d+)?)'.Mass::SPACE.'(kg|g)\b/u';

        return (string) preg_replace_callback($mass, static function (array $found): string {
            $grams = (float) $found[1] * ($found[2] === 'kg' ? 1000 : 1);

            return Mass::trim(number_format($grams / Mass::GRAMS_PER_POUND, 2, '.', '')).Mass::SPACE.'lb';
        }, $sentence);
    }
}
