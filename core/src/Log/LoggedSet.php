<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Log;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;
use JsonSerializable;

/**
 * One set as it was done: an amount of what the dose counts, the load or the pull of a band, the effort it felt like,
 * or how many reps were left, the side, and where one stood from the anchor of a band, centimetres.
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
        public ?int $pullN = null,
        public ?int $stoodCm = null,
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
                    $bag->optInt('pull_n', 0, 1000),
                    $bag->optInt('stood_cm', 0, 600),
                );
            }
        }

        throw InvalidInput::at(
            $bag->pointer('reps'),
            sprintf(
                'A set counts one of %s; give one of them, for example "reps": 10.',
                implode(', ', array_column(DoseKind::cases(), 'value')),
            ),
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

    /** Grams of what resisted: the load, or the pull as a luggage scale shows it; null where neither was recorded. */
    public function resistanceG(): ?int
    {
        return $this->loadG ?? ($this->pullN === null ? null : Gravity::gramsOf($this->pullN));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return array_filter([
            $this->kind->value => $this->amount, 'load_g' => $this->loadG, 'effort' => $this->effort,
            'side' => $this->side?->value, 'form_broke' => $this->formBroke ?: null, 'hold_s' => $this->holdS,
            'rir' => $this->inReserve, 'pull_n' => $this->pullN, 'stood_cm' => $this->stoodCm,
        ], static fn (mixed $v): bool => $v !== null);
    }
}
