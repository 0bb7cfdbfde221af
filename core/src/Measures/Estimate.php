<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Side;

/** An estimated 1RM, with where and when it comes from: grams of all that is lifted (Body\SystemLoad). */
final readonly class Estimate
{
    /** What is older than this is used only where there is nothing newer. */
    public const FRESH_DAYS = 28;

    /** Further from the estimate before than this, percent, it asks for a look. House convention. */
    public const LOOK_PCT = 15;

    /** @param  int  $grams  of all that is lifted, above 0 */
    private function __construct(
        public int $grams,
        public Confidence $confidence,
        public EstimateFrom $from,
        public ?Day $on,
        public string $says,
        public Side $side = Side::Both,
    ) {
    }

    /** Null where a set gives none: too many reps, or too many left. */
    public static function of(OneRepMax $max, EstimateFrom $from, ?Day $on, Side $side = Side::Both): ?self
    {
        return $max->grams === null ? null : new self($max->grams, $max->confidence, $from, $on, $max->says, $side);
    }

    /** As it was kept with a logged exercise. */
    public static function kept(
        int $grams,
        Confidence $confidence,
        EstimateFrom $from,
        Day $on,
        string $says,
        Side $side = Side::Both,
    ): self {
        return new self($grams, $confidence, $from, $on, $says, $side);
    }

    /**
     * The one in use: of the last four weeks the newest of the highest confidence, and of one day the best; else the
     * newest there is.
     *
     * @param  list<self>  $estimates
     */
    public static function inUse(array $estimates, Day $on): ?self
    {
        $fresh = array_filter($estimates, static fn (self $e): bool => $e->isFresh($on));
        $rank = $fresh === []
            ? static fn (self $e): array => [(string) $e->on, $e->confidence->rank(), $e->grams]
            : static fn (self $e): array => [$e->confidence->rank(), (string) ($e->on ?? $on), $e->grams];
        $of = $fresh === [] ? $estimates : array_values($fresh);
        usort($of, static fn (self $a, self $b): int => $rank($b) <=> $rank($a));

        return $of[0] ?? null;
    }

    /** One without a day is taken as of today. */
    public function isFresh(Day $on): bool
    {
        return $this->on === null || $this->on->daysTo($on) <= self::FRESH_DAYS;
    }

    /** May it carry a step? A rough one sets a cap or a target only. */
    public function carriesAStep(): bool
    {
        return in_array($this->confidence, [Confidence::Good, Confidence::Fair], true);
    }

    /** Is it far enough from another to be looked at? */
    public function isFarFrom(self $other): bool
    {
        return abs($this->grams - $other->grams) * 100 > self::LOOK_PCT * $other->grams;
    }

    /** With its source and its age. */
    public function inWords(Day $on): string
    {
        $age = $this->on === null ? '' : sprintf(' of %s (%s)', $this->on->label(), self::ago($this->on->daysTo($on)));
        $whose = $this->side === Side::Both ? '' : ' of the '.$this->side->value.' side';

        return sprintf(
            'Estimated 1RM%s %s, from %s%s: %s', $whose, Mass::say($this->grams), $this->from->label(), $age,
            Phrase::within($this->says),
        );
    }

    private static function ago(int $days): string
    {
        return match ($days) {
            0 => 'today',
            1 => 'yesterday',
            default => $days.' days ago',
        };
    }
}
