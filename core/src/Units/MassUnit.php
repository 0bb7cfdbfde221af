<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

/**
 * What a reader sees masses in. Inside it is grams throughout, and a sentence holds a mass as a token (Mass::say); it
 * is put into words only here, once, on its way out. A displayed value never comes back into a computation.
 */
enum MassUnit: string
{
    case Kilogram = 'kg';
    case Pound = 'lb';

    /** A mass for this reader: "2.23 kg", "520 g", or "4.92 lb". */
    public function say(int|float $grams): string
    {
        return match (true) {
            $this === self::Pound => self::number($grams / Mass::GRAMS_PER_POUND, 2).Mass::SPACE.'lb',
            round($grams) < 1000 => sprintf('%d%sg', (int) round($grams), Mass::SPACE),
            default => self::number($grams / 1000, 2).Mass::SPACE.'kg',
        };
    }

    /** As this reader types it: kilograms go without a unit. Three decimals of a pound come back as the same gram. */
    public function field(float $grams): string
    {
        return $this === self::Pound
            ? self::number($grams / Mass::GRAMS_PER_POUND, 3).' '.$this->value
            : self::number($grams / 1000, 3);
    }

    /** A mass as a number of this unit: for an axis, never to compute with. */
    public function of(int|float $grams): float
    {
        return round($grams / $this->grams(1), 3);
    }

    /** So many of this unit in grams. */
    public function grams(float $typed): float
    {
        return $typed * ($this === self::Pound ? Mass::GRAMS_PER_POUND : 1000);
    }

    /** A pull for this reader, to a tenth: "2.5 kg" or "5.5 lb" for 24.5 N. */
    public function sayForce(float $newtons): string
    {
        $grams = $newtons / Gravity::G * 1000;
        $shown = $grams / ($this === self::Pound ? Mass::GRAMS_PER_POUND : 1000);

        return number_format($shown, 1, '.', '').Mass::SPACE.$this->value;
    }

    /**
     * Text with its masses in this unit. What stands between the marks and is no mass stays as it is, and so does a
     * label such as "Bag of sugar 1 kg", which is what its owner called it.
     */
    public function render(string $text): string
    {
        $parts = explode(Mass::OPEN, $text);
        $shown = array_shift($parts);
        foreach ($parts as $part) {
            $halves = explode(Mass::CLOSE, $part, 2);
            $mass = isset($halves[1]) ? $this->shown($halves[0]) : null;
            $shown .= $mass === null ? Mass::OPEN.$part : $mass.$halves[1];
        }

        return $shown;
    }

    private function shown(string $written): ?string
    {
        $number = substr($written, 2);
        if (! is_numeric($number)) {
            return null;
        }

        return match (substr($written, 0, 2)) {
            'g:' => $this->say((float) $number),
            'n:' => $this->sayForce((float) $number),
            'f:' => $this->field((float) $number),
            default => null,
        };
    }

    private static function number(float $value, int $decimals): string
    {
        return Mass::trim(number_format($value, $decimals, '.', ''));
    }
}
