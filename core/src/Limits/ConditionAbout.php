<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use JsonSerializable;

/** What an intake needs to know to ask about a condition. */
final readonly class ConditionAbout implements JsonSerializable
{
    /**
     * @param  array<string, string>  $details  detail code to the words it is asked with
     * @param  array<string, array{label: string, example: int}>  $numbers  an ordered figure or a count, by the name that Orders reads; one that ends in _g is a mass in grams
     */
    public function __construct(
        public string $code,
        public string $label,
        public bool $sided = false,
        public array $details = [],
        public ?string $sinceLabel = null,
        public string $group = 'Other',
        public array $numbers = [],
    ) {
    }

    public function in(string $group): self
    {
        return new self($this->code, $this->label, $this->sided, $this->details, $this->sinceLabel, $group, $this->numbers);
    }

    /** @return array{code: string, label: string, sided: bool, details: list<array{code: string, label: string}>, numbers: list<array{name: string, label: string, example: int}>, since_label: string|null, group: string} */
    public function jsonSerialize(): array
    {
        $details = [];
        foreach ($this->details as $code => $label) {
            $details[] = ['code' => $code, 'label' => $label];
        }

        $numbers = [];
        foreach ($this->numbers as $name => $number) {
            $numbers[] = ['name' => $name, ...$number];
        }

        return ['code' => $this->code, 'label' => $this->label, 'sided' => $this->sided, 'details' => $details, 'numbers' => $numbers, 'since_label' => $this->sinceLabel, 'group' => $this->group];
    }
}
