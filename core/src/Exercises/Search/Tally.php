<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

/** How well one family answers what was typed. */
final class Tally
{
    /** @var array<int, float> typed word to the best weight that any phrase gave it */
    private array $byWord = [];

    /** The best of one phrase alone. */
    private float $phrase = 0.0;

    private string $why = '';

    /** @var array<int, float> rung to its best */
    private array $rungs = [];

    /** The best that led to the family as a whole. */
    private float $whole = 0.0;

    /**
     * @param  array{code: string, name: string, pattern: string, rungs: list<string>}  $about
     * @param  array<int, float>  $weights  how telling each typed word is
     */
    public function __construct(public readonly int $family, private readonly array $about, private array $weights)
    {
    }

    /**
     * @param  non-empty-array<int, float>  $qualities  typed word to how surely this phrase has it
     * @param  int  $words  how many the phrase has
     */
    public function count(Lead $lead, array $qualities, int $words): void
    {
        $worth = $lead->kind->weight() * $lead->share;
        $told = 0.0;
        foreach ($qualities as $q => $quality) {
            $this->byWord[$q] = max($this->byWord[$q] ?? 0.0, $worth * $quality);
            $told += $this->weights[$q] * $quality;
        }
        $said = count($qualities) / max($words, count($qualities));
        $score = $worth * ($told / array_sum($this->weights)) * (0.55 + 0.45 * $said);
        if (count($qualities) === count($this->weights) && $words === count($qualities)) {
            $score += 12 * min($qualities);
        }
        if ($lead->rung < 0) {
            $this->whole = max($this->whole, $score);
        } else {
            $this->rungs[$lead->rung] = max($this->rungs[$lead->rung] ?? 0.0, $score);
        }
        if ($score > $this->phrase) {
            [$this->phrase, $this->why] = [$score, $lead->kind->why($lead->label)];
        }
    }

    /** The share of what was typed, by how telling each word is, that means something here: 0 to 1. */
    public function share(): float
    {
        return array_sum(array_intersect_key($this->weights, $this->byWord)) / array_sum($this->weights);
    }

    /** One phrase that says it all counts for more than words from here and there. */
    public function score(): float
    {
        $union = 0.0;
        foreach ($this->byWord as $q => $worth) {
            $union += $this->weights[$q] * $worth;
        }

        return max($this->phrase, 0.55 * $union / array_sum($this->weights) + 0.3 * $this->phrase);
    }

    public function found(): Found
    {
        $best = $this->rungs === [] ? 0.0 : max($this->rungs);
        $meant = $best < $this->whole
            ? array_keys($this->about['rungs'])
            : array_keys(array_filter($this->rungs, static fn (float $score): bool => $score >= 0.9 * $best));
        sort($meant);

        return new Found(
            $this->about['code'], $this->about['name'], $this->about['pattern'], $this->score(), $this->why,
            array_map(fn (int $n): string => $this->about['rungs'][$n], $meant),
        );
    }
}
