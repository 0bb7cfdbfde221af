<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

/** The way of one joint from the start of a rung to its end. */
final readonly class Move
{
    public function __construct(public string $joint, public Vec $from, public Vec $to)
    {
    }

    /** @return list<array{int, int}> the way as it is drawn: a bow to the right of the straight line */
    public function bow(): array
    {
        $way = $this->from->to($this->to);

        return [
            $this->from->rounded(), $this->from->plus($way, 0.5)->plus($way->right(), 0.18)->rounded(),
            $this->to->rounded(),
        ];
    }
}
