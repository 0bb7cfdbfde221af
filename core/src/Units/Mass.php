<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

use BuoyantStep\Core\Errors\InvalidInput;

/** A mass in whole grams, 0 to 1 000 000 g. */
final readonly class Mass
{
    /** Exact by definition (international yard and pound agreement, 1959). */
    public const GRAMS_PER_POUND = 453.59237;

    /**
     * Between a number and its unit (U+202F, narrow and never broken over lines). Nothing else writes it: see
     * MassUnit.
     */
    public const SPACE = "\u{202F}";

    /** Masses are shown to ten grams: two this close, in grams, are the same to whoever reads one and types it. */
    public const ALIKE_G = 5;

    private function __construct(public int $grams)
    {
    }

    /** @throws InvalidInput when below zero or above 1 000 kg */
    public static function grams(int $grams): self
    {
        if ($grams < 0 || $grams > 1_000_000) {
            throw InvalidInput::at('', sprintf('A mass must be from 0 to 1 000 000 g; %d g is not.', $grams));
        }

        return new self($grams);
    }

    public function kilograms(): float
    {
        return $this->grams / 1000;
    }

    /** For people: "2.23 kg", "500 g". Never fed back into a computation. */
    public function label(): string
    {
        return self::say($this->grams);
    }

    public static function say(int|float $grams): string
    {
        return round($grams) < 1000
            ? sprintf('%d%sg', (int) round($grams), self::SPACE)
            : self::trim(number_format($grams / 1000, 2, '.', '')).self::SPACE.'kg';
    }

    /** A pull as a luggage scale would show it, to a tenth: 24.5 N is "2.5 kg". */
    public static function sayForce(float $newtons): string
    {
        return number_format($newtons / Gravity::G, 1, '.', '').self::SPACE.'kg';
    }

    /** "2.50" as "2.5", "3.00" as "3". */
    public static function trim(string $decimal): string
    {
        return str_contains($decimal, '.') ? rtrim(rtrim($decimal, '0'), '.') : $decimal;
    }
}
