<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

enum Side: string implements Labelled
{
    case Both = 'both';
    case Left = 'left';
    case Right = 'right';

    public function label(): string
    {
        return match ($this) {
            self::Both => 'both',
            self::Left => 'left',
            self::Right => 'right',
        };
    }

    /** "left 1 kg, right 2 kg", or once what is the same; null where nothing is. */
    public static function each(?string $left, ?string $right): ?string
    {
        return $left === $right || $left === null || $right === null
            ? $left ?? $right : sprintf('left %s, right %s', $left, $right);
    }

    /**
     * Of whole sentences: "left: bottle; right: tote with 2 × can", or once what is the same or said of one side
     * alone;
     * null where nothing is.
     */
    public static function saying(?string $left, ?string $right): ?string
    {
        return $left === $right || $left === null || $right === null
            ? $left ?? $right : sprintf('left: %s; right: %s', $left, $right);
    }

    /** Does a limit on this side bind something done with that side? */
    public function touches(self $other): bool
    {
        return $this === self::Both || $other === self::Both || $this === $other;
    }
}
