<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose\Kinds;

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\KindRules;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Trips there and back. */
final class Trips implements KindRules
{
    public function kind(): DoseKind
    {
        return DoseKind::Trips;
    }

    public function range(Goal $goal): Span
    {
        return new Span(2, 4);
    }

    /** One more there and back: of the two to four that are usual, five at once would be more than twice as far. */
    public function increment(): int
    {
        return 1;
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
        return 'trips';
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
