<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Vocabulary\DoseKind;

it('knows what each kind of dose may be', function (
    DoseKind $kind, Goal $goal, ?int $increment, int $usual, int $most,
): void {
    $rules = Kinds::of($kind);
    expect($rules->increment())->toBe($increment)
        ->and($rules->usual($goal))->toBe($usual)
        ->and($rules->most($goal))->toBe($most);
})->with([
    'reps' => [DoseKind::Reps, Goal::StrengthTrained, null, 30, 60],
    'seconds held' => [DoseKind::Hold, Goal::Isometric, null, 180, 300],
    'seconds of movement' => [DoseKind::Seconds, Goal::StrengthOlder, null, 600, 1800],
    'metres' => [DoseKind::Metres, Goal::StrengthOlder, 5, 100, 300],
    'seconds of a warm-up' => [DoseKind::Seconds, Goal::WarmUp, null, 1800, 1800],
    'steps' => [DoseKind::Steps, Goal::StrengthTrained, 5, 50, 100],
    'trips' => [DoseKind::Trips, Goal::StrengthTrained, 5, 30, 60],
]);
