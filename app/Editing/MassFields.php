<?php

declare(strict_types=1);

namespace App\Editing;

use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\MassUnit;

/**
 * The masses of a form on their way in and out. A field whose name ends in `_kg`, and a pull in `kgf`, holds one: here
 * in kilograms, on the page as its reader types it, "4.92 lb" or "2.23". What is typed says its own unit, so it means
 * the same wherever it was kept meanwhile.
 */
final class MassFields
{
    /**
     * What was sent, each mass in kilograms. What is no mass stays as it was typed: the rules say what is wrong with
     * it.
     *
     * @template K of array-key
     *
     * @param  array<K, mixed>  $input
     * @return array<K, mixed>
     */
    public static function read(array $input): array
    {
        return self::each($input, static fn (mixed $typed): mixed => self::kilograms($typed));
    }

    /**
     * A form as its reader sees it: each mass in the reader's unit once the page goes out.
     *
     * @template K of array-key
     *
     * @param  array<K, mixed>  $form
     * @return array<K, mixed>
     */
    public static function shown(array $form): array
    {
        return self::each(
            $form,
            static fn (mixed $kg): mixed => is_numeric($kg) ? Mass::field((float) $kg * 1000) : $kg,
        );
    }

    public static function isMass(string $field): bool
    {
        return str_ends_with($field, '_kg') || $field === 'kgf';
    }

    /**
     * "4.92 lb" as "2.232", "2,5" as "2.5"; what is no mass as it was. Pounds come out in whole grams, so that a box
     * that was only looked at says what the record says.
     */
    public static function kilograms(mixed $typed): mixed
    {
        if (! is_string($typed) || preg_match('/^\s*([-+\d.,]+)\s*(kg|lb)?s?\s*$/i', $typed, $found) !== 1) {
            return $typed;
        }
        $number = str_replace(',', '.', $found[1]);

        return match (true) {
            ! is_numeric($number) => $typed,
            strtolower($found[2] ?? '') === MassUnit::Pound->value => Mass::trim(
                number_format(MassUnit::Pound->grams((float) $number) / 1000, 3, '.', ''),
            ),
            default => $number,
        };
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, mixed>  $values
     * @param  callable(mixed): mixed  $mass
     * @return array<K, mixed>
     */
    private static function each(array $values, callable $mass): array
    {
        foreach ($values as $key => $value) {
            $values[$key] = match (true) {
                is_array($value) => self::each($value, $mass),
                is_string($key) && self::isMass($key) => $mass($value),
                default => $value,
            };
        }

        return $values;
    }
}
