<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Tempo;

/** The beat of one rep, part by part, for a pacer to follow: what moves, and for how many seconds. */
final class Beat
{
    /** A lift as fast as it goes takes one. House convention, as the minutes of a session are counted. */
    private const FAST_S = 1;

    /**
     * Begins with what comes first: with lowering where the body, or a load, goes down from the start, and with the
     * effort everywhere else.
     *
     * @return list<array{move: string, seconds: float}> empty where nothing is counted by a beat
     */
    public static function of(Family $family, Rung $rung, Dose $dose): array
    {
        if ($dose->kind !== DoseKind::Reps) {
            return [];
        }
        $parts = $dose->tempo === ''
            ? [['move' => 'move', 'seconds' => $rung->work->secondsPer(DoseKind::Reps)]]
            : self::ofTempo(Tempo::read($dose->tempo), self::goesDownFirst($family, $rung));

        return $dose->holdS === null ? $parts : [...$parts, ['move' => 'hold', 'seconds' => (float) $dose->holdS]];
    }

    /** A band is pulled down with effort; whatever else goes down from its start is lowered. */
    private static function goesDownFirst(Family $family, Rung $rung): bool
    {
        [$from, , $to] = $rung->figure->draw()->jsonSerialize()['arrow'] ?? [[0, 0], [0, 0], [0, 0]];
        $down = $from[1] - $to[1];

        return $down > 0 && 2 * $down > abs($to[0] - $from[0]) && $rung->work->band === null
            && $family->pattern !== Pattern::Pull;
    }

    /** @return list<array{move: string, seconds: float}> */
    private static function ofTempo(Tempo $tempo, bool $downFirst): array
    {
        $down = [
            ['move' => 'lower', 'seconds' => (float) $tempo->lowerS],
            ['move' => 'hold', 'seconds' => (float) $tempo->bottomS],
        ];
        $up = [
            $tempo->liftS === null ? ['move' => 'lift fast', 'seconds' => (float) self::FAST_S]
                : ['move' => 'lift', 'seconds' => (float) $tempo->liftS],
            ['move' => 'hold', 'seconds' => (float) $tempo->topS],
        ];
        $parts = $downFirst ? [...$down, ...$up] : [...$up, ...$down];

        return array_values(array_filter($parts, static fn (array $p): bool => $p['seconds'] > 0));
    }
}
