<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Kinds;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\KindRules;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Repetitions. */
final class Reps implements KindRules
{
    public function kind(): DoseKind
    {
        return DoseKind::Reps;
    }

    public function range(Goal $goal): Span
    {
        return $goal->isTimed() ? new Span(8, 12) : $goal->row()->amount;
    }

    public function increment(): ?int
    {
        return null;
    }

    public function usual(Goal $goal): int
    {
        return 30;
    }

    public function most(Goal $goal): int
    {
        return 60;
    }

    public function word(): string
    {
        return 'reps';
    }

    public function leaves(Goal $goal, int $effort): string
    {
        return EffortScale::says($effort);
    }

    public function cappedBy(Goal $goal): Field
    {
        return Field::RepsMax;
    }
}
