<?php

declare(strict_types=1);

use BuoyantStep\Core\Fit\Hands;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\HandWeight;

it('lets hands within their limit carry some of the body, and those that carry none still none', function (
    HandWeight $weight, HandWeight $within,
): void {
    expect((new Hands(GripClass::None, $weight))->withinLimit()->weight)->toBe($within)
        ->and((new Hands(GripClass::None, $weight, true))->withinLimit()->trainsGrip)->toBeTrue();
})->with([
    [HandWeight::None, HandWeight::None], [HandWeight::Some, HandWeight::Some], [HandWeight::Full, HandWeight::Some],
]);
