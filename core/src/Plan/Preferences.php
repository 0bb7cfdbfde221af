<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Needs\DailyGoals;
use JsonSerializable;

/** What a programme is to hold, and what not: chosen by the client and the clinician. */
final readonly class Preferences implements JsonSerializable
{
    /**
     * @param  list<Purpose>  $goals  of daily life, most important first
     * @param  list<Pin>  $pins  what has to be in
     * @param  int|null  $mostItems  exercises at most, the warm-up counted; null leaves it to the minutes
     */
    public function __construct(
        public array $goals = [],
        public array $pins = [],
        public Exclusions $exclusions = new Exclusions,
        public ?int $mostItems = null,
    ) {
    }

    /**
     * @param  Bag  $bag  goals, pins, exclude, max_exercises; all optional
     *
     * @throws InvalidInput naming the field
     */
    public static function read(Bag $bag, Catalogue $catalogue): self
    {
        $goals = $bag->enums('goals', Purpose::class);
        foreach ($goals as $i => $goal) {
            if (! in_array($goal, DailyGoals::all(), true)) {
                throw InvalidInput::at($bag->pointer('goals').'/'.$i, sprintf(
                    '"%s" is no goal of daily life; for example: shopping, stairs.', $goal->value,
                ), 'unknown_code');
            }
        }
        $pins = [];
        foreach ($bag->strings('pin') as $i => $code) {
            try {
                $pins[] = Pin::read($code, $catalogue);
            } catch (UnknownCode $unknown) {
                throw InvalidInput::at($bag->pointer('pin').'/'.$i, $unknown->getMessage(), 'unknown_code');
            }
        }

        return new self(
            array_values(array_unique($goals, SORT_REGULAR)), $pins,
            Exclusions::read($bag->strings('exclude'), $catalogue, $bag->pointer('exclude')),
            $bag->optInt('max_exercises', 1, Drafter::MOST_ITEMS),
        );
    }

    /** @return array{goals: list<string>, pin: list<string>, exclude: list<string>, max_exercises: int|null} */
    public function jsonSerialize(): array
    {
        return [
            'goals' => array_map(static fn (Purpose $p): string => $p->value, $this->goals),
            'pin' => array_map(static fn (Pin $p): string => $p->code(), $this->pins),
            'exclude' => $this->exclusions->codes(),
            'max_exercises' => $this->mostItems,
        ];
    }
}
