<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FunctionPart;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Reminder;
use JsonSerializable;

/** What an intake needs to know to ask about a condition. */
final readonly class ConditionAbout implements JsonSerializable
{
    /**
     * @param  array<string, string>  $details  detail code to the words it is asked with
     * @param  array<string, array{
     *     label: string, example: int
     * }>  $numbers  an ordered figure or a count, by the name that
     *     Orders reads; one that ends in _g is a mass in grams
     * @param  list<ConditionTrait>  $traits  while it is in force
     * @param  array<string, ConditionTrait>  $traitsWith  detail code to what follows from it
     * @param  array<string, ConditionTrait>  $traitsWithout  detail code to what follows while it is not said
     * @param  list<string>  $medicines  groups of medicines that fire the same rules
     * @param  bool  $freeDetails  are the details words of the clinician's own?
     * @param  list<string>  $words  other names that people search by: abbreviations, lay words
     * @param  list<Reminder>  $reminders  what the client sees to around a session
     * @param  list<FunctionPart>  $asks  what else is asked about the client's function
     */
    public function __construct(
        public string $code,
        public string $label,
        public ConditionGroup $group,
        public bool $sided = false,
        public array $details = [],
        public ?string $sinceLabel = null,
        public array $numbers = [],
        private array $traits = [],
        private array $traitsWith = [],
        private array $traitsWithout = [],
        public array $medicines = [],
        public bool $freeDetails = false,
        public array $asks = [],
        public array $words = [],
        public array $reminders = [],
    ) {
    }

    /** @return list<ConditionTrait> what follows from the condition as it was entered */
    public function traitsOf(Condition $condition): array
    {
        $traits = array_filter($this->traits, static fn (ConditionTrait $t): bool => $t !== ConditionTrait::FirstBlock
            || ! FirstBlock::isOver($condition));
        if ($this->group === ConditionGroup::Heart) {
            $traits[] = ConditionTrait::NeedsWarmUp;
        }
        foreach ($this->traitsWith as $detail => $trait) {
            if ($condition->has($detail)) {
                $traits[] = $trait;
            }
        }
        foreach ($this->traitsWithout as $detail => $trait) {
            if (! $condition->has($detail)) {
                $traits[] = $trait;
            }
        }

        return array_values($traits);
    }

    /**
     * @return array{
     *     code: string, label: string, sided: bool, details: list<array{code: string, label: string}>,
     *     numbers: list<array{name: string, label: string, example: int}>, since_label: string|null, group: string,
     *     free: bool, asks: list<string>, words: list<string>
     * }
     */
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

        return [
            'code' => $this->code, 'label' => $this->label, 'sided' => $this->sided, 'details' => $details,
            'numbers' => $numbers, 'since_label' => $this->sinceLabel, 'group' => $this->group->label(),
            'free' => $this->freeDetails, 'asks' => array_column($this->asks, 'value'),
            'words' => [...$this->words, ...$this->medicines],
        ];
    }
}
