<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Day;

/**
 * Rules that need no named condition: defaults, function, pregnancy, birth. One class each in Always/, registered in
 * RuleBook.
 */
interface AlwaysRules
{
    /** The rule id that its limits carry. */
    public function code(): string;

    /** The name a clinician knows it by. */
    public function label(): string;

    /** When it began to hold for this client; null where it always has, or does not hold. */
    public function since(Facts $facts): ?Day;

    public function limits(Facts $facts): Rules;

    /** @return iterable<Crossing> */
    public function crossings(Facts $facts): iterable;
}
