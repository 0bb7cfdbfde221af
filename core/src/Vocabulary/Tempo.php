<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

use BuoyantStep\Core\Errors\InvalidInput;

/**
 * Seconds of one rep in four parts, whichever phase comes first: lowering, pause at the bottom, lifting, pause at the
 * top; the lift may be fast.
 */
final readonly class Tempo
{
    private const FAST = 'fast';

    /** Any slower is a hold. House convention. */
    public const MOST_S = 10;

    /** @param  int|null  $liftS  null for as fast as it goes */
    public function __construct(
        public int $lowerS,
        public int $bottomS,
        public ?int $liftS,
        public int $topS,
    ) {
    }

    /** @throws InvalidInput where it is no tempo */
    public static function read(string $tempo, string $pointer = '/tempo'): self
    {
        if (preg_match('/^(\d{1,2})-(\d{1,2})-(\d{1,2}|fast)-(\d{1,2})$/', $tempo, $part) !== 1
            || max((int) $part[1], (int) $part[2], (int) $part[3], (int) $part[4]) > self::MOST_S) {
            throw InvalidInput::at($pointer, sprintf(
                'A tempo is four numbers of seconds from 0 to %d: lowering, pause, lifting, pause; for example '
                    .'3-0-2-0, or 3-0-fast-0.', self::MOST_S,
            ));
        }

        return new self(
            (int) $part[1], (int) $part[2], $part[3] === self::FAST ? null : (int) $part[3], (int) $part[4],
        );
    }

    public function slower(): self
    {
        return new self($this->lowerS + 1, $this->bottomS, $this->liftS, $this->topS);
    }

    /** With a lowering of so many seconds at least. */
    public function lowering(int $atLeastS): self
    {
        return new self(max($this->lowerS, $atLeastS), $this->bottomS, $this->liftS, $this->topS);
    }

    /** "lower for 3 s, lift for 2 s"; pauses only where there are some. */
    public function says(): string
    {
        return implode(', ', array_filter([
            $this->lowerS > 0 ? sprintf('lower for %d s', $this->lowerS) : '',
            $this->bottomS > 0 ? sprintf('pause for %d s', $this->bottomS) : '',
            $this->liftS === null ? 'lift fast' : ($this->liftS > 0 ? sprintf('lift for %d s', $this->liftS) : ''),
            $this->topS > 0 ? sprintf('hold the top for %d s', $this->topS) : '',
        ], static fn (string $s): bool => $s !== ''));
    }

    public function __toString(): string
    {
        return implode('-', [$this->lowerS, $this->bottomS, $this->liftS ?? self::FAST, $this->topS]);
    }
}
