<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

/**
 * Finds families by what people type: ordinary names, plurals, hyphens or none, one slip of the finger, muscles, aims,
 * things in the house, gym machines. How the figures weigh is a house choice: they order what is found, nothing else.
 */
final class Finder
{
    /** A rare word that is missed weighs more than a common one; under this share of them nothing was found. */
    private const ENOUGH = 0.6;

    /** Less than this share of the best is a word in passing. */
    private const TAIL = 0.45;

    private const NEAREST = 3;

    public function __construct(private readonly Index $index)
    {
    }

    /** @return list<Found> best first; none where too little of what was typed means anything here */
    public function find(string $text): array
    {
        $told = array_values(array_filter(
            $this->tallies($text), static fn (Tally $t): bool => $t->share() >= self::ENOUGH,
        ));
        $least = $told === [] ? 0.0 : self::TAIL * $told[0]->score();

        return array_map(
            static fn (Tally $t): Found => $t->found(),
            array_values(array_filter($told, static fn (Tally $t): bool => $t->score() >= $least)),
        );
    }

    /** @return list<Found> what comes nearest where nothing was found; at most three */
    public function nearest(string $text): array
    {
        $some = array_map(static fn (Tally $t): Found => $t->found(), $this->tallies($text));

        return array_slice($some === [] ? $this->alike($text) : $some, 0, self::NEAREST);
    }

    /** @return list<Tally> best first */
    private function tallies(string $text): array
    {
        $best = [];
        foreach ($this->readings($text) as $words) {
            foreach ($this->tally($words) as $family => $tally) {
                if (! isset($best[$family]) || $tally->score() > $best[$family]->score()) {
                    $best[$family] = $tally;
                }
            }
        }
        usort($best, static fn (Tally $a, Tally $b): int => [$b->score(), $a->family] <=> [$a->score(), $b->family]);

        return $best;
    }

    /**
     * What was typed, and the same with words put together or taken apart: "dead lift", "pushup".
     *
     * @return list<list<string>>
     */
    private function readings(string $text): array
    {
        $words = Words::telling(Words::of($text));
        if ($words === []) {
            return [];
        }
        $readings = [$words];
        for ($i = 0; $i + 1 < count($words); $i++) {
            $joined = Words::stem($words[$i].$words[$i + 1]);
            if (isset($this->index->byWord[$joined])) {
                $readings[] = [...array_slice($words, 0, $i), $joined, ...array_slice($words, $i + 2)];
            }
        }
        foreach ($words as $i => $word) {
            $parts = isset($this->index->byWord[$word]) ? null : $this->apart($word);
            if ($parts !== null) {
                $readings[] = [...array_slice($words, 0, $i), ...$parts, ...array_slice($words, $i + 1)];
            }
        }

        return $readings;
    }

    /** @return array{string, string}|null */
    private function apart(string $word): ?array
    {
        for ($at = 2; $at <= strlen($word) - 2; $at++) {
            $parts = [Words::stem(substr($word, 0, $at)), Words::stem(substr($word, $at))];
            if (isset($this->index->byWord[$parts[0]], $this->index->byWord[$parts[1]])) {
                return $parts;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $words
     * @return array<int, Tally> by family
     */
    private function tally(array $words): array
    {
        $weights = [];
        /** @var array<string, non-empty-array<int, float>> $qualities */
        $qualities = [];
        foreach ($words as $q => $word) {
            $meant = $this->meant($word, $q === count($words) - 1);
            $seen = 0;
            foreach ($meant as $known => $quality) {
                $seen += count($this->index->byWord[$known]);
                foreach ($this->index->byWord[$known] as $key) {
                    $qualities[$key][$q] = max($qualities[$key][$q] ?? 0.0, $quality);
                }
            }
            $weights[$q] = log(1 + count($this->index->phrases) / max(1, $seen));
        }
        $tallies = [];
        foreach ($qualities as $key => $byWord) {
            foreach ($this->index->leads($key) as $lead) {
                $tallies[$lead->family] ??= new Tally($lead->family, $this->index->families[$lead->family], $weights);
                $tallies[$lead->family]->count($lead, $byWord, 1 + substr_count($key, ' '));
            }
        }

        return $tallies;
    }

    /**
     * The words of the index that a typed one may mean, and how surely: itself, else one that it begins, else a slip of
     * one letter. The last word may still be being typed.
     *
     * @return array<string, float>
     */
    private function meant(string $word, bool $isLast): array
    {
        $meant = isset($this->index->byWord[$word]) ? [$word => 1.0] : [];
        if ($meant === [] || $isLast) {
            foreach (strlen($word) < 2 ? [] : array_keys($this->index->byWord) as $known) {
                if (str_starts_with((string) $known, $word) && $known !== $word) {
                    $meant[$known] = $meant === [] || ! isset($meant[$word]) ? 0.8 : 0.4;
                }
            }
        }
        foreach ($meant === [] ? array_keys($this->index->byWord) : [] as $known) {
            if (Words::isSlip($word, (string) $known)) {
                $meant[$known] = 0.7;
            }
        }

        return $meant;
    }

    /**
     * Families whose own names are spelt most like what was typed.
     *
     * @return list<Found>
     */
    private function alike(string $text): array
    {
        $typed = implode(' ', Words::telling(Words::of($text)));
        $by = [];
        foreach ($typed === '' ? [] : array_keys($this->index->phrases) as $key) {
            similar_text($typed, (string) $key, $percent);
            foreach ($percent < 50 ? [] : $this->index->leads((string) $key) as $lead) {
                if ($lead->kind === Kind::Name || $lead->kind === Kind::Word) {
                    $by[$lead->family] = max($by[$lead->family] ?? 0.0, $percent);
                }
            }
        }
        arsort($by);

        return array_map(
            fn (int $family): Found => new Found(
                $this->index->families[$family]['code'], $this->index->families[$family]['name'],
                $this->index->families[$family]['pattern'], 0.0, '', $this->index->families[$family]['rungs'],
            ),
            array_keys($by),
        );
    }
}
