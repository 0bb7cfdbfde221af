<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** A hand, or a seat, that keeps somebody upright; from free to tight. */
enum Support: string implements Labelled, Scale
{
    use InOrder;

    case Free = 'free';
    case Fingertip = 'fingertip';
    case OneHand = 'one_hand';
    case TwoHands = 'two_hands';
    case Seated = 'seated';

    public function label(): string
    {
        return match ($this) {
            self::Free => 'free',
            self::Fingertip => 'fingertips on something fixed',
            self::OneHand => 'one hand on something fixed',
            self::TwoHands => 'both hands on something fixed',
            self::Seated => 'seated work only',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    /** The tighter of two. */
    public function or(self $other): self
    {
        return $this->atLeast($other) ? $this : $other;
    }
}
