<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;

/** One question with all its answers, as finely as they are told; what is left open is no answer. */
final readonly class Field
{
    /** How finely a number is told: weight and temperature, glucose and ketones to a tenth, the rest whole. */
    public const TENTHS = [Vital::Glucose, Vital::Ketones, Vital::Weight, Vital::Temperature];

    /** @param  non-empty-list<bool|float>  $answers  ascending */
    private function __construct(public string $name, public array $answers)
    {
    }

    public static function number(Vital $vital): self
    {
        $range = $vital->range();
        $parts = in_array($vital, self::TENTHS, true) ? 10 : 1;
        $answers = array_map(
            static fn (int $n): float => $n / $parts,
            range((int) ceil($range->min * $parts), (int) floor($range->max * $parts)),
        );

        return new self($vital->value, $answers);
    }

    public static function seen(Seen $seen): self
    {
        return new self($seen->value, [false, true]);
    }

    public function isNumber(): bool
    {
        return is_float($this->answers[0]);
    }

    public function between(bool|float $from, bool|float $to): When
    {
        return is_bool($from) || is_bool($to) ? When::is($this->name, (bool) $from)
            : When::within($this->name, $from, $to);
    }
}
