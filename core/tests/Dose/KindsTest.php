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

it('says in words what an effort leaves', function (DoseKind $kind, Goal $goal, int $effort, string $says): void {
    expect(Kinds::of($kind)->leaves($goal, $effort))->toBe($says);
})->with([
    [DoseKind::Trips, Goal::StrengthOlder, 4, 'light'],
    [DoseKind::Trips, Goal::StrengthOlder, 5, 'somewhat hard, you could still talk'],
    [DoseKind::Steps, Goal::StrengthOlder, 4, 'light'],
    [DoseKind::Steps, Goal::StrengthOlder, 5, 'somewhat hard, you could still talk'],
    [DoseKind::Metres, Goal::StrengthOlder, 4, 'light'],
    [DoseKind::Metres, Goal::StrengthOlder, 5, 'somewhat hard, you could still talk'],
    [DoseKind::Hold, Goal::Balance, 4, 'wobbly but safe'], [DoseKind::Hold, Goal::Mobility, 3, 'easy'],
    [DoseKind::Hold, Goal::Isometric, 4, 'light and steady'],
    [DoseKind::Hold, Goal::Isometric, 5, 'steady, could go on for about half as long again'],
    [DoseKind::Seconds, Goal::WarmUp, 4, 'easy'], [DoseKind::Seconds, Goal::StrengthOlder, 4, 'light and steady'],
    [DoseKind::Seconds, Goal::StrengthOlder, 5, 'steady, could go on for about half as long again'],
]);
