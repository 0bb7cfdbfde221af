<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

use BuoyantStep\Core\Errors\InvalidInput;

/** A mass in whole grams, 0 to 1 000 000 g. */
final readonly class Mass
{
    /** Exact by definition (international yard and pound agreement, 1959). */
    public const GRAMS_PER_POUND = 453.59237;

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
        if ($grams < 1000) {
            return sprintf('%d g', (int) round($grams));
        }
        $text = number_format($grams / 1000, 2, '.', '');

        return (str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text).' kg';
    }
}
