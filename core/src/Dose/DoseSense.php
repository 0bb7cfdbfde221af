<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Exercises\DoseKind;

/**
 * Doses outside sense, where no limit speaks: asked twice past the first bound, refused past the second. House conventions:
 * nothing that a published programme for these clients asks for comes near them.
 */
final class DoseSense
{
    private const ASK_SETS = 6;

    private const MOST_SETS = 10;

    /** What a dose counts, to the bound past which it is asked twice and the one past which it is refused. */
    private const AMOUNTS = ['reps' => [30, 60], 'steps' => [50, 100], 'trips' => [30, 60], 'hold' => [180, 300], 'movement' => [1800, 1800]];

    /** A session this many times its minutes is issued only with a reason. */
    public const TIMES_ITS_MINUTES = 2;

    /** @return array<string, string> field (sets or amount) to why the dose is refused */
    public static function refusals(Dose $dose, Goal $goal): array
    {
        [$what, $unit] = self::counted($dose, $goal);
        $most = self::AMOUNTS[$what][1];

        return array_filter([
            'sets' => $dose->sets > self::MOST_SETS ? sprintf('%d sets are refused: up to %d can be dosed, for example 3.', $dose->sets, self::MOST_SETS) : null,
            'amount' => $dose->amount->hi > $most ? sprintf('%d %s a set are refused: up to %d can be dosed.', $dose->amount->hi, $unit, $most) : null,
        ], is_string(...));
    }

    /** @return array<string, string> field to what is unusual, for a second look; empty when nothing is */
    public static function asks(Dose $dose, Goal $goal): array
    {
        [$what, $unit] = self::counted($dose, $goal);
        $usual = self::AMOUNTS[$what][0];

        return array_filter([
            'sets' => $dose->sets > self::ASK_SETS ? sprintf('%d sets; up to %d are usual.', $dose->sets, self::ASK_SETS) : null,
            'amount' => $dose->amount->hi > $usual ? sprintf('%d %s a set; up to %d are usual.', $dose->amount->hi, $unit, $usual) : null,
        ], is_string(...));
    }

    /** @return array{string, string} what of the table is counted, and its word */
    private static function counted(Dose $dose, Goal $goal): array
    {
        return match ($dose->kind) {
            DoseKind::Seconds => [$goal === Goal::WarmUp ? 'movement' : 'hold', 'seconds'],
            DoseKind::Reps => ['reps', 'reps'],
            DoseKind::Steps => ['steps', 'steps'],
            DoseKind::Trips => ['trips', 'trips'],
        };
    }
}
