<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Tempo;

/** The beat of one rep, part by part, for a pacer to follow: what moves, and for how many seconds. */
final class Beat
{
    /** A lift as fast as it goes takes one. House convention, as the minutes of a session are counted. */
    private const FAST_S = 1;

    /** @return list<array{move: string, seconds: float}> empty where nothing is counted by a beat */
    public static function of(Rung $rung, Dose $dose): array
    {
        if ($dose->kind !== DoseKind::Reps) {
            return [];
        }
        $parts = $dose->tempo === ''
            ? [['move' => 'move', 'seconds' => $rung->work->secondsPer(DoseKind::Reps)]]
            : self::ofTempo(Tempo::read($dose->tempo));

        return $dose->holdS === null ? $parts : [...$parts, ['move' => 'hold', 'seconds' => (float) $dose->holdS]];
    }

    /** @return list<array{move: string, seconds: float}> */
    private static function ofTempo(Tempo $tempo): array
    {
        $parts = [
            ['move' => 'lower', 'seconds' => (float) $tempo->lowerS],
            ['move' => 'hold', 'seconds' => (float) $tempo->bottomS],
            $tempo->liftS === null ? ['move' => 'lift fast', 'seconds' => (float) self::FAST_S]
                : ['move' => 'lift', 'seconds' => (float) $tempo->liftS],
            ['move' => 'hold', 'seconds' => (float) $tempo->topS],
        ];

        return array_values(array_filter($parts, static fn (array $p): bool => $p['seconds'] > 0));
    }
}
