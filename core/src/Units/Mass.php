<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

use BuoyantStep\Core\Errors\InvalidInput;

/** A mass in whole grams, 0 to 1 000 000 g. */
final readonly class Mass
{
    /** Exact by definition (international yard and pound agreement, 1959). */
    public const GRAMS_PER_POUND = 453.59237;

    /** Between a number and its unit: U+202F, narrow and never broken over lines. */
    public const SPACE = "\u{202F}";

    /**
     * How a mass stands in a sentence until the sentence is shown: "{{g:2230}}". Plain characters, so that it goes
     * unchanged through JSON and HTML; MassUnit puts it into the reader's unit, once, on the way out.
     */
    public const OPEN = '{{';

    public const CLOSE = '}}';

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

    /**
     * Kilograms as a form or a file writes them; null for what is no number, and so for what was left empty.
     *
     * @throws InvalidInput when below zero or above 1 000 kg
     */
    public static function typed(mixed $kilograms): ?self
    {
        if (! is_numeric($kilograms)) {
            return null;
        }

        // A number that no integer holds is out of range as well, and says so.
        return self::grams((int) max(-1, min(1_000_001, round((float) $kilograms * 1000))));
    }

    public function kilograms(): float
    {
        return $this->grams / 1000;
    }

    /** For a sentence: shown as "2.23 kg", "500 g" or "4.92 lb". Never fed back into a computation. */
    public function label(): string
    {
        return self::say($this->grams);
    }

    public static function say(int|float $grams): string
    {
        return self::OPEN.'g:'.self::trim(number_format($grams, 1, '.', '')).self::CLOSE;
    }

    /** For the box of a form: the mark becomes "2.23" where the reader types kilograms, "4.916 lb" where pounds. */
    public static function field(int|float $grams): string
    {
        return self::OPEN.'f:'.self::trim(number_format($grams, 3, '.', '')).self::CLOSE;
    }

    /** A pull as a luggage scale would show it, to a tenth: 24.5 N is shown as "2.5 kg". */
    public static function sayForce(float $newtons): string
    {
        return self::OPEN.'n:'.self::trim(number_format($newtons, 3, '.', '')).self::CLOSE;
    }

    /** A sentence of at most so many characters; a mass at its end stays whole or goes. */
    public static function cut(string $sentence, int $most): string
    {
        if (mb_strlen($sentence) <= $most) {
            return $sentence;
        }
        $cut = rtrim(mb_substr($sentence, 0, $most), self::OPEN);
        $open = strrpos($cut, self::OPEN);

        return $open === false || str_contains(substr($cut, $open), self::CLOSE)
            ? $cut
            : rtrim(substr($cut, 0, $open));
    }

    /** "2.50" as "2.5", "3.00" as "3". */
    public static function trim(string $decimal): string
    {
        return str_contains($decimal, '.') ? rtrim(rtrim($decimal, '0'), '.') : $decimal;
    }
}
