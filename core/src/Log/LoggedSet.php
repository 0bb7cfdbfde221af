<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Log;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;
use JsonSerializable;

/** One set as it was done: an amount of what the dose counts, the load, the effort it felt like, the side. */
final readonly class LoggedSet implements JsonSerializable
{
    public const MAX_AMOUNT = 1800;

    public function __construct(
        public DoseKind $kind,
        public int $amount,
        public ?int $loadG,
        public float $effort,
        public ?Side $side = null,
        public bool $formBroke = false,
        public ?int $holdS = null,
    ) {
    }

    /** @throws InvalidInput */
    public static function read(Bag $bag): self
    {
        foreach (DoseKind::cases() as $kind) {
            if ($bag->has($kind->value)) {
                return new self(
                    $kind,
                    $bag->int($kind->value, 0, self::MAX_AMOUNT),
                    $bag->optInt('load_g', 0, 200_000),
                    $bag->number('effort', 0, 10),
                    $bag->optEnum('side', Side::class),
                    $bag->bool('form_broke'),
                    $bag->optInt('hold_s', 0, 600),
                );
            }
        }

        throw InvalidInput::at(
            $bag->pointer('reps'),
            'A set counts reps, seconds, steps or trips; give one of them, for example "reps": 10.',
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter([
            $this->kind->value => $this->amount, 'load_g' => $this->loadG, 'effort' => $this->effort,
            'side' => $this->side?->value, 'form_broke' => $this->formBroke ?: null, 'hold_s' => $this->holdS,
        ], static fn (mixed $v): bool => $v !== null);
    }
}
