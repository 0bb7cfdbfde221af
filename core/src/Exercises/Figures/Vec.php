<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

/** A point or a step in the picture: x forwards (to the right), y up, in body heights. */
final readonly class Vec
{
    public function __construct(public float $x, public float $y)
    {
    }

    /** A step of a length along an angle from straight down, positive forwards: 0 down, 90 forwards, 180 up. */
    public static function down(float $degrees, float $length): self
    {
        return new self($length * sin(deg2rad($degrees)), -$length * cos(deg2rad($degrees)));
    }

    /** The same along an angle from straight up, positive forwards. */
    public static function up(float $degrees, float $length): self
    {
        return new self($length * sin(deg2rad($degrees)), $length * cos(deg2rad($degrees)));
    }

    public function plus(self $other, float $times = 1.0): self
    {
        return new self($this->x + $times * $other->x, $this->y + $times * $other->y);
    }

    public function to(self $other): self
    {
        return new self($other->x - $this->x, $other->y - $this->y);
    }

    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    public function unit(): self
    {
        $length = max(1e-9, $this->length());

        return new self($this->x / $length, $this->y / $length);
    }

    /** Turned a quarter clockwise: the front of something that points up. */
    public function right(): self
    {
        return new self($this->y, -$this->x);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }

    public function mirrored(): self
    {
        return new self(-$this->x, $this->y);
    }

    /** @return array{int, int} thousandths of a body height */
    public function rounded(): array
    {
        return [(int) round($this->x * 1000), (int) round($this->y * 1000)];
    }
}
