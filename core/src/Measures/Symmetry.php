<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Vocabulary\Side;
use JsonSerializable;

/** Weaker over stronger, in percent. Below 90 is worth noting, below 80 acts: the weaker side leads. */
final readonly class Symmetry implements JsonSerializable
{
    public const NOTE_BELOW = 90;

    public const ACT_BELOW = 80;

    private function __construct(public float $percent, public ?Side $weaker)
    {
    }

    /** Null unless both sides were measured and at least one did something. */
    public static function of(?float $left, ?float $right): ?self
    {
        if ($left === null || $right === null || max($left, $right) <= 0) {
            return null;
        }

        return new self(
            min($left, $right) / max($left, $right) * 100,
            $left === $right ? null : ($left < $right ? Side::Left : Side::Right),
        );
    }

    public function acts(): bool
    {
        return $this->percent < self::ACT_BELOW;
    }

    public function says(): string
    {
        if ($this->weaker === null) {
            return 'Both sides alike.';
        }
        $text = sprintf('%s is at %d %% of the other side', ucfirst($this->weaker->value), (int) round($this->percent));

        return $text.match (true) {
            $this->acts() => ': it leads, and one-sided exercises are preferred.',
            $this->percent < self::NOTE_BELOW => ': worth noting.',
            default => '.',
        };
    }

    /** @return array{percent: float, weaker: string|null, acts: bool, says: string} */
    public function jsonSerialize(): array
    {
        return [
            'percent' => round($this->percent, 1), 'weaker' => $this->weaker?->value, 'acts' => $this->acts(),
            'says' => $this->says(),
        ];
    }
}
