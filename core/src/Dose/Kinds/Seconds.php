<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Kinds;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\KindRules;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Seconds of continuous movement: a warm-up, a march, curls by the clock in a chair. */
final class Seconds implements KindRules
{
    public function kind(): DoseKind
    {
        return DoseKind::Seconds;
    }

    /** Half a minute to a minute outside a warm-up. Source: practice. */
    public function range(Goal $goal): Span
    {
        return $goal->isEasyMinutes() ? $goal->row()->amount : new Span(30, 60);
    }

    public function increment(): ?int
    {
        return null;
    }

    public function usual(Goal $goal): int
    {
        return $goal->isEasyMinutes() ? 1800 : 600;
    }

    public function most(Goal $goal): int
    {
        return 1800;
    }

    public function word(): string
    {
        return 'seconds of movement';
    }

    public function leaves(Goal $goal, int $effort): string
    {
        return match (true) {
            $goal->isEasyMinutes(), $goal === Goal::Mobility => 'easy',
            $goal === Goal::Balance => 'wobbly but safe',
            $effort <= 4 => 'light and steady',
            default => 'steady, could go on for about half as long again',
        };
    }

    public function cappedBy(Goal $goal): ?Field
    {
        return null;
    }
}
