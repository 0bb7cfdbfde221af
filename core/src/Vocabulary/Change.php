<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Units\Phrase;
use JsonSerializable;

/**
 * One change to an exercise, with its degree where it has one: hold on with how much, lighten to how many percent of
 * the
 * 1RM, hold for how many seconds. Written "hold_on:one_hand", "lighten:60" in the open form, here and nowhere else.
 */
final readonly class Change implements JsonSerializable
{
    private function __construct(
        public ChangeKind $kind,
        public ?Support $support = null,
        public int $amount = 0,
        public ?Side $side = null,
    ) {
    }

    /** A change that has no degrees. */
    public static function of(ChangeKind $kind): self
    {
        return new self($kind);
    }

    public static function holdOn(Support $support): self
    {
        return new self(ChangeKind::HoldOn, $support);
    }

    /** @param  int  $percent  of the 1RM, 1 to 100 */
    public static function lightenTo(int $percent): self
    {
        return new self(ChangeKind::Lighten, amount: $percent);
    }

    public static function holdFor(int $seconds): self
    {
        return new self(ChangeKind::ShorterHold, amount: $seconds);
    }

    /** @throws UnknownCode for a change that this version does not know */
    public static function read(string $code): self
    {
        [$name, $degree] = [...explode(':', $code, 2), ''];
        $kind =
            ChangeKind::tryFrom($name) ??
            throw UnknownCode::of('change', $name, array_column(ChangeKind::cases(), 'value'));

        return new self($kind, Support::tryFrom($degree), (int) $degree, Side::tryFrom($degree));
    }

    public function code(): string
    {
        return match ($this->kind) {
            ChangeKind::HoldOn => $this->kind->value.':'.$this->support?->value,
            ChangeKind::Lighten, ChangeKind::ShorterHold => $this->kind->value.':'.$this->amount,
            default => $this->kind->value.($this->side === null ? '' : ':'.$this->side->value),
        };
    }

    /** The same for one hand or leg only; a hold or a lighter load is for both. */
    public function only(Side $side): self
    {
        return in_array($this->kind, [ChangeKind::GripAid, ChangeKind::Pad], true)
            ? new self($this->kind, side: $side)
            : $this;
    }

    /** Is it made where this side works? */
    public function isFor(Side $side): bool
    {
        return $this->side === null || $side->touches($this->side);
    }

    public function says(): string
    {
        return $this->side === null
            ? $this->sentence()
            : ucfirst($this->side->value).': '.Phrase::within($this->sentence());
    }

    private function sentence(): string
    {
        return match ($this->kind) {
            ChangeKind::HoldOn => match ($this->support) {
                Support::TwoHands => 'Hold on with both hands.',
                Support::OneHand => 'Hold on with one hand.',
                default => 'Fingertips on a counter or wall.',
            },
            ChangeKind::Lighten => sprintf('Lighten to %d %% of what you could lift once.', $this->amount),
            ChangeKind::ShorterHold => sprintf('Hold for %d s at most.', $this->amount),
            ChangeKind::CountAloud => 'Count aloud all the way, no harder than 5 of 10.',
            ChangeKind::Helper => 'Only with a helper.',
            ChangeKind::WedgeTrunk => 'Raise the trunk 30 degrees or more on a wedge or pillows.',
            ChangeKind::SideLyingInstead => 'Do it lying on the side instead.',
            ChangeKind::SeatedInstead => 'Do it seated.',
            ChangeKind::ShortenRange => 'Shorten the range so that it stops before the limit.',
            ChangeKind::WiderStance => 'Feet further apart.',
            ChangeKind::NarrowerStance => 'Keep the feet closer together.',
            ChangeKind::GripAid => 'Use a strap, loop or cuff in place of the grip.',
            ChangeKind::TwoHandsOnBar => 'Both hands on one stick: the better arm helps.',
            ChangeKind::SlidingCloth => 'The hand on a cloth that slides.',
            ChangeKind::Pad => 'A soft pad under the strap or edge; look at the skin afterwards.',
            ChangeKind::TrunkBelt => 'A belt round trunk and chair.',
            ChangeKind::Chocks => 'Chocks under the wheels.',
            ChangeKind::EyesOpen => 'Keep the eyes open.',
            ChangeKind::FirmSurface => 'On the firm floor, shoes on.',
            ChangeKind::SomeoneHome => 'Only while someone is at home.',
        };
    }

    /** How far the change goes, against another of its kind: a firmer hold, a lighter load, a shorter hold. */
    public function degree(): int
    {
        return $this->support?->tightness() ?? -$this->amount;
    }

    /** @return array{change: string, says: string} */
    public function jsonSerialize(): array
    {
        return ['change' => $this->code(), 'says' => $this->says()];
    }
}
