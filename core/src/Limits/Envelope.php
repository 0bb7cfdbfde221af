<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/**
 * What may be prescribed for one client on one day: a set of limits. Merging is the union of two sets, so it is
 * commutative, associative and idempotent by construction; reading a field takes the tightest value that binds the
 * part of the body in question, so a further limit can only narrow.
 */
final readonly class Envelope
{
    /** @var array<string, Limit> sorted by key */
    private array $limits;

    /** @var array<string, list<Limit>> field to limits, in rule order */
    private array $byField;

    /** @param  iterable<Limit>  $limits */
    public function __construct(iterable $limits = [])
    {
        $set = [];
        foreach ($limits as $limit) {
            $set[$limit->key()] = $limit;
        }
        ksort($set);
        $byField = [];
        foreach ($set as $limit) {
            $byField[$limit->field->value][] = $limit;
        }
        $this->limits = $set;
        $this->byField = $byField;
    }

    public function merge(self $other): self
    {
        return new self([...array_values($this->limits), ...array_values($other->limits)]);
    }

    /** @return list<Limit> the limits of a field that bind this work */
    public function binding(Field $field, Scope $work = new Scope): array
    {
        return array_values(array_filter($this->byField[$field->value] ?? [], static fn (Limit $l): bool => $l->scope->binds($work)));
    }

    /** The tightest limit of a field with one value; null when nothing limits it. */
    public function tightest(Field $field, Scope $work = new Scope): ?Limit
    {
        $best = null;
        foreach ($this->byField[$field->value] ?? [] as $limit) {
            if ($limit->scope->binds($work) && ($best === null || $field->tightness($limit->value) > $field->tightness($best->value))) {
                $best = $limit;
            }
        }

        return $best;
    }

    public function number(Field $field, Scope $work = new Scope): ?int
    {
        $value = $this->tightest($field, $work)?->value;

        return is_int($value) ? $value : null;
    }

    /** Number of a field that always has one, because the defaults set it. */
    public function atLeast(Field $field, int $default, Scope $work = new Scope): int
    {
        return $this->number($field, $work) ?? $default;
    }

    public function word(Field $field, Scope $work = new Scope): string
    {
        $value = $this->tightest($field, $work)?->value;

        return is_string($value) ? $value : ($field->scale()[0] ?? '');
    }

    public function flag(Field $field, Scope $work = new Scope): bool
    {
        return $this->tightest($field, $work)?->value !== false;
    }

    /** @return list<string> sorted, without repeats */
    public function words(Field $field, Scope $work = new Scope): array
    {
        $words = [];
        foreach ($this->binding($field, $work) as $limit) {
            $words[(string) $limit->value] = true;
        }
        $words = array_map(strval(...), array_keys($words));
        sort($words);

        return $words;
    }

    public function has(Field $field, string $word, Scope $work = new Scope): ?Limit
    {
        foreach ($this->byField[$field->value] ?? [] as $limit) {
            if ($limit->value === $word && $limit->scope->binds($work)) {
                return $limit;
            }
        }

        return null;
    }

    /** @return list<Limit> all limits, in a fixed order */
    public function all(): array
    {
        return array_values($this->limits);
    }
}
