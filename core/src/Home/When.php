<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use JsonSerializable;

/**
 * One condition of a row: a number within a range (both ends included), a yes or a no, something that was left open, or
 * any or none of some signs. A row speaks when all its conditions hold.
 */
final readonly class When implements JsonSerializable
{
    /** @param  list<bool|float|int|string>  $of */
    private function __construct(private string $kind, private string $field, private array $of)
    {
    }

    public static function within(string $field, float $from, float $to): self
    {
        return new self('within', $field, [$from, $to]);
    }

    public static function is(string $field, bool $answer): self
    {
        return new self('is', $field, [$answer]);
    }

    public static function open(string $field): self
    {
        return new self('open', $field, []);
    }

    public static function told(string $field): self
    {
        return new self('told', $field, []);
    }

    /** A number that lies so far or further below another. */
    public static function below(string $field, string $other, int $by): self
    {
        return new self('below', $field, [$other, $by]);
    }

    /** @param  list<string>  $signs */
    public static function any(array $signs): self
    {
        return new self('any', 'signs', $signs);
    }

    /** @param  list<string>  $signs */
    public static function none(array $signs): self
    {
        return new self('none', 'signs', $signs);
    }

    /** @return list<mixed> as short as it can be: kind, field, then what it is held against */
    public function jsonSerialize(): array
    {
        return [$this->kind, $this->field, ...$this->of];
    }
}
