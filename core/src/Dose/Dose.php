<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Per;
use JsonSerializable;

/**
 * How much of an exercise: sets of an amount (reps, seconds, steps or trips) at an effort, with a load or without.
 * load_g is per hand when `per` is "hand"; hold_s is held inside each rep, pause_s rests inside a set.
 */
final readonly class Dose implements JsonSerializable
{
    public const MAX_SETS = 10;

    /** Seconds held inside each rep, and seconds of rest inside a set. House conventions. */
    public const MAX_HOLD_S = 60;

    public const MAX_PAUSE_S = 30;

    /** Seconds of continuous movement; fewer of everything else (DoseSense). */
    public const MAX_AMOUNT = 1800;

    public function __construct(
        public int $sets,
        public DoseKind $kind,
        public Span $amount,
        public Span $effort,
        public ?int $loadG,
        public Per $per,
        public int $restS,
        public string $tempo,
        public int $daysAWeek,
        public ?int $holdS = null,
        public ?int $pauseS = null,
    ) {
    }

    /** @throws InvalidInput naming the field */
    public static function read(Bag $bag): self
    {
        $kinds = [];
        foreach (DoseKind::cases() as $kind) {
            if ($bag->has($kind->value)) {
                $kinds[] = $kind;
            }
        }
        if (count($kinds) !== 1) {
            throw InvalidInput::at($bag->pointer(''), 'A dose counts exactly one of reps, seconds, steps or trips.');
        }
        $amount = Span::read($bag, $kinds[0]->value, self::MAX_AMOUNT);
        $effort = Span::read($bag, 'effort', 10);
        if ($amount === null || $effort === null) {
            throw InvalidInput::at(
                $bag->pointer('effort'), 'A dose needs an RPE range, for example {"lo": 4, "hi": 6}.',
            );
        }
        if ($amount->lo < 1) {
            throw InvalidInput::at($bag->pointer($kinds[0]->value).'/lo', 'A dose counts from 1.');
        }

        return new self(
            sets: $bag->int('sets', 1, self::MAX_SETS),
            kind: $kinds[0],
            amount: $amount,
            effort: $effort,
            loadG: $bag->optInt('load_g', 1, 200_000),
            per: $bag->optEnum('per', Per::class) ?? Per::Total,
            restS: $bag->optInt('rest_s', 0, 900) ?? 0,
            tempo: $bag->has('tempo') ? (string) Tempo::read($bag->string('tempo'), $bag->pointer('tempo')) : '',
            daysAWeek: $bag->optInt('days_a_week', 1, 7) ?? 2,
            holdS: $bag->optInt('hold_s', 1, self::MAX_HOLD_S),
            pauseS: $bag->optInt('pause_s', 1, self::MAX_PAUSE_S),
        );
    }

    public function with(
        ?int $sets = null,
        ?Span $amount = null,
        ?Span $effort = null,
        ?int $loadG = null,
        ?int $restS = null,
        ?string $tempo = null,
        ?int $holdS = null,
    ): self {
        return new self(
            sets: $sets ?? $this->sets, kind: $this->kind, amount: $amount ?? $this->amount,
            effort: $effort ?? $this->effort, loadG: $loadG ?? $this->loadG, per: $this->per,
            restS: $restS ?? $this->restS, tempo: $tempo ?? $this->tempo, daysAWeek: $this->daysAWeek,
            holdS: $holdS ?? $this->holdS,
            pauseS: $this->pauseS,
        );
    }

    /**
     * "2 × 8-12", with the unit where it is not reps; whole minutes are said as minutes, and one set is not counted.
     */
    public function amountLabel(): string
    {
        if ($this->isMinutes()) {
            return ($this->sets === 1 ? '' : $this->sets.' × ').(
                new Span(intdiv($this->amount->lo, 60), intdiv($this->amount->hi, 60))
            )->label().' min';
        }

        return sprintf(
            '%d × %s%s',
            $this->sets,
            $this->amount->label(),
            $this->kind === DoseKind::Reps ? '' : ' '.$this->kind->unit(),
        );
    }

    /** "each held 10 s"; null where a rep is not held. */
    public function heldLabel(): ?string
    {
        return $this->holdS === null ? null : sprintf('each held %d s', $this->holdS);
    }

    public function isMinutes(): bool
    {
        return $this->kind === DoseKind::Seconds
            && $this->amount->lo >= 60
            && $this->amount->lo % 60 === 0
            && $this->amount->hi % 60 === 0;
    }

    public function loadLabel(): ?string
    {
        return $this->loadG === null ? null : Mass::say($this->loadG).($this->per === Per::Hand ? ' in each hand' : '');
    }

    /** @return array<string, mixed> the open form: the amount under its own name, absent fields left out */
    public function jsonSerialize(): array
    {
        return array_filter([
            'sets' => $this->sets,
            $this->kind->value => $this->amount->jsonSerialize(),
            'hold_s' => $this->holdS,
            'pause_s' => $this->pauseS,
            'effort' => $this->effort->jsonSerialize(),
            'load_g' => $this->loadG,
            'per' => $this->per->value,
            'rest_s' => $this->restS,
            'tempo' => $this->tempo === '' ? null : $this->tempo,
            'days_a_week' => $this->daysAWeek,
        ], static fn (mixed $v): bool => $v !== null);
    }
}
