<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Way;
use JsonSerializable;

/** One exercise of a plan in the open format. */
final readonly class OpenItem implements JsonSerializable
{
    /**
     * @param  list<Reason>  $because
     * @param  list<string>  $findings
     * @param  string|null  $recipe  how its load is made, in words
     * @param  string|null  $school  of progression; null leaves it to the clinic
     * @param  list<Way>  $ways
     */
    public function __construct(
        public Planned $planned,
        public array $because = [],
        public array $findings = [],
        public ?string $recipe = null,
        public ?string $school = null,
        public OnDays $on = new OnDays,
        public array $ways = [],
        public ?string $ownSetUp = null,
        public ?string $note = null,
    ) {
    }

    public static function of(PlanItem $item, OnDays $on): self
    {
        $planned = new Planned(
            $item->family, $item->rung, $item->goal, $item->dose, $item->sides, $item->changes,
        );

        return new self($planned, $item->reasons(), $item->dosing->findings, $item->recipe, on: $on);
    }

    /** @throws InvalidInput naming the field, also of what the catalogue does not have */
    public static function read(Bag $bag, Catalogue $catalogue): self
    {
        try {
            $family = $catalogue->family($bag->string('family'));
        } catch (UnknownCode $unknown) {
            throw InvalidInput::at($bag->pointer('family'), $unknown->getMessage(), $unknown->errorCode);
        }
        try {
            $rung = $family->rung($bag->string('rung'));
        } catch (UnknownCode $unknown) {
            throw InvalidInput::at($bag->pointer('rung'), $unknown->getMessage(), $unknown->errorCode);
        }
        $changes = [];
        foreach ($bag->strings('changes') as $i => $code) {
            try {
                $changes[] = Change::read($code);
            } catch (UnknownCode $unknown) {
                throw InvalidInput::at($bag->pointer('changes').'/'.$i, $unknown->getMessage(), $unknown->errorCode);
            }
        }

        return new self(
            new Planned(
                $family, $rung, $bag->enum('goal', Goal::class), Dose::read($bag->bag('dose')),
                $bag->enums('sides', Side::class), $changes,
            ),
            array_map(static fn (Bag $r): Reason => new Reason(
                $r->string('from'), $r->string('rule'), $r->string('says'), $r->optString('source') ?? '',
            ), $bag->bags('because')),
            $bag->strings('findings'),
            $bag->optString('recipe'),
            $bag->optString('school'),
            new OnDays($bag->ints('light_days', 1, 7), $bag->ints('off_days', 1, 7)),
            $bag->enums('ways', Way::class),
            $bag->optString('own_set_up'),
            $bag->optString('note'),
        );
    }

    /** @return array<string, mixed> absent fields left out */
    public function jsonSerialize(): array
    {
        return array_filter([
            'family' => $this->planned->family->code,
            'rung' => $this->planned->rung->code,
            'goal' => $this->planned->goal->value,
            'dose' => $this->planned->dose->jsonSerialize(),
            'sides' => array_map(static fn (Side $s): string => $s->value, $this->planned->sides),
            'changes' => array_map(static fn (Change $c): string => $c->code(), $this->planned->made),
            'recipe' => $this->recipe,
            'own_set_up' => $this->ownSetUp,
            'note' => $this->note,
            'ways' => array_map(static fn (Way $w): string => $w->value, $this->ways),
            'school' => $this->school,
            'light_days' => $this->on->light,
            'off_days' => $this->on->off,
            'findings' => $this->findings,
            'because' => array_map(static fn (Reason $r): array => array_filter(
                $r->jsonSerialize(), static fn (string $v): bool => $v !== '',
            ), $this->because),
        ], static fn (mixed $v): bool => $v !== null && $v !== []);
    }
}
