<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/**
 * At which side of a one-sided exercise something happens: the side that works, the other one, or both. Whoever
 * describes an exercise for one client may name the side itself.
 */
enum WhichSide: string
{
    case Both = 'both';
    case Working = 'working';
    case Other = 'other';
    case Left = 'left';
    case Right = 'right';

    /** The side, once it is known which one works. */
    public function when(Side $working): Side
    {
        return match (true) {
            $this === self::Left => Side::Left,
            $this === self::Right => Side::Right,
            $this === self::Both || $working === Side::Both => Side::Both,
            $this === self::Working => $working,
            default => $working === Side::Left ? Side::Right : Side::Left,
        };
    }
}
