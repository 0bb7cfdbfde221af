<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\Medicine;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Limits\Always\BalanceMeasures;
use BuoyantStep\Core\Limits\Always\Defaults;
use BuoyantStep\Core\Limits\Always\FunctionLimits;
use BuoyantStep\Core\Limits\Always\Postpartum;
use BuoyantStep\Core\Limits\Always\Pregnancy;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Reminder;

/** Every rule set, registered once. Turns facts into the merged envelope and the dates on which it will change. */
final readonly class RuleBook
{
    /** @var array<string, ConditionRules> */
    private array $conditions;

    /** @var array<string, ConditionAbout> */
    private array $abouts;

    /**
     * @param  list<ConditionRules>  $conditions
     * @param  list<AlwaysRules>  $always
     */
    public function __construct(array $conditions, private array $always)
    {
        $byCode = $abouts = [];
        foreach ($conditions as $rules) {
            $about = $rules->about();
            $byCode[$about->code] = $rules;
            $abouts[$about->code] = $about;
        }
        $this->conditions = $byCode;
        $this->abouts = $abouts;
    }

    public static function standard(): self
    {
        return new self(
            AllConditions::all(),
            [new Defaults, new FunctionLimits, new BalanceMeasures, new Pregnancy, new Postpartum],
        );
    }

    /** @return list<ConditionAbout> */
    public function conditions(): array
    {
        return array_values($this->abouts);
    }

    /**
     * Every limit that a condition can set, with each of its details off and on and an example of each number: what
     * the rulebook shows.
     *
     * @return array<string, list<Limit>> rule id to limits
     */
    public function catalogue(Facts $facts): array
    {
        $book = [];
        foreach ($this->always as $rules) {
            foreach ($rules->limits($facts)->all() as $limit) {
                $book[$limit->rule][$limit->key()] = $limit;
            }
        }
        foreach ($this->conditions as $code => $rules) {
            $about = $this->abouts[$code];
            $details = [
                ...array_map(strval(...), array_keys($about->details)),
                ...array_map(
                    static fn (string $name, array $n): string => $name.':'.$n['example'],
                    array_keys($about->numbers),
                    $about->numbers,
                ),
            ];
            foreach ([[], ...array_map(static fn (string $d): array => [$d], $details)] as $with) {
                foreach ($rules->limits(new Condition((string) $code, details: $with), $facts)->all() as $limit) {
                    $book[$limit->rule][$limit->key()] = $limit;
                }
            }
        }

        return array_map(array_values(...), $book);
    }

    /** @return array<string, string> rule id to the name a clinician knows it by */
    public function labels(): array
    {
        $labels = [OwnLimits::RULE => 'Set for this client'];
        foreach ($this->always as $rules) {
            $labels[$rules->code()] = $rules->label();
        }
        foreach ($this->conditions() as $about) {
            $labels[$about->code] = $about->label;
        }

        return $labels;
    }

    /** When what a rule stands for began with this client, as far as that is known. */
    public function since(string $rule, Facts $facts): ?Day
    {
        foreach ($this->always as $rules) {
            if ($rules->code() === $rule) {
                return $rules->since($facts);
            }
        }

        return $facts->client->condition($rule)?->since;
    }

    /** @return list<Reminder> what the client sees to around a session, each once */
    public function reminders(Facts $facts): array
    {
        $reminders = [];
        foreach ($this->inForce($facts) as $condition) {
            foreach ($this->rules($condition)->about()->reminders as $reminder) {
                $reminders[$reminder->value] = $reminder;
            }
        }

        return array_values($reminders);
    }

    /** @throws UnknownCode when a condition has no rules here: never silently ignored */
    public function envelope(Facts $facts, ClinicFigures $clinic = new ClinicFigures): Envelope
    {
        $limits = $traits = [];
        foreach ($this->inForce($facts) as $condition) {
            $rules = $this->rules($condition);
            array_push($limits, ...$rules->limits($condition, $facts)->all(), ...$this->unread($condition));
            array_push($traits, ...$rules->about()->traitsOf($condition));
        }
        array_push($limits, ...$this->unknownMedicines($facts), ...OwnLimits::of($facts->client));
        if (Frailty::of($facts)) {
            $traits[] = ConditionTrait::Fragile;
        }
        foreach ($this->always as $rules) {
            array_push($limits, ...$rules->limits($facts->with($traits))->all());
        }

        return new Envelope($clinic->applyTo($limits), $traits);
    }

    /**
     * @return list<Crossing> soonest first
     *
     * @throws UnknownCode
     */
    public function crossings(Facts $facts): array
    {
        $crossings = [];
        foreach ($this->withImplied($facts) as $condition) {
            $rules = $this->rules($condition);
            if ($condition->since !== null && $condition->since->isAfter($facts->on)) {
                $crossings[] = new Crossing(
                    $condition->since, $condition->code, $rules->about()->label.': its limits begin.', true,
                );
            }
            if ($condition->until !== null && ! $condition->until->isBefore($facts->on)) {
                $crossings[] = new Crossing(
                    $condition->until,
                    $condition->code,
                    $rules->about()->label.': its limits may end. They hold until you confirm it.',
                    false,
                );
            }
            array_push($crossings, ...$rules->crossings($condition, $facts));
        }
        $crossings = array_values(
            array_combine(
                array_map(static fn (Crossing $c): string => $c->date.$c->rule.$c->says, $crossings), $crossings,
            ),
        );
        array_push($crossings, ...OwnLimits::crossings($facts));
        foreach ($this->always as $rules) {
            array_push($crossings, ...$rules->crossings($facts));
        }
        usort(
            $crossings,
            static fn (Crossing $a, Crossing $b): int => [
                (string) $a->date, $a->rule, $a->says,
            ] <=> [(string) $b->date, $b->rule, $b->says],
        );

        return $crossings;
    }

    /**
     * What may loosen since its date has come, and holds until a clinician confirms it.
     *
     * @return list<Crossing> oldest first
     *
     * @throws UnknownCode
     */
    public function waiting(Facts $facts): array
    {
        $waiting = [];
        foreach ($this->withImplied($facts) as $condition) {
            $waiting = [...$waiting, ...$this->waitingFor($condition, $facts)];
        }
        foreach ($this->always as $rules) {
            if ($rules instanceof HasWaiting) {
                $waiting = [...$waiting, ...$rules->waiting($facts)];
            }
        }
        usort($waiting, static fn (Crossing $a, Crossing $b): int => (string) $a->date <=> (string) $b->date);

        return $waiting;
    }

    /** @return array<string, Crossing> */
    private function waitingFor(Condition $condition, Facts $facts): array
    {
        $waiting = [];
        $label = $this->rules($condition)->about()->label;
        if (
            $condition->until !== null
            && $condition->until->isBefore($facts->on)
            && ! $condition->has(Condition::END_CONFIRMED)
        ) {
            $waiting[$condition->code.'.end'] = new Crossing(
                $condition->until,
                $condition->code,
                $label.': its end date has passed. Its limits hold until you confirm the end.',
                false,
            );
        }
        $rules = $this->rules($condition);
        $due = $rules instanceof OpensByWord && $condition->inForce($facts->on)
            ? $rules->opening()->due($condition, $facts)
            : null;
        if ($due !== null) {
            $waiting[$condition->code.'.opening'] = $due;
        }
        if ($rules instanceof HasFirstBlock) {
            $end = FirstBlock::end($condition, $facts, $rules->firstBlockDays());
            if ($end !== null && ! $end->isAfter($facts->on)) {
                $waiting[$condition->code.'.first_block'] = new Crossing(
                    $end,
                    $condition->code,
                    $label.': the first block is over. The lighter limits hold until you confirm it.',
                    false,
                );
            }
        }

        return $waiting;
    }

    /** What a clinician's word opens in a condition, when it has such a date; null otherwise. */
    public function opening(string $code): ?DatedOpening
    {
        $rules = $this->conditions[$code] ?? null;

        return $rules instanceof OpensByWord ? $rules->opening() : null;
    }

    /**
     * Details that no rule reads: a misspelt one must not look as if it had been used.
     *
     * @return iterable<Limit> a note for each
     */
    private function unread(Condition $condition): iterable
    {
        $about = $this->rules($condition)->about();
        foreach ($condition->details as $detail) {
            $isNumber = Orders::isNumber($detail, array_keys($about->numbers));
            if (
                ! $isNumber
                && ! isset($about->details[$detail])
                && ! in_array($detail, [Condition::END_CONFIRMED, Condition::FIRST_BLOCK_DONE], true)
                && ! $about->freeDetails
            ) {
                $known = [
                    ...array_keys($about->details),
                    ...array_map(static fn (string $n): string => $n.':number', array_keys($about->numbers)),
                ];
                yield new Limit(
                    Field::Notes,
                    sprintf(
                        '%s: the detail "%s" is not known and changes nothing%s.', $about->label, $detail,
                        $known === [] ? '' : '; known are '.implode(', ', $known),
                    ),
                    $condition->code,
                    'Entered, and not used.',
                    'House convention, cautious',
                );
            }
        }
    }

    /**
     * A medicine that no rule knows is said, so that it does not look as if it had been thought of.
     *
     * @return iterable<Limit> a note for each
     */
    private function unknownMedicines(Facts $facts): iterable
    {
        $known = array_merge(...array_map(
            static fn (ConditionAbout $about): array => $about->medicines, array_values($this->abouts),
        ));
        array_push($known, ...Medicine::KETONES);
        foreach ($facts->client->medicines as $medicine) {
            if (array_filter($known, static fn (string $k): bool => Profile::isMedicine($medicine, $k)) === []) {
                yield new Limit(
                    Field::Notes, sprintf('No rule here knows the medicine "%s": look it up.', $medicine), 'medicines',
                    'Entered, and not used.', 'House convention, cautious',
                );
            }
        }
    }

    /** @return list<Condition> */
    private function inForce(Facts $facts): array
    {
        return array_values(
            array_filter($this->withImplied($facts), static fn (Condition $c): bool => $c->inForce($facts->on)),
        );
    }

    /**
     * The same rule fires however the fact was entered: someone of 65 or more marked new to training is an older adult
     * new to training whether or not the box was ticked, and stays one until the mark itself is changed: a condition
     * added beside it cannot loosen it.
     *
     * @return list<Condition>
     */
    private function withImplied(Facts $facts): array
    {
        $conditions = $facts->client->conditions;
        foreach ($this->conditions as $code => $rules) {
            $implied = $rules instanceof ImpliedByFacts ? $rules->implied($facts) : null;
            if ($implied !== null) {
                $conditions[] = $implied;
            }
            foreach ($this->abouts[$code]->medicines as $medicine) {
                if ($facts->client->takes($medicine)) {
                    $conditions[] = new Condition((string) $code);
                }
            }
        }
        foreach ($conditions as $condition) {
            $this->rules($condition);
        }

        return $conditions;
    }

    private function rules(Condition $condition): ConditionRules
    {
        return $this->conditions[$condition->code]
            ?? throw UnknownCode::of(
                'condition', $condition->code, array_map(strval(...), array_keys($this->conditions)),
                $condition->pointer,
            );
    }
}
