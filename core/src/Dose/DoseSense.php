<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

/**
 * Doses outside sense, where no limit speaks: asked twice past the first bound, refused past the second. House
 * conventions: nothing that a published programme for these clients asks for comes near them.
 */
final class DoseSense
{
    private const ASK_SETS = 6;

    private const MOST_SETS = 10;

    /** A session this many times its minutes is issued only with a reason. */
    public const TIMES_ITS_MINUTES = 2;

    /** @return array<string, string> field (sets or amount) to why the dose is refused */
    public static function refusals(Dose $dose, Goal $goal): array
    {
        $counted = Kinds::of($dose->kind);
        $most = $counted->most($goal);
        $refusals = [];
        if ($dose->sets > self::MOST_SETS) {
            $says = '%d sets are refused: up to %d can be dosed, for example 3.';
            $refusals['sets'] = sprintf($says, $dose->sets, self::MOST_SETS);
        }
        if ($dose->amount->hi > $most) {
            $says = '%d %s a set are refused: up to %d can be dosed.';
            $refusals['amount'] = sprintf($says, $dose->amount->hi, $counted->word(), $most);
        }

        return $refusals;
    }

    /** @return array<string, string> field to what is unusual, for a second look; empty when nothing is */
    public static function asks(Dose $dose, Goal $goal): array
    {
        $counted = Kinds::of($dose->kind);
        $usual = $counted->usual($goal);
        $asks = [];
        if ($dose->sets > self::ASK_SETS) {
            $asks['sets'] = sprintf('%d sets; up to %d are usual.', $dose->sets, self::ASK_SETS);
        }
        if ($dose->amount->hi > $usual) {
            $says = '%d %s a set; up to %d are usual.';
            $asks['amount'] = sprintf($says, $dose->amount->hi, $counted->word(), $usual);
        }

        return $asks;
    }
}
