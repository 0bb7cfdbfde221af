<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Session;

/** Counts the seconds of each stretch of a session. */
final readonly class Clock
{
    /** House estimate: putting one thing down and taking up the next. */
    public const CHANGE_S = 15;

    private int $changeS;

    /** @param  list<Timed>  $items */
    public function __construct(private array $items, private int $restMinS, private Shape $shape)
    {
        // A rest that a limit asks for separates any two bouts.
        $this->changeS = max(self::CHANGE_S, $restMinS);
    }

    /**
     * Each exercise with all its sets before the next.
     *
     * @param  list<int>  $places
     * @param  int  $beforeS  what comes before it, seconds
     */
    public function oneByOne(Part $part, array $places, int $beforeS = 0): ?Block
    {
        if ($places === []) {
            return null;
        }
        $seconds = $beforeS;
        $rests = [];
        $ramped = [];
        foreach ($places as $place) {
            $item = $this->items[$place];
            $rests[] = $item->rest($this->restMinS);
            $ramp = $part === Part::Main ? $this->rampS($item) : 0;
            $ramped = $ramp > 0 ? [...$ramped, $place] : $ramped;
            $seconds += $item->rung->setUp->seconds + $ramp + $item->dose->sets * $item->bout()
                + ($item->dose->sets - 1) * $item->rest($this->restMinS);
        }
        // From the warm-up one goes on; after the last of the main part one has it behind.
        $seconds += (count($places) - 1) * $this->changeS;

        return new Block($part, $places, $seconds, changeS: $this->changeS, restS: $rests, ramped: $ramped);
    }

    /** @param  list<int>  $places  an easy round of these, without a load */
    public function activation(array $places): ?Block
    {
        $seconds = 0;
        foreach ($places as $place) {
            $seconds += $this->items[$place]->boutOf(Session::EASY_REPS) + $this->changeS;
        }

        return $places === [] ? null : new Block(Part::Activation, $places, $seconds, changeS: $this->changeS);
    }

    /**
     * One set of each in turn, then again. While one works the others rest; where that is not long enough, a rest
     * follows the round.
     *
     * @param  list<int>  $places
     * @param  int  $beforeS  what comes before it, seconds
     */
    public function inRounds(array $places, int $beforeS = 0): ?Block
    {
        if ($places === []) {
            return null;
        }
        if (count($places) === 1) {
            return $this->oneByOne(Part::Main, $places, $beforeS);
        }
        $rounds = max(array_map(fn (int $p): int => $this->items[$p]->dose->sets, $places));
        $seconds = $beforeS;
        $rest = 0;
        $ramped = [];
        foreach ($places as $place) {
            $ramp = $this->rampS($this->items[$place]);
            $ramped = $ramp > 0 ? [...$ramped, $place] : $ramped;
            $seconds += $this->items[$place]->rung->setUp->seconds + $ramp;
        }
        for ($round = 1; $round <= $rounds; $round++) {
            $in = array_values(array_filter($places, fn (int $p): bool => $this->items[$p]->dose->sets >= $round));
            $length = array_sum(array_map(fn (int $p): int => $this->items[$p]->bout() + $this->changeS, $in));
            $seconds += $length;
            foreach ($round < $rounds ? $in : [] as $place) {
                $item = $this->items[$place];
                if ($item->dose->sets > $round) {
                    $rest = max($rest, $item->rest($this->restMinS) - ($length - $item->bout()));
                }
            }
        }
        $aerobic = $rounds > 1 ? $this->shape->aerobicMinutes : 0;
        // Easy minutes between the rounds are rest enough.
        $rest = $aerobic > 0 ? 0 : $rest;
        $seconds += ($rounds - 1) * ($rest + 60 * $aerobic) - $this->changeS;

        return new Block(Part::Main, $places, $seconds, $rounds, $this->changeS, $rest, [], $aerobic, $ramped);
    }

    private function rampS(Timed $item): int
    {
        $ramp = $this->shape->ramp ? $item->ramp() : null;

        return $ramp === null ? 0 : $item->boutOf($ramp->amount->hi) + max(Ramp::REST_S, $this->restMinS);
    }
}
