<?php

declare(strict_types=1);

namespace App\Editing;

/**
 * Two people changed one form from the same beginning. What only one of them touched is taken from that one; what
 * both changed to different values is a clash, and waits for a word. A row of a list (a condition, a piece) is taken
 * or clashes as a whole: half of each would be nobody's.
 *
 * @phpstan-type Clash array{field: string, base: mixed, mine: mixed, theirs: mixed}
 */
final class ThreeWay
{
    /** @var list<Clash> */
    private array $clashes = [];

    /** @var list<string> fields that only the other one changed */
    private array $taken = [];

    /**
     * @param  array<string, mixed>  $base  the form as the page received it
     * @param  array<string, mixed>  $mine  the form as it was sent
     * @param  array<string, mixed>  $theirs  the form as it is stored now; its types are the ones the page knows
     * @param  array<string, string>  $keys  list to the field that names one of its rows
     */
    public function __construct(
        private readonly array $base,
        private readonly array $mine,
        private readonly array $theirs,
        private readonly array $keys = [],
    ) {
    }

    /**
     * @return array{
     *     merged: array<array-key, mixed>, clashes: list<Clash>, taken: list<string>
     * } merged holds mine where both clash
     */
    public function merge(): array
    {
        $this->clashes = [];
        $this->taken = [];
        $merged = [];
        foreach ($this->theirs as $field => $theirs) {
            $merged[$field] = $this->field($field, $this->base[$field] ?? null, $this->mine[$field] ?? null, $theirs);
        }

        return ['merged' => $merged, 'clashes' => $this->clashes, 'taken' => $this->taken];
    }

    private function field(string $at, mixed $base, mixed $mine, mixed $theirs): mixed
    {
        if (isset($this->keys[$at])) {
            return $this->rows($at, self::listed($base), self::listed($mine), self::listed($theirs));
        }
        if (is_array($theirs) && array_is_list($theirs) && self::isScalars($theirs)) {
            return $this->set($at, self::listed($base), self::listed($mine), $theirs);
        }
        if (is_array($theirs) && $theirs !== []) {
            $merged = [];
            foreach ($theirs as $key => $value) {
                $merged[$key] = $this->field(
                    "$at.$key", is_array($base) ? $base[$key] ?? null : null,
                    is_array($mine) ? $mine[$key] ?? null : null, $value,
                );
            }

            return $merged;
        }

        return $this->one($at, $base, $mine, $theirs);
    }

    private function one(string $at, mixed $base, mixed $mine, mixed $theirs): mixed
    {
        if (self::same($mine, $theirs)) {
            return $theirs;
        }
        if (self::same($mine, $base)) {
            $this->taken[] = $at;

            return $theirs;
        }
        if (! self::same($theirs, $base)) {
            $this->clashes[] = ['field' => $at, 'base' => $base, 'mine' => $mine, 'theirs' => $theirs];
        }

        return self::like($theirs, $mine);
    }

    /**
     * Rows by name; the second of the same name is another row.
     *
     * @param  list<mixed>  $base
     * @param  list<mixed>  $mine
     * @param  list<mixed>  $theirs
     * @return list<mixed>
     */
    private function rows(string $at, array $base, array $mine, array $theirs): array
    {
        [$base, $mine, $theirs] = array_map(
            fn (array $rows): array => $this->byName($at, $rows), [$base, $mine, $theirs],
        );
        $merged = [];
        foreach (array_keys($theirs + $mine + $base) as $name) {
            $row = $this->one("$at.$name", $base[$name] ?? null, $mine[$name] ?? null, $theirs[$name] ?? null);
            if ($row !== null && $row !== '') {
                $merged[] = $row;
            }
        }

        return $merged;
    }

    /**
     * @param  list<mixed>  $rows
     * @return array<string, mixed>
     */
    private function byName(string $at, array $rows): array
    {
        $named = [];
        foreach ($rows as $row) {
            $name = is_array($row) && is_scalar($row[$this->keys[$at]] ?? null) ? (string) $row[$this->keys[$at]] : '?';
            for ($n = 1, $key = $name; isset($named[$key]); $key = $name.' #'.++$n);
            $named[$key] = $row;
        }

        return $named;
    }

    /**
     * Ticks never clash: what either of them added is in, what either of them took out is out.
     *
     * @param  list<mixed>  $base
     * @param  list<mixed>  $mine
     * @param  list<mixed>  $theirs
     * @return list<mixed>
     */
    private function set(string $at, array $base, array $mine, array $theirs): array
    {
        $kept = array_filter($theirs, static fn (mixed $v): bool => self::in($v, $mine) || ! self::in($v, $base));
        $added = array_filter($mine, static fn (mixed $v): bool => ! self::in($v, $theirs) && ! self::in($v, $base));
        if (
            array_filter([...$kept, ...$added], static fn (mixed $v): bool => ! self::in($v, $mine)) !== []
            || array_filter($mine, static fn (mixed $v): bool => ! self::in($v, [...$kept, ...$added])) !== []
        ) {
            $this->taken[] = $at;
        }

        return [...$kept, ...$added];
    }

    /** @param  list<mixed>  $values */
    private static function in(mixed $value, array $values): bool
    {
        foreach ($values as $other) {
            if (self::same($value, $other)) {
                return true;
            }
        }

        return false;
    }

    /** Empty is empty, and "66.5" is 66.5: a form sends text where the record holds numbers. */
    private static function same(mixed $a, mixed $b): bool
    {
        if (is_array($a) && is_array($b)) {
            foreach (array_keys($a + $b) as $key) {
                if (! self::same($a[$key] ?? null, $b[$key] ?? null)) {
                    return false;
                }
            }

            return true;
        }
        [$a, $b] = array_map(static fn (mixed $v): mixed => $v === '' || $v === [] ? null : $v, [$a, $b]);

        return is_numeric($a) && is_numeric($b)
            ? (float) $a === (float) $b
            : (is_string($a) && is_string($b) ? trim($a) === trim($b) : $a === $b);
    }

    private static function like(mixed $model, mixed $value): mixed
    {
        return match (true) {
            $value === null && is_string($model) => '',
            is_string($model) && (is_int($value) || is_float($value)) => (string) $value,
            default => $value,
        };
    }

    /** @return list<mixed> */
    private static function listed(mixed $value): array
    {
        return is_array($value) ? array_values($value) : [];
    }

    /** @param  list<mixed>  $values */
    private static function isScalars(array $values): bool
    {
        return array_filter($values, static fn (mixed $v): bool => ! is_scalar($v)) === [];
    }
}
