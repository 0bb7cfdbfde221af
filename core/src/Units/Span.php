<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use JsonSerializable;

/** A closed range of whole numbers, lo ≤ hi: reps, seconds, steps, effort. */
final readonly class Span implements JsonSerializable
{
    public function __construct(public int $lo, public int $hi)
    {
        if ($lo < 0 || $hi < $lo) {
            throw InvalidInput::at(
                '', sprintf('A range must run from a lower to a higher number; %d to %d does not.', $lo, $hi),
            );
        }
    }

    public static function read(Bag $bag, string $key, int $max): ?self
    {
        $range = $bag->optBag($key);
        if ($range === null) {
            return null;
        }
        $lo = $range->int('lo', 0, $max);
        $hi = $range->int('hi', 0, $max);
        if ($hi < $lo) {
            throw InvalidInput::at(
                $bag->pointer($key),
                sprintf('"%s" must run from a lower to a higher number; %d to %d does not.', $key, $lo, $hi),
            );
        }

        return new self($lo, $hi);
    }

    /** The lower of the ends of both. */
    public static function lesser(self $a, self $b): self
    {
        return new self(min($a->lo, $b->lo), min($a->hi, $b->hi));
    }

    public function contains(int $n): bool
    {
        return $n >= $this->lo && $n <= $this->hi;
    }

    /** "8-12", or "12" when both ends are one. */
    public function label(): string
    {
        return $this->lo === $this->hi ? (string) $this->lo : $this->lo.'-'.$this->hi;
    }

    /** @return array{lo: int, hi: int} */
    public function jsonSerialize(): array
    {
        return ['lo' => $this->lo, 'hi' => $this->hi];
    }
}
