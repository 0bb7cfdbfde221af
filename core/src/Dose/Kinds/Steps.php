<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Kinds;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\KindRules;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Steps, of a walk or a march. */
final class Steps implements KindRules
{
    public function kind(): DoseKind
    {
        return DoseKind::Steps;
    }

    public function range(Goal $goal): Span
    {
        return new Span(10, 20);
    }

    public function increment(): int
    {
        return 5;
    }

    public function usual(Goal $goal): int
    {
        return 50;
    }

    public function most(Goal $goal): int
    {
        return 100;
    }

    public function word(): string
    {
        return 'steps';
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
