<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use JsonSerializable;

/** Is a change between two tests larger than the noise of the test? Smaller ones are shown as within test noise. */
final readonly class Change implements JsonSerializable
{
    private function __construct(public float $by, public ?bool $believable, public bool $better)
    {
    }

    public static function between(Test $test, float $before, float $after): self
    {
        $by = round($after - $before, 2);
        $noise = $test->noise($before);

        return new self(
            $by, $noise === null ? null : abs($by) >= $noise, $test->about()->lessIsBetter ? $by < 0 : $by > 0,
        );
    }

    public function says(Test $test): string
    {
        $by = ($this->by > 0 ? '+' : '').rtrim(
            rtrim(number_format($this->by, 1, '.', ''), '0'), '.',
        ).' '.$test->about()->unit;

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
