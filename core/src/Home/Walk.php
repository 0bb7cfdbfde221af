<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Session\Block;
use BuoyantStep\Core\Plan\Session\Clock;
use BuoyantStep\Core\Plan\Session\Part;
use BuoyantStep\Core\Plan\Session\Ramp;
use BuoyantStep\Core\Plan\Session\Session;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * A session one step after the other, as somebody is led through it: what the sheet prints, in the order in which it is
 * done, with every rest that its minutes are counted from.
 */
final class Walk
{
    /** @var array<int, WalkStep> */
    private array $steps = [];

    /**
     * @param  list<Planned>  $items  of the session, with the doses of the day
     * @param  list<Timed>  $timed  the same, as the clock sees them
     */
    private function __construct(
        private readonly array $items,
        private readonly array $timed,
        private readonly int $restMinS,
    ) {
    }

    /**
     * @param  list<Planned>  $items
     * @param  list<Timed>  $timed
     * @param  int  $restMinS  that a limit asks for between any two bouts
     * @return list<WalkStep>
     */
    public static function through(Session $session, array $items, array $timed, int $restMinS): array
    {
        $walk = new self($items, $timed, $restMinS);
        foreach ($session->blocks as $at => $block) {
            $walk->block($block);
            if ($block->part === Part::WarmUp) {
                // From the warm-up one goes on.
                $walk->restNow(Clock::CHANGE_S);
            } elseif ($block->piece !== null && ($session->blocks[$at + 1]->piece ?? null) !== null) {
                // A piece of the day ends where it ends.
                $walk->restNow(0);
            }
        }
        // After the last nothing is waited for.
        $walk->restNow(0);

        return array_values($walk->steps);
    }

    private function block(Block $block): void
    {
        if (($block->piece ?? 1) > 1) {
            $this->steps[] = new WalkStep(
                StepKind::March, null, $block->part, new Span(Session::PIECE_WARM_UP_S, Session::PIECE_WARM_UP_S),
                piece: $block->piece,
            );
        }
        match (true) {
            $block->part === Part::Activation => $this->activation($block),
            $block->restS !== [] => $this->oneByOne($block),
            default => $this->inRounds($block),
        };
    }

    private function activation(Block $block): void
    {
        foreach ($block->items as $place) {
            $easy = new Span(Session::EASY_REPS, Session::EASY_REPS);
            $this->bout($block, $place, StepKind::Easy, static fn (): Span => $easy, $block->changeS);
        }
    }

    private function oneByOne(Block $block): void
    {
        foreach ($block->items as $i => $place) {
            $this->rampUp($block, $place);
            $sets = $this->items[$place]->dose->sets;
            for ($set = 1; $set <= $sets; $set++) {
                $this->set($block, $place, $set, $set < $sets ? $block->restS[$i] : $block->changeS);
            }
        }
    }

    private function inRounds(Block $block): void
    {
        foreach ($block->items as $place) {
            $this->rampUp($block, $place);
        }
        for ($round = 1; $round <= $block->rounds; $round++) {
            foreach ($block->items as $place) {
                if ($this->items[$place]->dose->sets >= $round) {
                    $this->set($block, $place, $round, $block->changeS);
                }
            }
            if ($round < $block->rounds) {
                $this->betweenRounds($block);
            }
        }
    }

    private function betweenRounds(Block $block): void
    {
        $this->restNow($block->changeS + $block->roundRestS);
        if ($block->aerobicMinutes > 0) {
            $seconds = 60 * $block->aerobicMinutes;
            $this->steps[] = new WalkStep(
                StepKind::March, null, $block->part, new Span($seconds, $seconds), piece: $block->piece,
            );
        }
    }

    /** Another rest after the step that was last. */
    private function restNow(int $seconds): void
    {
        $last = count($this->steps) - 1;
        if ($last >= 0) {
            $this->steps[$last] = $this->steps[$last]->restingFor($seconds);
        }
    }

    private function rampUp(Block $block, int $place): void
    {
        $ramp = in_array($place, $block->ramped, true) ? $this->timed[$place]->ramp() : null;
        if ($ramp !== null) {
            $this->bout(
                $block, $place, StepKind::Ramp, static fn (Side $side): Span => $ramp->on($side)->amount,
                max(Ramp::REST_S, $this->restMinS), load: $ramp->loadLabel(),
            );
        }
    }

    private function set(Block $block, int $place, int $set, int $restS): void
    {
        $dose = $this->items[$place]->dose;
        $this->bout(
            $block, $place, StepKind::Set, static fn (Side $side): Span => $dose->on($side)->amount, $restS, $set,
            $dose->sets,
        );
    }

    /** @param  callable(Side): Span  $amount  of each side */
    private function bout(
        Block $block, int $place, StepKind $kind, callable $amount, int $restS, int $set = 1, int $of = 1,
        ?string $load = null,
    ): void {
        $sides = $this->items[$place]->sides;
        $last = count($sides) - 1;
        foreach ($sides as $i => $side) {
            // From one side to the other one only turns round.
            $this->steps[] = new WalkStep(
                $kind, $place, $block->part, $amount($side), $i === $last ? $restS : 0, $set, $of, $side,
                $block->piece, $load,
            );
        }
    }
}
