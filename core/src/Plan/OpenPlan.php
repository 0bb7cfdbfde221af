<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Units\Day;
use JsonSerializable;

/** A whole plan in the open format, core/schema/plan.json: what is written is read again without a loss. */
final readonly class OpenPlan implements JsonSerializable
{
    public const FORMAT = 'buoyant-step/plan';

    public const VERSION = 1;

    /**
     * @param  list<OpenItem>  $items  in the order of the session
     * @param  list<LeftOut>  $left
     * @param  list<string>  $trims
     */
    public function __construct(
        public Day $draftedOn,
        public Wishes $wishes,
        public array $items,
        public array $left = [],
        public array $trims = [],
        public ?int $minutes = null,
    ) {
    }

    public static function of(Draft $draft, Wishes $wishes, Day $on): self
    {
        return new self(
            $on, $wishes, array_map(OpenItem::of(...), $draft->items, $draft->on), $draft->left, $draft->trims,
            Minutes::round($draft->seconds),
        );
    }

    /** @throws InvalidInput naming the field */
    public static function read(Bag $bag, Catalogue $catalogue): self
    {
        if ($bag->string('format') !== self::FORMAT || $bag->int('version') !== self::VERSION) {
            throw InvalidInput::at('/version', sprintf(
                'This is no %s of version %d, which is the one that is read here.', self::FORMAT, self::VERSION,
            ), 'unknown_version');
        }
        $wishes = new Wishes(
            $bag->enum('aim', Aim::class), $bag->ints('days', 1, 7), $bag->int('budget_minutes', 5, 120),
            $bag->enum('structure', Structure::class),
            Preferences::read($bag->optBag('wishes') ?? new Bag([], '/wishes'), $catalogue),
            Shape::read($bag->optBag('session') ?? new Bag([], '/session')),
            $bag->has('block') ? BlockWish::read($bag->bag('block')) : null,
        );

        return new self(
            Day::of($bag->string('drafted_on'), '/drafted_on'), $wishes,
            array_map(static fn (Bag $item): OpenItem => OpenItem::read($item, $catalogue), $bag->bags('items')),
            array_map(
                static fn (Bag $l): LeftOut => new LeftOut($l->string('what'), $l->string('says')), $bag->bags('left'),
            ),
            $bag->strings('trims'),
            $bag->optInt('minutes', 0, 600),
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'drafted_on' => (string) $this->draftedOn,
            'aim' => $this->wishes->aim->value,
            'structure' => $this->wishes->structure->value,
            'days' => $this->wishes->days,
            'budget_minutes' => $this->wishes->minutes,
            ...$this->minutes === null ? [] : ['minutes' => $this->minutes],
            ...$this->wishes->block === null ? [] : ['block' => $this->wishes->block->jsonSerialize()],
            'session' => $this->wishes->shape->jsonSerialize(),
            'wishes' => array_filter(
                $this->wishes->prefers->jsonSerialize(), static fn (mixed $v): bool => $v !== null,
            ),
            'items' => array_map(static fn (OpenItem $i): array => $i->jsonSerialize(), $this->items),
            'left' => array_map(static fn (LeftOut $l): array => $l->jsonSerialize(), $this->left),
            'trims' => $this->trims,
        ];
    }
}
