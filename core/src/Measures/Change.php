<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use JsonSerializable;

/** Is a change between two tests larger than the noise of the test? Smaller ones are shown as within test noise. */
final readonly class Change implements JsonSerializable
{
    /** Smallest change worth believing, in the test's unit (source beside each). */
    private const NOISE = ['chair_stand_30s' => 2, 'five_chair_stands' => 2.3, 'grip' => 5, 'timed_up_and_go' => 2];

    /** Grip also counts as changed from this share on, when that is more than the fixed figure would say. */
    private const GRIP_SHARE = 0.10;

    private function __construct(public float $by, public ?bool $believable, public bool $better)
    {
    }

    public static function between(Test $test, float $before, float $after): self
    {
        $by = round($after - $before, 2);
        $noise = self::NOISE[$test->value] ?? null;
        $believable = match (true) {
            $noise === null => null,
            $test === Test::Grip => abs($by) >= $noise || ($before > 0 && abs($by) / $before >= self::GRIP_SHARE),
            default => abs($by) >= $noise,
        };

        return new self($by, $believable, $test->lessIsBetter() ? $by < 0 : $by > 0);
    }

    public function says(Test $test): string
    {
        $by = ($this->by > 0 ? '+' : '').rtrim(rtrim(number_format($this->by, 1, '.', ''), '0'), '.').' '.$test->unit();

        return match (true) {
            $this->by === 0.0 => 'no change',
            $this->believable === false => $by.', within test noise',
            default => $by.($this->better ? ', better' : ', worse'),
        };
    }

    /** @return array{by: float, believable: bool|null, better: bool} */
    public function jsonSerialize(): array
    {
        return ['by' => $this->by, 'believable' => $this->believable, 'better' => $this->better];
    }
}
