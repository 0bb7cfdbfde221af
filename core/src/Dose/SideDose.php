<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;
use JsonSerializable;

/** What one side does otherwise than the other: its own amount, load or pull; null where it is the same. */
final readonly class SideDose implements JsonSerializable
{
    /**
     * @param  int|null  $loadG  grams
     * @param  int|null  $pullN  newtons, the mean over the travel
     */
    public function __construct(
        private DoseKind $kind,
        public ?Span $amount = null,
        public ?int $loadG = null,
        public ?int $pullN = null,
    ) {
    }

    /** @throws InvalidInput naming the field */
    public static function read(Bag $bag, DoseKind $kind): self
    {
        $amount = $bag->has($kind->value) ? Span::read($bag, $kind->value, Dose::MAX_AMOUNT) : null;
        if ($amount !== null && $amount->lo < 1) {
            throw InvalidInput::at($bag->pointer($kind->value).'/lo', 'A dose counts from 1.');
        }

        return new self(
            $kind, $amount, $bag->optInt('load_g', 1, Dose::MAX_LOAD_G), $bag->optInt('pull_n', 1, Dose::MAX_PULL_N),
        );
    }

    /** What of this dose the other does otherwise; null where nothing is. */
    public static function between(Dose $own, Dose $other): ?self
    {
        return $own->amount == $other->amount && $own->loadG === $other->loadG && $own->pullN === $other->pullN
            ? null
            : new self(
                $own->kind, $own->amount == $other->amount ? null : $own->amount,
                $own->loadG === $other->loadG ? null : $own->loadG,
                $own->pullN === $other->pullN ? null : $own->pullN,
            );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter([
            $this->kind->value => $this->amount?->jsonSerialize(), 'load_g' => $this->loadG, 'pull_n' => $this->pullN,
        ], static fn (mixed $v): bool => $v !== null);
    }
}
