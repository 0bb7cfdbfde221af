<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Reason;

/** @param  list<array{Field, int|string}>  $limits */
function envelopeWith(array $limits): Envelope
{
    return new Envelope(
        array_map(static fn (array $l): Limit => new Limit($l[0], $l[1], 'order', 'As ordered.', 'an order'), $limits),
    );
}

/** @param  list<int>  $ladder grams */
function dosedWith(
    Goal $goal,
    array $limits = [],
    array $ladder = [4000, 5000, 5500, 6000],
    ?OneRepMax $max = null,
    string $path = 'tote_row/hand_chair',
): Dosing {
    [$family, $rung] = explode('/', $path);
    $found = Catalogue::standard()->family($family)->rung($rung);

    return Made::prescriber(envelopeWith($limits), $found, $goal, $max)->prescribe(
        $found,
        2,
        new Ladder(
            Holding::OneHand, array_map(static fn (int $g): Makeable => new Makeable($g, null, ['p' => 1]), $ladder),
        ),
    );
}

/** @return list<string> */
function rulesOf(Dosing $dosing): array
{
    return array_map(static fn (Reason $r): string => $r->rule, $dosing->because);
}
