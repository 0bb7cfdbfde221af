<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Forecast;

/** What a purchase would bring: the exercises that it opens further, and how many more steps of load in all. */
final readonly class Bought
{
    /** @param  list<string>  $opens  names of exercises */
    public function __construct(public Purchase $purchase, public array $opens, public int $steps)
    {
    }

    public function helps(): bool
    {
        return $this->opens !== [];
    }

    /** More exercises first, then more steps, then fewer and lighter things. */
    public function isBefore(self $other): bool
    {
        return $this->rank() < $other->rank();
    }

    /** @return array{int, int, int, int, string} */
    private function rank(): array
    {
        return [
            -count($this->opens), -$this->steps, $this->purchase->size(), $this->purchase->massG(),
            $this->purchase->label,
        ];
    }

    /** "A weight of 2 kg: 4 more steps in Biceps curl; Row." */
    public function says(): string
    {
        $steps = $this->steps === 1 ? '1 more step' : $this->steps.' more steps';

        return sprintf('%s: %s in %s.', ucfirst($this->purchase->label), $steps, implode('; ', $this->opens));
    }
}
