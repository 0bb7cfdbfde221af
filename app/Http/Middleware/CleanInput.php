<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Refusal;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/**
 * Refuses what no field could keep, before any field is looked at: text that is no text (invalid UTF-8, NUL and other
 * control characters) and numbers beyond every range (1e400). The refusal names the field.
 */
final class CleanInput
{
    /** Two digits after the e are enough for anything that is weighed or counted, and harmless to compute with. */
    private const EXPONENT = '/^\s*[+-]?(\d+\.?\d*|\.\d+)e[+-]?(\d+)\s*$/i';

    private const MOST_EXPONENT_DIGITS = 2;

    private const DEEPEST = 12;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $wrong = self::wrong(
            [...$request->query->all(), ...$request->post(), ...($request->isJson() ? $request->json()->all() : [])],
            '',
            0,
        );
        if ($wrong !== null) {
            throw $request->isMethod('GET') && ! $request->expectsJson()
                ? new BadRequestHttpException($wrong[1])
                : Refusal::at($wrong[0], $wrong[1]);
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array{string, string}|null the field and what is wrong with it
     */
    private static function wrong(array $values, string $at, int $depth): ?array
    {
        foreach ($values as $key => $value) {
            $field = $at === '' ? (string) $key : "$at.$key";
            $says = self::isText((string) $key) ? self::says($value, $depth) : 'A field of this name is not known.';
            if ($says !== null) {
                return [self::isText($field) ? mb_substr($field, 0, 100) : 'form', $says];
            }
            $inner = is_array($value) ? self::wrong($value, $field, $depth + 1) : null;
            if ($inner !== null) {
                return $inner;
            }
        }

        return null;
    }

    private static function says(mixed $value, int $depth): ?string
    {
        return match (true) {
            is_array($value) && $depth >= self::DEEPEST => 'This is nested too deeply.',
            is_string($value) && ! self::isText($value) => 'This holds characters that cannot be kept; type it anew.',
            is_string($value)
                && self::isBeyondNumbers($value), is_float($value)
                && ! is_finite($value) => 'This number is out of every range; write it in digits, for example 2.5.',
            default => null,
        };
    }

    private static function isText(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $text) !== 1;
    }

    private static function isBeyondNumbers(string $text): bool
    {
        return preg_match(self::EXPONENT, $text, $found) === 1 && strlen($found[2]) > self::MOST_EXPONENT_DIGITS;
    }
}
