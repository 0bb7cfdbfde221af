<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Errors\InvalidInput;

/**
 * An elastic band by measured points only: its colour is a label and never a force. Force between two points is
 * linear, the point (0 %, 0 N) is implied, and past the last point there is no figure. Strands in parallel multiply
 * the force.
 */
final readonly class Band
{
    public const DEFAULT_MAX_ELONGATION_PCT = 200.0;

    /** A start this taut is recommended; zero is the least. House convention. */
    public const RECOMMENDED_START_PCT = 5.0;

    /** @var list<array{float, float}> elongation in percent and force in newtons of one strand, rising, from (0, 0) */
    private array $points;

    /**
     * @param  float  $restMm  rest length, above 0 mm
     * @param  list<array{float, float}>  $points  measured (elongation %, force N); without any it is
     *     used by how it feels
     *
     * @throws InvalidInput when points repeat an elongation or the force falls as the band is stretched
     */
    public function __construct(
        public float $restMm,
        array $points,
        public int $strands = 1,
        public float $maxElongationPct = self::DEFAULT_MAX_ELONGATION_PCT,
    ) {
        usort($points, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $before = [0.0, 0.0];
        $all = [$before];
        foreach ($points as $i => $point) {
            if ($point[0] <= $before[0] || $point[1] <= $before[1]) {
                throw InvalidInput::at(
                    '/points/'.$i,
                    sprintf(
                        'A point at %s %% with %s N does not rise above the one before it: a band pulls harder the '
                            .'longer it is. Measure it again.',
                        $point[0],
                        $point[1],
                    ),
                );
            }
            $all[] = $before = $point;
        }
        $this->points = $all;
    }

    /**
     * From pulling the band on a luggage scale to known lengths.
     *
     * @param  list<array{float, float}>  $pulls  length in mm and the scale's reading in newtons
     *
     * @throws InvalidInput when a length is not beyond the rest length, or the points do not rise
     */
    public static function fromPulls(
        float $restMm,
        array $pulls,
        float $maxElongationPct = self::DEFAULT_MAX_ELONGATION_PCT,
    ): self {
        $points = [];
        foreach ($pulls as $i => [$length, $force]) {
            if ($length <= $restMm) {
                throw InvalidInput::at(
                    '/points/'.$i,
                    sprintf(
                        'Pulled to %d mm the band is no longer than at rest (%d mm): pull it further.',
                        (int) $length,
                        (int) $restMm,
                    ),
                );
            }
            $points[] = [($length - $restMm) / $restMm * 100, $force];
        }

        return new self($restMm, $points, 1, $maxElongationPct);
    }

    /** @return list<array{float, float}> measured elongation (percent) and force (newtons), from (0, 0): for drawing */
    public function curve(): array
    {
        return array_map(fn (array $p): array => [$p[0], $p[1] * $this->strands], $this->points);
    }

    /** Folded in the middle: half as long, two strands for each one. */
    public function folded(): self
    {
        return new self($this->restMm / 2, array_slice($this->points, 1), $this->strands * 2, $this->maxElongationPct);
    }

    /**
     * The same band gripped so that less of it is free: force depends on the share it is stretched, not on the
     * length.
     */
    public function shortenedTo(float $restMm): self
    {
        return new self($restMm, array_slice($this->points, 1), $this->strands, $this->maxElongationPct);
    }

    /**
     * Where the hands and the anchor fix the lengths, the free length of band that makes the end or the mean of the
     * travel meet a force: bisection, as a shorter band pulls harder.
     *
     * @param  'end'|'mean'  $at
     *
     * @throws InvalidInput when no free length within the band, its measured and its safe stretch meets it
     */
    public function restFor(float $startMm, float $travelMm, string $at, float $forceN): float
    {
        $rests = $this->rests($startMm, $travelMm);
        [$short, $long] = [$rests->least, $rests->most];
        $reach = $this->reachByRest($startMm, $travelMm, $at);
        if (! $reach->has($forceN)) {
            throw InvalidInput::at(
                '/target/force_n',
                sprintf(
                    'Gripped shorter or longer, this band gives %.1f to %.1f N here; %.1f N is not reachable. Use '
                        .'another band, or fold it.',
                    $reach->least, $reach->most,
                    $forceN,
                ),
                'not_reachable',
            );
        }
        $value = fn (float $rest): float => $this->shortenedTo($rest)->pull($startMm, $travelMm, $at);
        for ($i = 0; $i < 60; $i++) {
            $middle = ($short + $long) / 2;
            if ($value($middle) > $forceN) {
                $short = $middle;
            } else {
                $long = $middle;
            }
        }

        return ($short + $long) / 2;
    }

    /**
     * The least and the most that a travel between fixed lengths can pull, newtons: with all of the band free, and
     * gripped as short as its measured and safe stretch allows.
     *
     * @param  'end'|'mean'  $at
     * @param  float  $tautPct  how far the start must be stretched, where the band leaves room for it
     *
     * @throws InvalidInput when the band is too short for the way
     */
    public function reachByRest(float $startMm, float $travelMm, string $at, float $tautPct = 0.0): Reach
    {
        $rests = $this->rests($startMm, $travelMm);
        [$short, $long] = [$rests->least, $rests->most];
        $long = max($short, min($long, $startMm / (1 + $tautPct / 100)));

        return new Reach(
            $this->shortenedTo($long)->pull($startMm, $travelMm, $at),
            $this->shortenedTo($short)->pull($startMm, $travelMm, $at),
        );
    }

    /** The shortest and the longest free length, mm. */
    private function rests(float $startMm, float $travelMm): Reach
    {
        // A hair longer than the limit, so that the end does not fall past the last point by a rounding.
        $short = ($startMm + $travelMm) / (
            1 + min($this->points[count($this->points) - 1][0], $this->maxElongationPct) / 100
        ) * (1 + 1e-12);
        $long = min($this->restMm, $startMm);
        if ($short > $long) {
            throw InvalidInput::at(
                '/travel_mm',
                sprintf(
                    'This band is too short for a travel of %d mm from %d mm within its measured and safe stretch: '
                        .'join two, or use a longer one.',
                    (int) $travelMm,
                    (int) $startMm,
                ),
                'not_reachable',
            );
        }

        return new Reach($short, $long);
    }

    public function elongationPct(float $lengthMm): float
    {
        return ($lengthMm - $this->restMm) / $this->restMm * 100;
    }

    /** Length at which the last measured point lies, in mm. */
    public function knownToMm(): float
    {
        return $this->restMm * (1 + $this->points[count($this->points) - 1][0] / 100);
    }

    /** Newtons at a length; 0 when slack, null past the last measured point. */
    public function force(float $lengthMm): ?float
    {
        $e = $this->elongationPct($lengthMm);
        if ($e <= 0) {
            return 0.0;
        }
        for ($i = 1; $i < count($this->points); $i++) {
            [$e0, $f0] = $this->points[$i - 1];
            [$e1, $f1] = $this->points[$i];
            if ($e <= $e1 + 1e-9) {
                return $this->strands * ($f0 + ($f1 - $f0) * ($e - $e0) / ($e1 - $e0));
            }
        }

        return null;
    }

    /**
     * Mean force over a travel, ∫F dL / travel, exact on the linear pieces; null when the end is past the last
     * point.
     */
    public function mean(float $startMm, float $endMm): ?float
    {
        $end = $this->force($endMm);
        if ($end === null) {
            return null;
        }
        if ($endMm <= $startMm) {
            return $this->force($startMm);
        }
        // Cut at every measured length inside the travel; between two cuts the force is a straight line.
        $cuts = [$startMm];
        foreach ($this->points as [$e]) {
            $length = $this->restMm * (1 + $e / 100);
            if ($length > $startMm && $length < $endMm) {
                $cuts[] = $length;
            }
        }
        $cuts[] = $endMm;
        $sum = 0.0;
        for ($i = 1; $i < count($cuts); $i++) {
            $sum += ($cuts[$i] - $cuts[$i - 1]) * (
                ($this->force($cuts[$i]) ?? 0) + ($this->force($cuts[$i - 1]) ?? 0)
            ) / 2;
        }

        return $sum / ($endMm - $startMm);
    }

    /**
     * The least and the most that a travel can pull from a taut start within the measured and safe stretch, newtons.
     *
     * @param  'end'|'mean'  $at
     * @param  float  $tautPct  how far the start must be stretched, where the travel leaves room for it
     *
     * @throws InvalidInput when the travel is too long for this band
     */
    public function reachByStart(float $travelMm, string $at, float $tautPct = 0.0): Reach
    {
        $starts = $this->starts($travelMm);
        [$low, $high] = [$starts->least, $starts->most];
        $low = min($high, $low * (1 + $tautPct / 100));

        return new Reach($this->pull($low, $travelMm, $at), $this->pull($high, $travelMm, $at));
    }

    /** The shortest and the longest start, mm. */
    private function starts(float $travelMm): Reach
    {
        $low = $this->restMm;
        $high = min($this->knownToMm(), $this->restMm * (1 + $this->maxElongationPct / 100)) - $travelMm;
        if ($high < $low) {
            throw InvalidInput::at(
                '/travel_mm',
                sprintf(
                    'This band cannot travel %d mm within its measured and safe stretch; %d mm is the most.',
                    (int) $travelMm,
                    (int) floor($high + $travelMm - $low),
                ),
                'not_reachable',
            );
        }

        return new Reach($low, $high);
    }

    /** @param  'end'|'mean'  $at */
    private function pull(float $startMm, float $travelMm, string $at): float
    {
        return (float) (
            $at === 'end'
                ? $this->force($startMm + $travelMm)
                : $this->mean($startMm, $startMm + $travelMm)
        );
    }

    /**
     * Where to start so that the end or the mean of a travel meets a force: bisection, as force grows with length.
     *
     * @param  'end'|'mean'  $at
     *
     * @throws InvalidInput when no taut start within the measured and safe lengths meets it, with the forces that are
     *     reachable
     */
    public function startFor(float $travelMm, string $at, float $forceN): float
    {
        $starts = $this->starts($travelMm);
        [$low, $high] = [$starts->least, $starts->most];
        $reach = $this->reachByStart($travelMm, $at);
        $value = fn (float $start): float => $this->pull($start, $travelMm, $at);
        if (! $reach->has($forceN)) {
            throw InvalidInput::at(
                '/target/force_n',
                sprintf(
                    'From a taut start this set-up gives %.1f to %.1f N; %.1f N is not reachable. Use another band, '
                        .'fold it, or change the travel.',
                    $reach->least, $reach->most,
                    $forceN,
                ),
                'not_reachable',
            );
        }
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            if ($value($middle) < $forceN) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
