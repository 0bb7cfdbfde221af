<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Errors;

/** A condition, test, family, rung or school that this version has no rules for. Never guessed at. */
final class UnknownCode extends CoreError
{
    /** @param  list<string>  $known */
    public static function of(string $what, string $given, array $known, string $pointer = ''): self
    {
        $near = self::nearest($given, $known);

        return new self(
            'unknown_'.str_replace(' ', '_', $what),
            sprintf(
                'Unknown %s "%s".%s', $what, mb_substr($given, 0, 80),
                $near === null ? '' : sprintf(' Did you mean "%s"?', $near),
            ),
            $pointer,
        );
    }

    /** @param  list<string>  $known */
    private static function nearest(string $given, array $known): ?string
    {
        $best = null;
        $distance = PHP_INT_MAX;
        foreach ($known as $code) {
            $d = levenshtein(mb_substr($given, 0, 80), $code);
            if ($d < $distance) {
                [$best, $distance] = [$code, $d];
            }
        }

        return $best !== null && $distance <= max(3, intdiv(strlen($best), 3)) ? $best : null;
    }
}
