<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Kinds;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\KindRules;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Seconds of one hold, one stance or one stretch. */
final class Hold implements KindRules
{
    public function kind(): DoseKind
    {
        return DoseKind::Hold;
    }

    public function range(Goal $goal): Span
    {
        return $goal->isTimed() && ! $goal->isEasyMinutes() ? $goal->row()->amount : Goal::Isometric->row()->amount;
    }

    public function increment(): ?int
    {
        return null;
    }

    public function usual(Goal $goal): int
    {
        return 180;
    }

    public function most(Goal $goal): int
    {
        return 300;
    }

    public function word(): string
    {
        return 'seconds of hold';
    }

    public function leaves(Goal $goal, int $effort): string
    {
        return match (true) {
            $goal === Goal::Mobility => 'easy',
            $goal === Goal::Balance => 'wobbly but safe',
            $effort <= 4 => 'light and steady',
            default => 'steady, could go on for about half as long again',
        };
    }

    public function cappedBy(Goal $goal): ?Field
    {
        return $goal->isEffortfulHold() ? Field::HoldMaxS : null;
    }
}
