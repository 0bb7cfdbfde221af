<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Input;

use BackedEnum;
use BuoyantStep\Core\Errors\InvalidInput;

/**
 * Typed reading of decoded JSON. Keeps the JSON pointer of where it stands, so that an error names the field.
 * Every reader throws InvalidInput when the value is missing, of another type, or out of range.
 */
final readonly class Bag
{
    /** @param  array<array-key, mixed>  $values */
    public function __construct(private array $values, private string $pointer = '')
    {
    }

    public static function decode(string $json, string $pointer = ''): self
    {
        $values = json_decode($json, true);
        if (! is_array($values)) {
            throw InvalidInput::at($pointer, 'This must be a JSON object.');
        }

        return new self($values, $pointer);
    }

    public function has(string $key): bool
    {
        return ($this->values[$key] ?? null) !== null;
    }

    /** @return array<array-key, mixed> */
    public function all(): array
    {
        return $this->values;
    }

    /** The same with other values in place of some. */
    public function with(mixed ...$values): self
    {
        return new self([...$this->values, ...$values], $this->pointer);
    }

    /** The same with what is missing taken from another, objects key by key. */
    public function over(self $shared): self
    {
        $values = $this->values;
        foreach ($shared->values as $key => $value) {
            $own = $values[$key] ?? null;
            $values[$key] = match (true) {
                $own === null => $value,
                is_array($own) && is_array($value) && ! array_is_list($value) => [...$value, ...$own],
                default => $own,
            };
        }

        return new self($values, $this->pointer);
    }

    public function isText(string $key): bool
    {
        return is_string($this->values[$key] ?? null);
    }

    public function pointer(string $key): string
    {
        return $this->pointer.'/'.$key;
    }

    public function string(string $key): string
    {
        $value = $this->values[$key] ?? null;
        if (! is_string($value) || trim($value) === '') {
            throw InvalidInput::at($this->pointer($key), sprintf('"%s" must be a text that is not empty.', $key));
        }

        return $value;
    }

    public function optString(string $key): ?string
    {
        return $this->has($key) ? $this->string($key) : null;
    }

    public function int(string $key, int $min = 0, int $max = PHP_INT_MAX): int
    {
        $value = $this->values[$key] ?? null;
        if (is_float($value) && floor($value) === $value && abs($value) < 1e15) {
            $value = (int) $value;
        }
        if (! is_int($value) || $value < $min || $value > $max) {
            throw InvalidInput::at(
                $this->pointer($key),
                $max === PHP_INT_MAX
                    ? sprintf('"%s" must be a whole number, %d or more.', $key, $min)
                    : sprintf('"%s" must be a whole number from %d to %d.', $key, $min, $max),
            );
        }

        return $value;
    }

    public function optInt(string $key, int $min = 0, int $max = PHP_INT_MAX): ?int
    {
        return $this->has($key) ? $this->int($key, $min, $max) : null;
    }

    public function number(string $key, float $min = 0.0, float $max = 1e9): float
    {
        $value = $this->values[$key] ?? null;
        if ((! is_int($value) && ! is_float($value)) || $value < $min || $value > $max) {
            throw InvalidInput::at(
                $this->pointer($key),
                sprintf('"%s" must be a number from %s to %s.', $key, self::plain($min), self::plain($max)),
            );
        }

        return (float) $value;
    }

    public function optNumber(string $key, float $min = 0.0, float $max = 1e9): ?float
    {
        return $this->has($key) ? $this->number($key, $min, $max) : null;
    }

    public function bool(string $key, bool $default = false): bool
    {
        $value = $this->values[$key] ?? $default;
        if (! is_bool($value)) {
            throw InvalidInput::at($this->pointer($key), sprintf('"%s" must be true or false.', $key));
        }

        return $value;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function enum(string $key, string $enum): BackedEnum
    {
        $value = $this->values[$key] ?? null;
        // PHP refuses a number for an enum of texts outright, and the other way round.
        $found = (is_string($value) || is_int($value)) && is_int($value) === is_int($enum::cases()[0]->value)
            ? $enum::tryFrom($value)
            : null;
        if ($found === null) {
            $words = implode(', ', array_map(static fn (BackedEnum $c): string => (string) $c->value, $enum::cases()));
            throw InvalidInput::at($this->pointer($key), sprintf('"%s" must be one of: %s.', $key, $words));
        }

        return $found;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function optEnum(string $key, string $enum): ?BackedEnum
    {
        return $this->has($key) ? $this->enum($key, $enum) : null;
    }

    public function bag(string $key): self
    {
        $value = $this->values[$key] ?? null;
        if (! is_array($value)) {
            throw InvalidInput::at($this->pointer($key), sprintf('"%s" must be an object.', $key));
        }

        return new self($value, $this->pointer($key));
    }

    public function optBag(string $key): ?self
    {
        return $this->has($key) ? $this->bag($key) : null;
    }

    /** @return list<self> Empty when the key is absent. */
    public function bags(string $key): array
    {
        $value = $this->values[$key] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            throw InvalidInput::at($this->pointer($key), sprintf('"%s" must be a list.', $key));
        }
        $bags = [];
        foreach ($value as $i => $row) {
            if (! is_array($row)) {
                throw InvalidInput::at(
                    $this->pointer($key).'/'.$i, sprintf('Each entry of "%s" must be an object.', $key),
                );
            }
            $bags[] = new self($row, $this->pointer($key).'/'.$i);
        }

        return $bags;
    }

    /** @return list<string> Empty when the key is absent. A single text counts as a list of one. */
    public function strings(string $key): array
    {
        $value = $this->values[$key] ?? [];
        if (is_string($value)) {
            $value = [$value];
        }
        if (! is_array($value)) {
            throw InvalidInput::at($this->pointer($key), sprintf('"%s" must be a list of texts.', $key));
        }
        $texts = [];
        foreach ($value as $i => $text) {
            if (! is_string($text)) {
                throw InvalidInput::at(
                    $this->pointer($key).'/'.$i, sprintf('Each entry of "%s" must be a text.', $key),
                );
            }
            $texts[] = $text;
        }

        return $texts;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T> Empty when the key is absent.
     */
    public function enums(string $key, string $enum): array
    {
        $found = [];
        foreach ($this->strings($key) as $i => $text) {
            $found[] = (new self([(string) $i => $text], $this->pointer($key)))->enum((string) $i, $enum);
        }

        return $found;
    }

    /** @return list<int> */
    public function ints(string $key, int $min, int $max): array
    {
        $value = $this->values[$key] ?? [];
        $ints = [];
        foreach (is_array($value) ? $value : [$value] as $i => $int) {
            if (! is_int($int) || $int < $min || $int > $max) {
                throw InvalidInput::at(
                    $this->pointer($key).'/'.$i,
                    sprintf('Each entry of "%s" must be a whole number from %d to %d.', $key, $min, $max),
                );
            }
            $ints[] = $int;
        }

        return $ints;
    }

    /** @return list<float> Empty when the key is absent. */
    public function numbers(string $key): array
    {
        $value = $this->values[$key] ?? [];
        $numbers = [];
        foreach (is_array($value) ? $value : [$value] as $i => $number) {
            if (! is_int($number) && ! is_float($number)) {
                throw InvalidInput::at(
                    $this->pointer($key).'/'.$i, sprintf('Each entry of "%s" must be a number.', $key),
                );
            }
            $numbers[] = (float) $number;
        }

        return $numbers;
    }

    /** @return list<array{float, float}> Empty when the key is absent. */
    public function pairs(string $key): array
    {
        $pairs = [];
        $value = $this->values[$key] ?? [];
        foreach (is_array($value) ? $value : [] as $i => $pair) {
            $numbers = (new self(['pair' => $pair], $this->pointer($key).'/'.$i))->numbers('pair');
            if (count($numbers) !== 2) {
                throw InvalidInput::at(
                    $this->pointer($key).'/'.$i, sprintf('Each entry of "%s" must be a pair of numbers.', $key),
                );
            }
            $pairs[] = [$numbers[0], $numbers[1]];
        }

        return $pairs;
    }

    /** A number of either sign, 0 when absent. */
    public function signed(string $key): float
    {
        return $this->optNumber($key, -1e6, 1e6) ?? 0.0;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    /** @return array<string, string> */
    public function texts(string $key): array
    {
        $value = $this->values[$key] ?? [];
        $texts = [];
        foreach (is_array($value) ? $value : [] as $name => $text) {
            if (is_string($text)) {
                $texts[(string) $name] = $text;
            }
        }

        return $texts;
    }

    private static function plain(float $x): string
    {
        return rtrim(rtrim(number_format($x, 2, '.', ''), '0'), '.');
    }
}
