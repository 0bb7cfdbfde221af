<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/**
 * One narrowing of what may be prescribed: the field, its value, where it holds, and who asked for it and why.
 * For a list field the value is one word (a watch is written "what|when").
 */
final readonly class Limit
{
    public function __construct(
        public Field $field,
        public int|string|bool $value,
        public string $rule,
        public string $says,
        public string $source,
        public Scope $scope = new Scope,
    ) {
    }

    /** Two limits with one key are one limit: this is what makes merging idempotent. */
    public function key(): string
    {
        return implode('#', [$this->field->value, $this->rule, $this->scope->key(), var_export($this->value, true), $this->says]);
    }
}
