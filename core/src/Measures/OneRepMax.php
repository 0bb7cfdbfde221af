<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Errors\InvalidInput;
use JsonSerializable;

/**
 * The most a client could lift once, estimated from a comfortable set. Never tested.
 *
 * With n = reps + reps in reserve: Brzycki 36w/(37 - n) (Brzycki 1993), Epley w(1 + n/30) (Epley 1985). `auto` takes
 * Brzycki up to n = 10 and Epley from 11; both give the same at n = 10. Past n = 15 there is no estimate.
 */
final readonly class OneRepMax implements JsonSerializable
{
    /** Where the two formulas meet, and the last n of a good estimate. */
    public const GOOD_UP_TO = 10;

    public const FAIR_UP_TO = 15;

    public const ROUGH_UP_TO = 20;

    /** More reps in reserve than this are judged poorly: one grade less confidence. */
    public const RESERVE_JUDGED_UP_TO = 4;

    private function __construct(
        public ?int $grams,
        public Formula $formula,
        public Confidence $confidence,
        public string $says,
    ) {
    }

    /**
     * @param  int  $loadG  load of the set, 1 to 1 000 000 g
     * @param  int  $reps  reps done, 1 to 200
     * @param  int  $inReserve  reps that were left, 0 to 50
     *
     * @throws InvalidInput when a number is out of its range
     */
    public static function estimate(int $loadG, int $reps, int $inReserve, Formula $formula = Formula::Auto): self
    {
        self::assertRanges($loadG, $reps, $inReserve);
        $n = $reps + $inReserve;
        if ($formula === Formula::Auto) {
            $formula = $n <= self::GOOD_UP_TO ? Formula::Brzycki : Formula::Epley;
        }
        $confidence = self::confidence($n, $inReserve);
        if ($confidence === Confidence::None) {
            return new self(null, $formula, $confidence, self::whyNone($reps, $inReserve));
        }
        $grams = $n === 1 ? (float) $loadG : match ($formula) {
            Formula::Brzycki => 36 * $loadG / (37 - $n),
            default => $loadG * (1 + $n / 30),
        };

        return new self((int) round($grams), $formula, $confidence, sprintf(
            '%d reps with %d left: estimated 1RM by %s, confidence %s.',
            $reps, $inReserve, ucfirst($formula->value), $confidence->value,
        ));
    }

    private static function assertRanges(int $loadG, int $reps, int $inReserve): void
    {
        foreach ([
            ['load_g', $loadG, 1, 1_000_000], ['reps', $reps, 1, 200], ['rir', $inReserve, 0, 50],
        ] as [$field, $value, $min, $max]) {
            if ($value < $min || $value > $max) {
                throw InvalidInput::at(
                    '/'.$field,
                    sprintf('"%s" must be a whole number from %d to %d; %d is not.', $field, $min, $max, $value),
                );
            }
        }
    }

    private static function confidence(int $n, int $inReserve): Confidence
    {
        $confidence = match (true) {
            $n <= self::GOOD_UP_TO => Confidence::Good,
            $n <= self::FAIR_UP_TO => Confidence::Fair,
            $n <= self::ROUGH_UP_TO => Confidence::Rough,
            default => Confidence::None,
        };

        return $inReserve > self::RESERVE_JUDGED_UP_TO ? $confidence->lower() : $confidence;
    }

    private static function whyNone(int $reps, int $inReserve): string
    {
        return $reps + $inReserve > self::ROUGH_UP_TO
            ? sprintf(
                '%d reps with %d left is %d in all: too many for an estimate. Use a heavier easy set, or dose by '
                    .'reps and effort.',
                $reps,
                $inReserve,
                $reps + $inReserve,
            )
            : sprintf(
                'More than %d reps left is judged poorly: no estimate. Stop the set nearer to its end, or dose by '
                    .'reps and effort.',
                self::RESERVE_JUDGED_UP_TO,
            );
    }

    /** @return array{e1rm_g: int|null, formula: string, confidence: string} */
    public function jsonSerialize(): array
    {
        return ['e1rm_g' => $this->grams, 'formula' => $this->formula->value, 'confidence' => $this->confidence->value];
    }
}
