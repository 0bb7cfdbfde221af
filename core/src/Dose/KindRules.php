<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** What is counted: one class each in Kinds/, registered once in Kinds. */
interface KindRules
{
    public function kind(): DoseKind;

    /** How much of it a goal asks for. */
    public function range(Goal $goal): Span;

    /** How much more of it is a step where the load cannot grow; null where it is no lever. */
    public function increment(): ?int;

    /** Past this a set is asked about twice. House convention. */
    public function usual(Goal $goal): int;

    /** Past this a set is refused. House convention. */
    public function most(Goal $goal): int;

    /** What is counted, in an error: "reps". */
    public function word(): string;

    /** What so much effort leaves, in words that fit what is counted. */
    public function leaves(Goal $goal, int $effort): string;

    /** The field of the envelope that caps it; null when none does. */
    public function cappedBy(Goal $goal): ?Field;
}
