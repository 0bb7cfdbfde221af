<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Per;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Tempo;
use JsonSerializable;

/**
 * How much of an exercise: sets of an amount (reps, seconds, steps, trips or metres) at an effort, with a load, a pull
 * or neither. load_g is per hand when `per` is "hand"; pull_n is a band's mean pull over its travel; hold_s is held
 * inside each rep, pause_s rests inside a set. Where the sides differ, each side's own stands in `left` and `right`,
 * and the dose itself carries the lesser of both.
 */
final readonly class Dose implements JsonSerializable
{
    public const MAX_SETS = 10;

    /** Seconds held inside each rep, and seconds of rest inside a set. House conventions. */
    public const MAX_HOLD_S = 60;

    public const MAX_PAUSE_S = 30;

    /** Seconds of continuous movement; fewer of everything else (DoseSense). */
    public const MAX_AMOUNT = 1800;

    public const MAX_LOAD_G = 200_000;

    /** Newtons; no band for the home pulls harder. */
    public const MAX_PULL_N = 1000;

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
        public ?int $pullN = null,
        public ?SideDose $left = null,
        public ?SideDose $right = null,
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
            throw InvalidInput::at($bag->pointer(''), sprintf(
                'A dose counts exactly one of %s.', implode(', ', array_column(DoseKind::cases(), 'value')),
            ));
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
            loadG: $bag->optInt('load_g', 1, self::MAX_LOAD_G),
            per: $bag->optEnum('per', Per::class) ?? Per::Total,
            restS: $bag->optInt('rest_s', 0, 900) ?? 0,
            tempo: $bag->has('tempo') ? (string) Tempo::read($bag->string('tempo'), $bag->pointer('tempo')) : '',
            daysAWeek: $bag->optInt('days_a_week', 1, 7) ?? 2,
            holdS: $bag->optInt('hold_s', 1, self::MAX_HOLD_S),
            pauseS: $bag->optInt('pause_s', 1, self::MAX_PAUSE_S),
            pullN: $bag->optInt('pull_n', 1, self::MAX_PULL_N),
            left: $bag->has('left') ? SideDose::read($bag->bag('left'), $kinds[0]) : null,
            right: $bag->has('right') ? SideDose::read($bag->bag('right'), $kinds[0]) : null,
        );
    }

    /** Do the two sides do different things? */
    public function isApart(): bool
    {
        return $this->left !== null || $this->right !== null;
    }

    /** What one side does; the whole dose where both do the same. */
    public function on(Side $side): self
    {
        $own = match ($side) {
            Side::Left => $this->left,
            Side::Right => $this->right,
            Side::Both => null,
        };

        return ! $this->isApart() || $side === Side::Both ? $this : new self(
            $this->sets, $this->kind, $own->amount ?? $this->amount, $this->effort, $own->loadG ?? $this->loadG,
            $this->per, $this->restS, $this->tempo, $this->daysAWeek, $this->holdS, $this->pauseS,
            $own->pullN ?? $this->pullN,
        );
    }

    /**
     * One dose of what each side does. Sets, effort, rest, tempo and what is held or paused are the same on both: the
     * gentler of the two; the dose itself carries the lesser load, pull and amount.
     */
    public static function joined(self $left, self $right): self
    {
        $least = static fn (?int $a, ?int $b): ?int => $a === null || $b === null ? $a ?? $b : min($a, $b);
        $most = static fn (?int $a, ?int $b): ?int => $a === null || $b === null ? $a ?? $b : max($a, $b);

        return new self(
            sets: min($left->sets, $right->sets),
            kind: $left->kind,
            amount: Span::lesser($left->amount, $right->amount),
            effort: Span::lesser($left->effort, $right->effort),
            loadG: $least($left->loadG, $right->loadG),
            per: $left->per,
            restS: max($left->restS, $right->restS),
            tempo: $left->tempo,
            daysAWeek: min($left->daysAWeek, $right->daysAWeek),
            holdS: $left->holdS === null || $right->holdS === null ? null : min($left->holdS, $right->holdS),
            pauseS: $most($left->pauseS, $right->pauseS),
            pullN: $least($left->pullN, $right->pullN),
            left: SideDose::between($left, $right),
            right: SideDose::between($right, $left),
        );
    }

    /** Grams of what resists: the load, or a band's pull as a luggage scale shows it; null where nothing does. */
    public function resistanceG(): ?int
    {
        return $this->loadG ?? ($this->pullN === null ? null : Gravity::gramsOf($this->pullN));
    }

    /** The same with another load, or another pull where a band resists. */
    public function resisting(int $grams): self
    {
        return $this->pullN === null
            ? $this->with(loadG: $grams)
            : $this->with(pullN: max(1, Gravity::newtonsOf($grams)));
    }

    public function withoutHold(): self
    {
        return new self(
            $this->sets, $this->kind, $this->amount, $this->effort, $this->loadG, $this->per, $this->restS,
            $this->tempo, $this->daysAWeek, null, $this->pauseS, $this->pullN, $this->left, $this->right,
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
        ?int $pullN = null,
        ?int $daysAWeek = null,
    ): self {
        return new self(
            sets: $sets ?? $this->sets, kind: $this->kind, amount: $amount ?? $this->amount,
            effort: $effort ?? $this->effort, loadG: $loadG ?? $this->loadG, per: $this->per,
            restS: $restS ?? $this->restS, tempo: $tempo ?? $this->tempo, daysAWeek: $daysAWeek ?? $this->daysAWeek,
            holdS: $holdS ?? $this->holdS,
            pauseS: $this->pauseS,
            pullN: $pullN ?? $this->pullN,
            left: $this->left,
            right: $this->right,
        );
    }

    /**
     * "2 × 8-12", with the unit where it is not reps; whole minutes are said as minutes, and one set is not counted.
     */
    public function amountLabel(): string
    {
        if ($this->isMinutes()) {
            return ($this->sets === 1 ? '' : $this->sets.' × ').$this->kind->says($this->amount);
        }

        return sprintf(
            '%d × %s%s',
            $this->sets,
            $this->sidesLabel() ?? $this->amount->label(),
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
        return $this->kind->isMinutes($this->amount);
    }

    /** "2.5 kg in each hand", "a pull of 1.2 kg" or "left 1 kg, right 2 kg"; null where nothing resists. */
    public function loadLabel(): ?string
    {
        return Side::each($this->on(Side::Left)->resistanceSays(), $this->on(Side::Right)->resistanceSays());
    }

    private function resistanceSays(): ?string
    {
        return match (true) {
            $this->pullN !== null => 'a pull of '.Mass::sayForce($this->pullN),
            $this->loadG !== null => Mass::say($this->loadG).($this->per === Per::Hand ? ' in each hand' : ''),
            default => null,
        };
    }

    /** "left 8-10, right 10-12"; null where both sides do the same. */
    public function sidesLabel(): ?string
    {
        $left = $this->on(Side::Left)->amount;
        $right = $this->on(Side::Right)->amount;

        return $left == $right ? null : Side::each($left->label(), $right->label());
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
            'pull_n' => $this->pullN,
            'per' => $this->per->value,
            'rest_s' => $this->restS,
            'tempo' => $this->tempo === '' ? null : $this->tempo,
            'days_a_week' => $this->daysAWeek,
            'left' => $this->left?->jsonSerialize(),
            'right' => $this->right?->jsonSerialize(),
        ], static fn (mixed $v): bool => $v !== null);
    }
}
