<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Log;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;
use JsonSerializable;

/**
 * One set as it was done: an amount of what the dose counts, the load, the effort it felt like, or how many reps were
 * left, the side.
 */
final readonly class LoggedSet implements JsonSerializable
{
    public const MAX_AMOUNT = 1800;

    /** The effort that many reps left come to at least (Zourdos 2016). */
    private const LIGHT = 4;

    public function __construct(
        public DoseKind $kind,
        public int $amount,
        public ?int $loadG,
        public float $effort,
        public ?Side $side = null,
        public bool $formBroke = false,
        public ?int $holdS = null,
        public ?int $inReserve = null,
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
                    self::effort($bag),
                    $bag->optEnum('side', Side::class),
                    $bag->bool('form_broke'),
                    $bag->optInt('hold_s', 0, 600),
                    $bag->optInt('rir', 0, 50),
                );
            }
        }

        throw InvalidInput::at(
            $bag->pointer('reps'),
            'A set counts reps, seconds, steps or trips; give one of them, for example "reps": 10.',
        );
    }

    /**
     * As it was told, or from the reps that were left: five or more left are no harder than light.
     *
     * @throws InvalidInput
     */
    private static function effort(Bag $bag): float
    {
        $left = $bag->optInt('rir', 0, 50);

        return $left === null || $bag->has('effort')
            ? $bag->number('effort', 0, 10)
            : self::effortOf($left);
    }

    /** The effort that so many reps left come to, 4 to 10. */
    public static function effortOf(int $left): float
    {
        return (float) max(self::LIGHT, 10 - $left);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter([
            $this->kind->value => $this->amount, 'load_g' => $this->loadG, 'effort' => $this->effort,
            'side' => $this->side?->value, 'form_broke' => $this->formBroke ?: null, 'hold_s' => $this->holdS,
            'rir' => $this->inReserve,
        ], static fn (mixed $v): bool => $v !== null);
    }
}
