<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Units\Range;

final class BandVerb implements Verb
{
    public function name(): string
    {
        return 'band';
    }

    public function about(): string
    {
        return 'force of a band over its travel, or where to stand for a force';
    }

    public function answer(Bag $input): Answer
    {
        $points = array_map(
            static fn (Bag $p): array => [$p->number('elongation_pct', 0.1, 600), $p->number('force_n', 0.01, 5000)],
            $input->bags('points'),
        );
        $band = new Band(
            $input->number('rest_length_mm', 50, 10_000),
            $points,
            $input->optInt('strands', 1, 8) ?? 1,
            $input->optNumber('max_elongation_pct', 1, 600) ?? Band::DEFAULT_MAX_ELONGATION_PCT,
        );
        $travel = $this->travel($input, $band);
        [$start, $end] = [$travel->min, $travel->max];
        $middle = ($start + $end) / 2;
        $round = static fn (?float $n): ?float => $n === null ? null : round($n, 3);

        return new Answer([
            'start_mm' => round($start, 1), 'end_mm' => round($end, 1),
            'start_n' => $round($band->force($start)), 'middle_n' => $round($band->force($middle)),
            'end_n' => $round($band->force($end)), 'mean_n' => $round($band->mean($start, $end)),
            'start_elongation_pct' => $round($band->elongationPct($start)),
            'end_elongation_pct' => $round($band->elongationPct($end)),
            'taut' => $start >= $band->restMm - 1e-6,
            'within_limit' => $band->elongationPct($end) <= $band->maxElongationPct + 1e-9,
        ]);
    }

    /** Start and end length in mm. */
    private function travel(Bag $input, Band $band): Range
    {
        if ($input->has('start_mm') && $input->has('end_mm') && ! $input->has('target') && ! $input->has('travel_mm')) {
            $start = $input->number('start_mm', 1, 60_000);
            $end = $input->number('end_mm', 1, 60_000);
            if ($end < $start) {
                throw InvalidInput::at(
                    '/end_mm', sprintf('The end length must not be shorter than the start of %s mm.', $start),
                );
            }

            return new Range($start, $end);
        }
        if ($input->has('travel_mm') && $input->has('target') && ! $input->has('start_mm') && ! $input->has('end_mm')) {
            $travel = $input->number('travel_mm', 1, 5_000);
            $target = $input->bag('target');
            $start = $band->startFor(
                $travel, $target->string('at') === 'end' ? 'end' : 'mean', $target->number('force_n', 0, 5000),
            );

            return new Range($start, $start + $travel);
        }

        throw InvalidInput::at('/start_mm', 'Give either "start_mm" and "end_mm", or "travel_mm" and "target".');
    }
}
