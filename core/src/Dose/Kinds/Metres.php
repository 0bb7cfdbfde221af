<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Kinds;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\KindRules;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Metres of a walk or a carry. */
final class Metres implements KindRules
{
    public function kind(): DoseKind
    {
        return DoseKind::Metres;
    }

    public function range(Goal $goal): Span
    {
        return new Span(5, 10);
    }

    public function increment(): int
    {
        return 5;
    }

    public function usual(Goal $goal): int
    {
        return 100;
    }

    public function most(Goal $goal): int
    {
        return 300;
    }

    public function word(): string
    {
        return 'metres';
    }

    public function leaves(Goal $goal, int $effort): string
    {
        return $effort >= 5 ? 'somewhat hard, you could still talk' : 'light';
    }

    public function cappedBy(Goal $goal): ?Field
    {
        return null;
    }
}
