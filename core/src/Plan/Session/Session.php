<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Session;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** A session as it is gone through, from the warm-up to the cool-down, with the time that each stretch of it takes. */
final readonly class Session
{
    /** What the main lifts need is woken up first; three are enough. House convention. */
    private const ACTIVATES = [Pattern::Rise, Pattern::Hinge, Pattern::Push, Pattern::Pull];

    private const ACTIVATED = 3;

    /** Easy reps of each in the activation. */
    public const EASY_REPS = 5;

    /** A piece of the day is no longer, seconds. Source: practice. */
    public const PIECE_S = 600;

    /** A later piece of the day begins with so much of the warm-up, seconds. House convention. */
    public const PIECE_WARM_UP_S = 60;

    /** @param  list<Block>  $blocks  in their order */
    private function __construct(public array $blocks, public int $seconds)
    {
    }

    /**
     * @param  list<Timed>  $items  in the order of the plan
     * @param  int  $restMinS  that a limit asks for between any two bouts, circuits included
     */
    public static function of(array $items, Structure $structure, int $restMinS, Shape $shape = new Shape): self
    {
        $clock = new Clock($items, $restMinS, $shape);
        $blocks = array_values(array_filter([
            $clock->oneByOne(Part::WarmUp, self::placesOf($items, Part::WarmUp)),
            $shape->activation ? $clock->activation(self::woken($items)) : null,
            ...self::main($clock, self::placesOf($items, Part::Main), $structure),
            $clock->oneByOne(Part::CoolDown, self::placesOf($items, Part::CoolDown)),
        ]));

        $blocks = self::inARow($blocks);

        return new self($blocks, array_sum(array_column($blocks, 'seconds')));
    }

    /**
     * From one pair to the next the same change is taken as within; a piece of the day ends where it ends, from the
     * warm-up one goes on, and after the main part one has it behind.
     *
     * @param  list<Block>  $blocks
     * @return list<Block>
     */
    private static function inARow(array $blocks): array
    {
        $row = [];
        foreach ($blocks as $at => $block) {
            $then = $blocks[$at + 1] ?? null;
            $isNext = $block->part === Part::Main && $then?->part === Part::Main && $then->piece === null;
            $row[] = $isNext ? $block->followed() : $block;
        }

        return $row;
    }

    /**
     * @param  list<int>  $main
     * @return list<Block|null>
     */
    private static function main(Clock $clock, array $main, Structure $structure): array
    {
        return match ($structure) {
            Structure::Circuit => [$clock->inRounds($main)],
            Structure::Pairs => array_map($clock->inRounds(...), array_chunk($main, 2)),
            Structure::Straight => [$clock->oneByOne(Part::Main, $main)],
            Structure::Pieces => self::pieces($clock, $main),
        };
    }

    /**
     * As few pieces as hold all of it, each as long as the others as far as may be.
     *
     * @param  list<int>  $main
     * @return list<Block|null>
     */
    private static function pieces(Clock $clock, array $main): array
    {
        $whole = $clock->inRounds($main);
        if ($whole === null) {
            return [];
        }
        for ($count = max(1, (int) ceil($whole->seconds / self::PIECE_S)); $count <= count($main); $count++) {
            $pieces = self::shared($clock, $main, $count);
            $longest = max(array_map(static fn (Block $b): int => $b->seconds, $pieces));
            if ($longest <= self::PIECE_S) {
                return $pieces;
            }
        }

        return self::shared($clock, $main, count($main));
    }

    /**
     * @param  list<int>  $main
     * @return non-empty-list<Block>
     */
    private static function shared(Clock $clock, array $main, int $count): array
    {
        $pieces = [];
        $size = max(1, (int) ceil(count($main) / $count));
        foreach (array_chunk($main, $size) as $i => $places) {
            $block = $clock->inRounds($places, $i === 0 ? 0 : self::PIECE_WARM_UP_S);
            if ($block !== null) {
                $pieces[] = $block->inPiece($i + 1);
            }
        }
        assert($pieces !== []);

        return $pieces;
    }

    /** How much longer a session gets by one more set of this exercise, seconds. */
    public static function oneMoreSet(Timed $item, Structure $structure, int $restMinS): int
    {
        return $item->bout() + ($structure === Structure::Straight
            ? $item->rest($restMinS) : max(Clock::CHANGE_S, $restMinS));
    }

    /** @return list<int> how long each piece of the day takes, seconds; warm-up in the first, cool-down in the last */
    public function perPiece(): array
    {
        $pieces = [];
        $before = 0;
        foreach ($this->blocks as $block) {
            if ($block->piece !== null) {
                $pieces[] = $block->seconds + $before;
                $before = 0;
            } elseif ($pieces === []) {
                $before += $block->seconds;
            } else {
                $pieces[count($pieces) - 1] += $block->seconds;
            }
        }

        return $pieces;
    }

    /**
     * @param  list<Timed>  $items
     * @return list<int>
     */
    private static function placesOf(array $items, Part $part): array
    {
        return array_keys(array_filter($items, static fn (Timed $t): bool => $t->part() === $part));
    }

    /**
     * @param  list<Timed>  $items
     * @return list<int> the main lifts that an easy round comes before
     */
    private static function woken(array $items): array
    {
        $lifts = array_keys(array_filter($items, static fn (Timed $t): bool => $t->dose->kind === DoseKind::Reps
            && in_array($t->pattern, self::ACTIVATES, true) && $t->goal !== Goal::WakeUp));

        return array_slice($lifts, 0, self::ACTIVATED);
    }
}
