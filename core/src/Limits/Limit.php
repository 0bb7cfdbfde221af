<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Word;

/**
 * One narrowing of what may be prescribed: the field, its value, where it holds, and who asked for it and why.
 * For a list field the value is one word.
 */
final readonly class Limit
{
    public function __construct(
        public Field $field,
        public int|string|bool|Word $value,
        public string $rule,
        public string $says,
        public string $source,
        public Scope $scope = new Scope,
        public ?Binds $binds = null,
    ) {
    }

    /** Two limits with one key are one limit: this is what makes merging idempotent. */
    public function key(): string
    {
        return implode(
            '#',
            [
                $this->field->value, $this->rule, $this->scope->key(), $this->binds?->value,
                var_export($this->plain(), true), $this->says,
            ],
        );
    }

    /** The value as the open form writes it. */
    public function plain(): int|string|bool
    {
        return $this->value instanceof Word ? $this->value->code() : $this->value;
    }

    /** The value in words, with its unit. */
    public function label(): string
    {
        return match (true) {
            $this->value instanceof Word => $this->value->label(),
            is_int($this->value) && $this->field === Field::LiftMaxG => Mass::say($this->value),
            is_bool($this->value) => $this->value ? 'yes' : 'no',
            default => (string) $this->value,
        };
    }

    public function asReason(): Reason
    {
        return new Reason('limit', $this->rule, $this->says, $this->source);
    }
}
