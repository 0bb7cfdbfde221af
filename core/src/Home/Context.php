<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

/**
 * What stands beside an answer: a state of each question that changes what is said to it.
 *
 * @phpstan-import-type Answers from Probe
 */
final readonly class Context
{
    /** @param  array<string, State>  $states  by what they are states of */
    public function __construct(private array $states = [])
    {
    }

    public function with(State $state): self
    {
        return new self([...$this->states, $state->of => $state]);
    }

    /**
     * @param  Answers  $well  an answer to each question that says nothing
     * @return Answers
     */
    public function answers(array $well): array
    {
        $answers = [];
        foreach ($this->states as $state) {
            $answers = $state->answer($answers, $well);
        }

        return $answers;
    }

    /** @return list<When> */
    public function conditions(): array
    {
        return array_map(static fn (State $s): When => $s->when(), array_values($this->states));
    }

    /**
     * As few as say the same: where something is said in every state of a question, that question is no condition.
     *
     * @param  list<self>  $contexts
     * @param  list<non-empty-list<State>>  $modifiers  each with all its states
     * @return list<self>
     */
    public static function fewest(array $contexts, array $modifiers): array
    {
        foreach ($modifiers as $states) {
            $of = $states[0]->of;
            $alike = [];
            foreach ($contexts as $context) {
                $alike[serialize(array_diff_key($context->states, [$of => true]))][] = $context;
            }
            $contexts = [];
            foreach ($alike as $same) {
                array_push($contexts, ...(count($same) === count($states)
                    ? [new self(array_diff_key($same[0]->states, [$of => true]))] : $same));
            }
        }

        return $contexts;
    }
}
