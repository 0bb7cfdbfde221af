<?php

declare(strict_types=1);

namespace App\Rows;

use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Units\Mass;

/**
 * A condition's details as the core reads them, "lift_g:4500" among them, and as a form asks them: words to tick, and
 * numbers to type.
 */
final class ConditionDetails
{
    /**
     * @param  list<string>  $details
     * @return array{
     *     details: list<string>, numbers: array<string, string>
     * }  masses in kilograms, of two orders the tighter
     */
    public static function forForm(array $details): array
    {
        $words = $numbers = [];
        foreach ($details as $detail) {
            if (preg_match('/^([a-z_]+):(\d{1,6})$/', $detail, $found) !== 1) {
                $words[] = $detail;

                continue;
            }
            $numbers[$found[1]] = min($numbers[$found[1]] ?? PHP_INT_MAX, (int) $found[2]);
        }
        $typed = [];
        foreach ($numbers as $name => $number) {
            $typed[self::field($name)] = self::isMass($name)
                ? (string) Mass::grams($number)->kilograms()
                : (string) $number;
        }

        return ['details' => $words, 'numbers' => $typed];
    }

    /** @return list<string> */
    public static function fromForm(mixed $details, mixed $numbers): array
    {
        $all = array_values(array_filter(is_array($details) ? $details : [], is_string(...)));
        foreach (is_array($numbers) ? $numbers : [] as $field => $typed) {
            if (is_numeric($typed) && is_string($field)) {
                $all[] = str_ends_with($field, '_kg')
                    ? substr($field, 0, -strlen('_kg')).'_g:'.Mass::typed($typed)?->grams
                    : $field.':'.(int) $typed;
            }
        }

        return $all;
    }

    /**
     * A condition as a form asks about it: each number by its field, with whether it is a mass.
     *
     * @return array<string, mixed>
     */
    public static function asked(ConditionAbout $about): array
    {
        $asked = $about->jsonSerialize();
        $asked['numbers'] = array_map(
            static fn (array $n): array => [
                'field' => self::field($n['name']), 'mass' => self::isMass($n['name']), 'label' => $n['label'],
                'example' => self::isMass($n['name']) ? Mass::say($n['example']) : (string) $n['example'],
            ],
            $asked['numbers'],
        );

        return $asked;
    }

    /** What a number is called in a form: a mass is typed in kilograms, "lift_g" there is "lift_kg". */
    private static function field(string $name): string
    {
        return self::isMass($name) ? substr($name, 0, -1).'kg' : $name;
    }

    private static function isMass(string $name): bool
    {
        return str_ends_with($name, '_g');
    }
}
